/** A count with its noun: "1 sliver", "2 slivers"; `many` where an s does not make the plural. */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}
