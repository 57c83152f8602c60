/** What a copied post still says as its source does: each must be changed, or accepted as it is. */
import { fold } from "../text/fold";
import type { Draft, DraftMeta, PictureBlock } from "./draft";

export interface Leftover {
  /** The same for as long as it says the same: what is accepted stays so though it moves. */
  key: string;
  /** What it is, as the interface names it. */
  name: string;
  /** What it says. */
  says: string;
  /** Field to change, or place among the blocks. */
  place: { field: keyof DraftMeta } | { block: number; alt: boolean };
}

const FIELDS: readonly (readonly [keyof DraftMeta & string, string])[] = [
  ["title", "Title"],
  ["metaTitle", "Meta title"],
  ["description", "Meta description"],
  ["slug", "Slug"],
  ["date", "Date"],
  ["socialPicture", "Social picture"],
];
/** Shorter paragraphs are alike by chance: calls to action, captions of a series. */
const LEAST_WORDS = 8;

const pictures = ({ blocks }: Draft) =>
  blocks.flatMap((block, at) => (block.kind === "picture" ? [{ block, at }] : []));
const said = (text: string): string => fold(text).replace(/\s+/g, " ").trim();

/**
 * @param accepted keys of leftovers that a person lets stand
 * @returns in the order in which a post is read: fields, then pictures and paragraphs
 */
export function leftoversOf(draft: Draft, source: Draft, accepted: readonly string[]): Leftover[] {
  const leftovers: Leftover[] = [];
  for (const [field, name] of FIELDS) {
    const value = String(draft.meta[field]).trim();
    if (value && value === String(source.meta[field]).trim())
      leftovers.push({
        key: `${field} ${value}`,
        name,
        // The address of a picture tells nobody anything.
        says: field === "socialPicture" ? "the one that its source is shared with" : value,
        place: { field },
      });
  }
  const sourcePictures = new Set(pictures(source).map(({ block }) => block.src));
  const sourceAlts = new Set(pictures(source).flatMap(({ block }) => (block.alt ? [said(block.alt)] : [])));
  const paragraphs = new Set(source.blocks.filter(isLong).map(({ text }) => said(text)));
  const lead = pictures(draft)[0]?.at;
  for (const [at, block] of draft.blocks.entries()) {
    if (block.kind === "picture") {
      if (sourcePictures.has(block.src))
        leftovers.push({
          key: `picture ${block.src}`,
          name: at === lead ? "Lead picture" : "Picture",
          says: named(block),
          place: { block: at, alt: false },
        });
      else if (block.alt && sourceAlts.has(said(block.alt)))
        leftovers.push({
          key: `alt ${said(block.alt)}`,
          name: "Alt text",
          says: block.alt,
          place: { block: at, alt: true },
        });
    } else if (isLong(block) && paragraphs.has(said(block.text)))
      leftovers.push({
        key: `text ${said(block.text)}`,
        name: "Paragraph",
        says: block.text,
        place: { block: at, alt: false },
      });
  }
  return leftovers.filter(({ key }) => !accepted.includes(key));
}

const isLong = ({ kind, text }: Draft["blocks"][number]): boolean =>
  kind !== "heading" && kind !== "picture" && kind !== "code" && text.split(/\s+/).length >= LEAST_WORDS;
const named = ({ alt, fileName, src }: PictureBlock): string => alt || fileName || src;
