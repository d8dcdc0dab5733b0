/** Hands text, bytes or a file's content to the browser as a file. */
export function download(name: string, content: string | Uint8Array<ArrayBuffer> | Blob, type: string): void {
  const url = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}
