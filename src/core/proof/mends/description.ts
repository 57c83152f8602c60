import { textWidth } from "../../snippet/width";
import { sentences } from "../../text/sentences";
import { rangeShare } from "../profile";
import type { DraftReading } from "../reading";
import type { Mend, Suggestion } from "./mend";
import { cutAtWord } from "./metaTitle";

/** Sentences are taken from the beginning of the text: what a page is about is said early. */
const MOST_SENTENCES = 60;
/** Sentences in a row that make one description. */
const MOST_TOGETHER = 3;
const MOST_CHOICES = 6;

/** A description from the draft's own sentences, or the one there is cut to fit. */
export const description: Mend = {
  id: "description",
  check: "description-width",
  also: ["keyword-in-description"],
  name: "Write the meta description from the text",
  safe: false,
  suggest(reading) {
    const now = reading.description?.text ?? "";
    return candidates(reading).map(
      (made): Suggestion => ({
        lines: [{ before: now, after: made }],
        change: { meta: { description: made } },
      }),
    );
  },
};

function candidates(reading: DraftReading): string[] {
  const { description: known, draft, pack, profile } = reading;
  const { size, range } = profile.checks["description-width"];
  const room = range[2] ?? Number.POSITIVE_INFINITY;
  const made: string[] = [];
  if (known && textWidth(known.text, size) > room) {
    const parts = sentences(known.text, pack);
    for (let n = parts.length - 1; n > 0; n--) made.push(known.text.slice(0, parts[n - 1]!.end));
    made.push(cutAtWord(known.text, size, room, pack.smallWords));
  }
  let taken = 0;
  for (const block of reading.prose) {
    const { text, kind } = draft.blocks[block]!;
    if (kind === "cell") continue;
    const parts = sentences(text, pack);
    for (let i = 0; i < parts.length && taken < MOST_SENTENCES; i++, taken++)
      for (let n = 0; n < MOST_TOGETHER && i + n < parts.length; n++)
        made.push(text.slice(parts[i]!.start, parts[i + n]!.end));
    if (taken >= MOST_SENTENCES) break;
  }
  const worth = (text: string): number => {
    const share = rangeShare(textWidth(text, size), range);
    const said = Math.max(0, ...reading.findIn(reading.analyse(text), true).map(({ value }) => value));
    return (
      share * profile.checks["description-width"].weight +
      said * profile.checks["keyword-in-description"].weight
    );
  };
  return [...new Set(made.map((text) => text.replace(/\s+/g, " ").trim()))]
    .filter((text) => text && text !== known?.text && textWidth(text, size) <= room)
    .map((text, at) => ({ text, at, worth: worth(text) }))
    .sort((a, b) => b.worth - a.worth || a.at - b.at)
    .slice(0, MOST_CHOICES)
    .map(({ text }) => text);
}
