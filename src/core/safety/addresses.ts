/**
 * Which addresses may come into a document and go out with it, one list for every way in: paste, import, source, workspace file, fields.
 * Whatever is not on it is taken out; a scheme that nobody has heard of opens a program that nobody knows.
 */

export type AddressUse = "link" | "picture" | "embed" | "file";

/** Schemes that may pass (RFC 3986, section 3.1). Addresses without one are of the page's own site, and may. */
export const SCHEMES: Readonly<Record<AddressUse, readonly string[]>> = {
  link: ["http", "https", "mailto", "tel"],
  // Pictures of the workspace are named by "asset:".
  picture: ["http", "https", "asset"],
  embed: ["https"],
  file: ["http", "https", "asset"],
};

/** Pictures that a browser draws and never runs; an SVG can hold a script. */
const PICTURE_DATA = /^data:image\/(?:png|jpeg|gif|webp|avif)[;,]/i;
const SCHEME = /^([a-z][a-z0-9+.-]*):/i;

/** What browsers drop inside addresses (URL Standard, section 4.4), and what cannot be seen in them; and so do attacks. */
// biome-ignore lint/suspicious/noControlCharactersInRegex: it is what is looked for
const UNSEEN = /[\u0000-\u0020\u007f-\u009f\u00ad\u200b-\u200f\u2028\u2029\ufeff]/g;
const bare = (address: string): string => address.replace(UNSEEN, "");

/** Whether an address may pass. An empty one may: it leads nowhere. */
export function mayPass(address: unknown, use: AddressUse): boolean {
  if (address === null || address === undefined || address === "") return true;
  if (typeof address !== "string") return false;
  const seen = bare(address);
  if (!seen) return true;
  if (use === "picture" && PICTURE_DATA.test(seen)) return true;
  const scheme = SCHEME.exec(seen)?.[1]?.toLowerCase();
  if (use === "embed") return scheme === "https" && /^https:\/\/[^/]/i.test(seen);
  return scheme === undefined || SCHEMES[use].includes(scheme);
}
