/** Parts of addresses. */
import { slug as githubSlug } from "github-slugger";

/** Bytes of a name that every file system takes, with room for an ending. */
const MOST_BYTES = 200;

/** A name as a part of an address: small letters, numbers and hyphens, of any script. */
export const plainSlug = (name: string): string =>
  cut(
    githubSlug(name.normalize("NFC").toWellFormed())
      .replace(/-{2,}/g, "-")
      .replace(/^-+|-+$/g, ""),
  );

/** Letters, numbers and the signs that an address leaves as they are (RFC 3986, 2.3), of any script; no dot before or behind. */
const WELL_FORMED = /^[\p{L}\p{M}\p{N}_~-](?:[\p{L}\p{M}\p{N}._~-]*[\p{L}\p{M}\p{N}_~-])?$/u;

/** Can it stand in an address as it is? A slash, a dot alone or a blank cannot. */
export const isSlug = (text: string): boolean => WELL_FORMED.test(text) && cut(text) === text;

/** @returns the name, or the name with a number behind it, that is not among those taken */
export function uniqueName(name: string, taken: ReadonlySet<string>): string {
  if (!taken.has(name)) return name;
  let number = 2;
  while (taken.has(`${name}-${number}`)) number++;
  return `${name}-${number}`;
}

function cut(text: string): string {
  const encoder = new TextEncoder();
  if (encoder.encode(text).length <= MOST_BYTES) return text;
  let out = "";
  let bytes = 0;
  for (const character of text) {
    bytes += encoder.encode(character).length;
    if (bytes > MOST_BYTES) break;
    out += character;
  }
  return out.replace(/-+$/, "");
}
