import { rangeShare } from "../../shares";
import { descriptionFlaws } from "../../snippet/wholeness";
import { textWidth } from "../../snippet/width";
import { sentences } from "../../text/sentences";
import { descriptionThresholds } from "../checks/descriptionWidth";
import type { DraftReading } from "../reading/reading";
import { thresholdsIn } from "../thresholds";
import { type FixRule, OF_ONE_SECTION, type Suggestion, WITHOUT_KEYWORD } from "./fixRule";

/** Sentences are taken from the beginning of the text: what a page is about is said early. */
const MOST_SENTENCES = 60;
/** Sentences in a row that make one description. */
const MOST_TOGETHER = 3;
const MOST_CHOICES = 6;

/** A description of whole sentences: the draft's own, or those of the one there is that fit. */
export const description: FixRule = {
  id: "description",
  check: "description-width",
  also: ["keyword-in-description"],
  name: "Write the meta description from the text",
  safe: false,
  suggest(reading) {
    const now = reading.description?.text ?? "";
    const { size, range } = thresholdsIn(reading.profile, "description-width", descriptionThresholds);
    return candidates(reading).map(
      ({ text, source, caution }): Suggestion => ({
        lines: [{ before: now, after: text }],
        change: { meta: { description: text } },
        source,
        width: { pixels: textWidth(text, size), most: range[2] ?? Number.POSITIVE_INFINITY },
        ...(caution && { caution }),
      }),
    );
  },
};

interface Candidate {
  text: string;
  source: string;
  caution?: string | undefined;
}

function candidates(reading: DraftReading): Candidate[] {
  const { description: current, draft, pack, profile } = reading;
  const { size, range } = thresholdsIn(profile, "description-width", descriptionThresholds);
  const room = range[2] ?? Number.POSITIVE_INFINITY;
  const proposals: Candidate[] = [];
  if (current && textWidth(current.text, size) > room) {
    const parts = sentences(current.text, pack);
    for (let n = parts.length - 1; n > 0; n--)
      proposals.push({
        text: current.text.slice(0, parts[n - 1]!.end),
        source: n === 1 ? "its first sentence" : `its first ${n} sentences`,
      });
  }
  let taken = 0;
  let section = "";
  let at = 0;
  for (const { block, of } of reading.prose.flat()) {
    for (; at < block; at++) {
      const passed = draft.blocks[at]!;
      if (passed.kind === "heading" && passed.level > 1) section = passed.text;
    }
    const { text, kind } = of;
    if (kind !== "paragraph") continue;
    const from = section
      ? { source: `the text under “${section}”`, caution: OF_ONE_SECTION }
      : { source: "the opening" };
    const parts = sentences(text, pack);
    for (let i = 0; i < parts.length && taken < MOST_SENTENCES; i++, taken++)
      for (let n = 0; n < MOST_TOGETHER && i + n < parts.length; n++)
        proposals.push({ text: text.slice(parts[i]!.start, parts[i + n]!.end), ...from });
    if (taken >= MOST_SENTENCES) break;
  }
  const weights = profile.checks;
  const seen = new Set([current?.text]);
  return proposals
    .map((one) => ({ ...one, text: one.text.replace(/\s+/g, " ").trim() }))
    .filter(({ text }) => {
      if (!text || seen.has(text)) return false;
      seen.add(text);
      return textWidth(text, size) <= room && !descriptionFlaws(text, pack).length;
    })
    .map((one, place) => {
      const share = rangeShare(textWidth(one.text, size), range);
      const said = Math.max(0, ...reading.findIn(reading.analyse(one.text), true).map(({ value }) => value));
      const worth =
        share * weights["description-width"]!.weight + said * weights["keyword-in-description"]!.weight;
      const caution = reading.keyword && !said ? WITHOUT_KEYWORD : one.caution;
      return { ...one, at: place, caution, worth };
    })
    .sort(
      (a, b) => Number(Boolean(a.caution)) - Number(Boolean(b.caution)) || b.worth - a.worth || a.at - b.at,
    )
    .slice(0, MOST_CHOICES);
}
