/** What the checks that look for the keyword in one field have in common. */
import { bestOccurrence, type Occurrence } from "../text/match";
import { type Judgement, judged, waiting, waitingForKeyword } from "./check";
import { formWords, inField, quoted } from "./evidence";
import type { FieldReading, Grounds } from "./reading/reading";

/**
 * Judges a field by the best form in which the keyword stands in it.
 *
 * @param where the field in words, as "the description"
 * @param whole whether scattered words count
 * @param adjust changes the share for where the occurrence stands, and says so
 */
export function keywordInField(
  reading: Grounds,
  field: FieldReading | null,
  where: string,
  whole: boolean,
  adjust: (occurrence: Occurrence, field: FieldReading) => { share: number; note: string } = (o) => ({
    share: o.value,
    note: "",
  }),
): Judgement {
  if (!reading.keyword) return waitingForKeyword();
  if (!field) return waiting(`There is no ${where} yet.`);
  const occurrences = reading.findIn(field.analysed, whole);
  if (!occurrences.length) return judged(0, `The ${where} does not say ${quoted(reading.keyword.text)}.`);
  let best = { occurrence: occurrences[0]!, share: -1, note: "" };
  for (const occurrence of occurrences) {
    const adjusted = adjust(occurrence, field);
    if (adjusted.share > best.share) best = { occurrence, ...adjusted };
  }
  const { occurrence, share, note } = best;
  return judged(
    share,
    `The ${where} has it ${formWords(occurrence)}${note}.`,
    [inField(field, occurrence.start, occurrence.end, occurrence.form)],
    {
      formula: `${occurrence.value}${note ? ` · ${(share / occurrence.value).toFixed(2)}` : ""} = ${share.toFixed(3)}`,
    },
  );
}

export { bestOccurrence };
