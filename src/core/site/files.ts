/** Where pages lie as files. */

/** @returns the file of a page: the index of a folder of its name, which every server finds at the page's path */
export function fileOfPath(path: string): string {
  const parts = path.split("/").filter(Boolean);
  if (/\.html?$/i.test(parts.at(-1) ?? "")) return parts.join("/");
  return [...parts, "index.html"].join("/");
}

/** Names that may be written below a folder: none is empty, leads up, or means something else to a file system. */
export const isSafeFile = (file: string): boolean =>
  file.split("/").every((name) => name !== "" && name !== "." && name !== ".." && !/[\\:\0]/.test(name));
