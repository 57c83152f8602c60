/** Addresses of pictures and files that the blog has: by their content, with the name that they came with. */
import { plainSlug } from "../../../core/site/slugs";

export interface MediaName {
  /** Of the file that the store has. */
  file: string;
  /** That it came with. */
  fileName: string;
}

const ADDRESS = /\/media\/([0-9a-f]{64})\/([^/?#]+)\.([a-z0-9]{2,4})$/;

export function mediaPath(file: string, fileName: string): string {
  const [hash, ending] = file.split(".");
  const stem = plainSlug(fileName.replace(/\.[^.]*$/, "")) || "file";
  return `/media/${hash}/${encodeURIComponent(stem)}.${ending}`;
}

/** The file of an address, whatever port the blog had when it gave it out; null for any other. */
export function mediaOf(address: string): MediaName | null {
  const match = ADDRESS.exec(address);
  if (!match) return null;
  const [, hash, stem, ending] = match;
  try {
    return { file: `${hash}.${ending}`, fileName: `${decodeURIComponent(stem!)}.${ending}` };
  } catch {
    return null;
  }
}
