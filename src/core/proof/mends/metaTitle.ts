import { cutToWidth, textWidth } from "../../snippet/width";
import type { DraftReading } from "../reading";
import type { Mend, Suggestion } from "./mend";

const PARTED = /\s+[-–—|·]\s+|:\s+|\s*\((?=[^)]*\)$)|\?\s+/u;
const LEAST_WORDS = 3;

/** A meta title that fits: the title cut where it is parted, or at a word's end, or with the keyword in front. */
export const metaTitle: Mend = {
  id: "meta-title",
  check: "title-width",
  also: ["keyword-in-title", "title-distinct"],
  name: "Make the meta title fit",
  safe: false,
  suggest(reading) {
    const { searchTitle, draft } = reading;
    if (!searchTitle) return [];
    const now = searchTitle.text;
    return candidates(reading).map(
      (metaTitle): Suggestion => ({
        lines: [{ before: draft.meta.metaTitle ? now : `${now} (the title)`, after: metaTitle }],
        change: { meta: { metaTitle } },
      }),
    );
  },
};

function candidates({ searchTitle, draft: { meta }, keyword, profile, pack }: DraftReading): string[] {
  const { size, range } = profile.checks["title-width"];
  const room = (range[2] ?? Number.POSITIVE_INFINITY) - textWidth(meta.titleSuffix, size);
  const texts = [searchTitle!.text, meta.title].filter(Boolean);
  const said = keyword ? keyword.text.replace(/^\p{Ll}/u, (letter) => letter.toUpperCase()) : "";
  const parts = texts.flatMap((text) => [text, ...text.split(PARTED)]);
  const made = [
    ...parts,
    ...(said
      ? [...parts.map((part) => `${said}: ${part}`), ...meta.supporting.map((other) => `${said}: ${other}`)]
      : []),
  ];
  const fitting = made.map((text) => cutAtWord(text.trim(), size, room, pack.smallWords));
  return [...new Set(fitting)].filter(
    (text) => text !== searchTitle!.text && text.split(/\s+/).length >= LEAST_WORDS && !repeats(text, said),
  );
}

/** "Cargo bike: Cargo bike care" says it twice. */
const repeats = (text: string, said: string): boolean =>
  said !== "" &&
  text.startsWith(`${said}: `) &&
  text
    .slice(said.length + 2)
    .toLowerCase()
    .includes(said.toLowerCase());

/** As much of a text as fits, to the end of a word that may end a line; no ellipsis. */
export function cutAtWord(text: string, size: number, room: number, smallWords: ReadonlySet<string>): string {
  const cut = cutToWidth(text, size, room);
  if (!cut.cut) return text;
  const words = cut.text.replace(/\s*…$/u, "").split(/\s+/);
  // "What it costs to" promises more than it says.
  while (words.length > 1 && smallWords.has(words.at(-1)!.toLowerCase())) words.pop();
  return words.join(" ").replace(/[\s,;:([–—-]+$/u, "");
}
