/** Hands a text or bytes to the browser as a file to keep. */
export function download(name: string, type: string, content: string | Uint8Array): void {
  const url = URL.createObjectURL(new Blob([content as BlobPart], { type }));
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** A name that any file system takes; what a job is called may hold anything. */
export function fileName(name: string): string {
  const plain = name.replace(/[^\p{L}\p{N}]+/gu, "-").replace(/^-|-$/g, "");
  return plain.slice(0, 80) || "job";
}
