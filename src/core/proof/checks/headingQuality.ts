import { Type } from "@sinclair/typebox";
import { foldPlain } from "../../text/fold";
import { defineCheck, judged, notApplicable } from "../check";
import { atFault, MOST_EVIDENCE, wholeHeadings } from "../evidence";
import { amount } from "../thresholds";

export const headingThresholds = Type.Object(
  {
    mostCharacters: amount(70, { name: "Longest heading", unit: "characters" }),
  },
  { additionalProperties: false },
);

export const headingQuality = defineCheck({
  id: "heading-quality",
  weight: 2,
  thresholds: headingThresholds,
  group: "structure",
  name: "Headings say something",
  effort: "minutes",
  place: "body",
  says: ({ mostCharacters }) =>
    `No heading of the body is empty, repeats an earlier one or runs over ${mostCharacters} characters.`,
  reads: ["headings"],
  judge(reading, { mostCharacters }) {
    const headings = reading.headings.filter((heading) => heading.block !== null);
    if (!headings.length) return notApplicable("The body has no headings.");
    const seen = new Set<string>();
    const faults = { empty: 0, repeated: 0, long: 0 };
    const memory = reading.memory<string>("plain");
    const poor = headings.filter(({ text }) => {
      const folded = memory.get(text, () => foldPlain(text));
      const fault = !text.trim()
        ? "empty"
        : folded && seen.has(folded)
          ? "repeated"
          : [...text].length > mostCharacters
            ? "long"
            : null;
      if (folded) seen.add(folded);
      if (fault) faults[fault]++;
      return fault !== null;
    });
    const said = [
      faults.empty && `${faults.empty} empty`,
      faults.repeated && `${faults.repeated} repeated`,
      faults.long && `${faults.long} over ${mostCharacters} characters`,
    ].filter(Boolean);
    const reason = poor.length
      ? `Of ${headings.length} headings: ${said.join(", ")}.`
      : "All headings are filled, different and short enough.";
    return judged(
      1 - poor.length / headings.length,
      reason,
      atFault(wholeHeadings(poor.slice(0, MOST_EVIDENCE)), 1 / headings.length),
    );
  },
});
