import { Type } from "@sinclair/typebox";
import { sumsIn, sumsOf } from "../../text/prose";
import { readingEase as easeOf, type ReadingSums } from "../../text/readability";
import { defineCheck, judged, notApplicable, waiting } from "../check";
import { figure, figuresApart } from "../evidence";
import type { Grounds, Stretch } from "../reading/reading";
import { amount, choice, interval, thresholdsIn } from "../thresholds";

const AUDIENCES = ["general", "expert", "easy"] as const;

const thresholds = Type.Object(
  {
    audience: choice(AUDIENCES, "general", "Readers"),
    /** Reading ease by audience; the share falls to 0 over `fallOff` points on either side. */
    bands: Type.Object(
      {
        general: interval([50, 80], { name: "Reading ease for general readers", unit: "points" }),
        expert: interval([30, 60], { name: "Reading ease for experts", unit: "points" }),
        easy: interval([60, 90], { name: "Reading ease for easy reading", unit: "points" }),
      },
      { additionalProperties: false },
    ),
    fallOff: amount(25, { name: "Nothing earned outside the band by", unit: "points", above: 0 }),
    fieldPages: amount(5, { name: "Competing pages that widen the band, at least", unit: "pages", least: 1 }),
  },
  { additionalProperties: false },
);

export const readingEase = defineCheck({
  id: "reading-ease",
  weight: 2,
  thresholds,
  group: "reading",
  name: "Reading ease",
  effort: "longer",
  place: "body",
  says: "The text is as easy to read as its readers expect, by the formula of Flesch (1948) or the language's own: shorter sentences and shorter words read easier. What the pages that rank read like is right too, where enough are kept.",
  reads: [],
  counts: { in: "prose", of: () => readingSums },
  judge(reading, { audience, fallOff }, counts) {
    const { pack } = reading;
    if (!pack.readability) return notApplicable("There is no formula for the language of this draft.");
    const sums = sumsOf(counts);
    const ease = easeOf(sums, pack);
    if (ease === null) return waiting("There is no text yet.");
    const { from, to, widened } = bandOf(reading);
    const off = ease < from ? from - ease : ease > to ? ease - to : 0;
    const readers = `${READERS[audience]}${widened ? " and competitors" : ""}`;
    const [shown, low, high] = figuresApart([ease, from, to]);
    const { source, constant, perWord, perSyllable } = pack.readability;
    const perSentence = sums.words / sums.sentences;
    const perWordSyllables = sums.syllables / sums.words;
    const said = `Reading ease ${shown} (${source}): ${perSentence.toFixed(1)} words a sentence, ${perWordSyllables.toFixed(2)} syllables a word`;
    const why =
      ease < from
        ? `hard for ${readers}, ${low} or more is better`
        : ease > to
          ? `plainer than ${readers} need, ${high} or less is usual`
          : `right for ${readers}`;
    return judged(1 - off / fallOff, `${said}: ${why}.`, [], {
      formula: `${constant} − ${perWord} · ${perSentence.toFixed(3)} − ${perSyllable} · ${perWordSyllables.toFixed(4)} = ${figure(ease, 2)}; band ${low} to ${high}${widened ? ", widened to the competitors' 10th to 90th percentile" : ""}, nothing ${fallOff} points outside it.`,
    });
  },
});

const readingSums = (stretch: Stretch): ReadingSums =>
  sumsOf(stretch.map((block) => sumsIn(block.reading.prose)));

/** The audience's band, and where enough pages are kept, that of the pages too: what ranks is read. */
function bandOf({ profile, context: { competitors } }: Grounds): {
  from: number;
  to: number;
  widened: boolean;
} {
  const { audience, bands, fieldPages } = thresholdsIn(profile, "reading-ease", thresholds);
  const [from, to] = bands[audience];
  if (!competitors?.ease || competitors.pages < fieldPages) return { from, to, widened: false };
  const [low, high] = competitors.ease;
  return { from: Math.min(from, low), to: Math.max(to, high), widened: low < from || high > to };
}

const READERS = { general: "general readers", expert: "experts", easy: "readers who want it easy" };
