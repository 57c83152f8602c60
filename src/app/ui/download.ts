import { letGo } from "./letGo";

/** Hands a file to the browser's downloads. */
export function download(blob: Blob, name: string): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  letGo(url);
}

/** Hands CSV over, with the mark by which spreadsheets know UTF-8. */
export function downloadCsv(csv: string, name: string): void {
  download(new Blob([`\uFEFF${csv}`], { type: "text/csv;charset=utf-8" }), `${fileNameOf(name)}.csv`);
}

/** A name that every file system takes. */
export const fileNameOf = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, "-")
    .replace(/^-|-$/g, "")
    .slice(0, 80);
