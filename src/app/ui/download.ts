/** Hands a file to the browser's downloads. */
export function download(blob: Blob, name: string): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  // The download has its own hold on the data once it has begun.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
