import { Type } from "@sinclair/typebox";
import type { PictureBlock } from "../../draft/draft";
import { fold } from "../../text/fold";
import { defineCheck, judged, notApplicable, waiting } from "../check";
import { atFault, MOST_EVIDENCE, ofAlt, times } from "../evidence";
import { isFileName } from "../fileNames";
import type { Grounds } from "../reading/reading";
import { amount, thresholdsIn } from "../thresholds";

export const altTextThresholds = Type.Object(
  {
    leastCharacters: amount(4, { name: "Shortest alt text", unit: "characters" }),
    mostCharacters: amount(125, { name: "Longest alt text", unit: "characters" }),
    mostUses: amount(1, { name: "Keyword in it, at most", unit: "times" }),
  },
  { additionalProperties: false },
);

export const altText = defineCheck({
  id: "alt-text",
  weight: 5,
  thresholds: altTextThresholds,
  group: "pictures",
  name: "Alt text",
  effort: "minutes",
  place: "pictures",
  says: ({ leastCharacters, mostCharacters, mostUses }) =>
    `Every picture that is not decoration has an alt text that describes it: ${leastCharacters} to ${mostCharacters} characters, no file name, no “image of”, the keyword at most ${times(mostUses)} (WCAG 2.2, success criterion 1.1.1).`,
  reads: ["pictures"],
  judge(reading) {
    if (!reading.pictures.length) return waiting("There is no picture yet.");
    const meant = reading.pictures.filter(({ picture }) => !picture.decorative);
    if (!meant.length) return notApplicable("All pictures are marked as decoration.");
    const faults = new Map<string, number>();
    const poor = meant.filter(({ picture }) => {
      const fault = altFault(reading, picture);
      if (fault) faults.set(fault, (faults.get(fault) ?? 0) + 1);
      return fault !== null;
    });
    const said = [...faults].map(([fault, n]) => `${n} ${fault}`).join(", ");
    return judged(
      1 - poor.length / meant.length,
      poor.length ? `Of ${meant.length}: ${said}.` : `All ${meant.length} have good alt text.`,
      atFault(poor.slice(0, MOST_EVIDENCE).map(ofAlt), 1 / meant.length),
      {
        formula: `1 − ${poor.length} / ${meant.length} = ${(1 - poor.length / meant.length).toFixed(3)}`,
        excess: (faults.get(REPEATS) ?? 0) / meant.length,
      },
    );
  },
});

const REPEATS = "that repeats the keyword";

/** What is wrong with a picture's alt text, in words that follow a number; null where nothing is. */
export function altFault(reading: Grounds, picture: PictureBlock): string | null {
  const { leastCharacters, mostCharacters, mostUses } = thresholdsIn(
    reading.profile,
    "alt-text",
    altTextThresholds,
  );
  const alt = picture.alt?.trim() ?? "";
  const characters = [...alt].length;
  if (!alt) return "without alt text";
  if (isFileName(alt, picture.fileName)) return "with a file name for alt text";
  if (characters < leastCharacters) return "too short";
  if (characters > mostCharacters) return `over ${mostCharacters} characters`;
  if (reading.pack.altOpening.test(fold(alt))) return "that only says it is a picture of something";
  if (reading.findIn(reading.analyse(alt), false).length > mostUses) return REPEATS;
  return null;
}
