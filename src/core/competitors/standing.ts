import type { AnalysedText } from "../text/analyse";
import type { LanguagePack } from "../text/packs/pack";

/**
 * How a heading stands where nothing is before it: by itself; by what it says, though it asks, counts, or speaks of a person or thing
 * named elsewhere ("What it costs"); or not at all, since it says when and not of what ("After the ride").
 */
export type Standing = "alone" | "pointing" | "leaning";

/** A label before what a heading says: "Step 4: oil the chain". */
const NUMBERED = /^[^:]*\d[^:]*:/;

export function standingOf({ tokens, text }: AnalysedText, { leans, usage }: LanguagePack): Standing {
  const first = tokens[0]?.folded ?? "";
  const written = tokens[0] ? text.slice(tokens[0].start, tokens[0].end) : "";
  if (leans(written) && !usage?.persons.has(first) && !usage?.determiners.has(first)) return "leaning";
  if (usage?.timing.has(first)) return "leaning";
  if (NUMBERED.test(text) || text.trimEnd().endsWith("?")) return "pointing";
  return tokens.some(({ folded }) => usage?.persons.has(folded)) ? "pointing" : "alone";
}
