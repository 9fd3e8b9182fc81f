/** Something that went wrong, with what was wrong. */
export function Problem({ title, list = [] }: { title: string; list?: string[] }) {
  return (
    <div role="alert" className="mb-4 border-l-4 border-error bg-base-100 p-3">
      <p className="name font-semibold">{title}</p>
      <ul className="mt-1 list-disc pl-5 text-sm">
        {list.map((problem) => (
          <li key={problem}>{problem}</li>
        ))}
      </ul>
    </div>
  );
}
