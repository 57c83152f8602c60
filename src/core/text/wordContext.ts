/**
 * Whether an English word is used as a verb, by what stands around it: a logistic model (Berkson 1944) over the words and endings beside it.
 * Its weights were learnt from sentences on whose parts of speech two taggers agree (scripts/buildWordContext.ts).
 */
import { perObject, perText } from "../once";
import type { AnalysedText, Token } from "./analyse";
import type { Usage } from "./packs/usage";

/** Words that are nearly always verbs, or mostly nouns. */
type Lists = Pick<Usage, "verbs" | "nouns" | "pasts" | "finite">;

/** Words on either side that are looked at. */
const REACH = 3;
const BREAK = /[^\s\u00AD'’"“”-]/;

/**
 * How likely a word is a verb where it stands.
 *
 * @param at number of its token
 * @returns 0 to 1; 0.5 tells nothing
 */
export function verbLikelihood(text: AnalysedText, at: number, usage: Usage): number {
  let sum = 0;
  for (const feature of contextFeatures(text, at, usage)) sum += usage.context?.get(feature) ?? 0;
  return 1 / (1 + Math.exp(-sum));
}

/** Has a text a verb that says something of somebody? True where the language has no weights, since nothing tells there. */
export const saysSomething = (text: AnalysedText, usage: Usage): boolean =>
  usage.context === undefined ||
  text.tokens.some(
    ({ folded }, at) => usage.finite.has(folded) || verbLikelihood(text, at, usage) >= PERHAPS,
  );
const PERHAPS = 0.5;

/** @returns what is seen around a word, as names of features */
export function contextFeatures(text: AnalysedText, at: number, lists: Lists): string[] {
  const { tokens } = text;
  const beside = (distance: number): string => {
    const step = Math.sign(distance);
    for (let i = at; i !== at + distance; i += step) {
      const [left, right] = step > 0 ? [tokens[i], tokens[i + 1]] : [tokens[i - 1], tokens[i]];
      if (!left || !right || left.sentence !== right.sentence) return "|";
      if (BREAK.test(text.text.slice(left.end, right.start))) return i + step === at + distance ? "," : "|";
    }
    return classOf(tokens[at + distance]!, lists);
  };
  const own = ownClass(tokens[at]!.folded, lists);
  const before = Array.from({ length: REACH }, (_, i) => beside(-i - 1));
  const after = Array.from({ length: REACH }, (_, i) => beside(i + 1));
  const [b1, b2, b3] = before;
  const [a1, a2, a3] = after;
  const ending = endingOf(tokens[at]!.folded);
  return [
    "bias",
    `own ${own}`,
    `-1 ${b1}`,
    `-2 ${b2}`,
    `-3 ${b3}`,
    `+1 ${a1}`,
    `+2 ${a2}`,
    `+3 ${a3}`,
    `-1${ending} ${b1}`,
    `+1${ending} ${a1}`,
    `-2-1 ${b2} ${b1}`,
    `+1+2 ${a1} ${a2}`,
    `-1+1${ending} ${b1} ${a1}`,
    `verb ${ending} ${hasVerb(tokens, at, lists)}`,
  ];
}

const endingOf = (folded: string): string => /(?:ing|ed|(?<!s)s)$/.exec(folded)?.[0] ?? "";

/** Words repeat endlessly: what kind each is, is worked out once. */
const MOST_REMEMBERED = 20_000;
const ownClasses = perObject((lists: Lists) => perText((folded) => kindOf(folded, lists), MOST_REMEMBERED));
const classes = perObject((lists: Lists) =>
  perText((folded) => classOfContent(folded, lists), MOST_REMEMBERED),
);

const ownClass = (folded: string, lists: Lists): string => ownClasses(lists)(folded);

function kindOf(folded: string, { verbs, nouns, pasts }: Lists): string {
  if (pasts.has(folded)) return "past";
  const ending = endingOf(folded);
  const bases = [folded, folded.replace(/(?:es|s|ed|ing|d)$/, ""), folded.replace(/(?:ed|ing)$/, "e")];
  const kind = bases.some((base) => verbs.has(base))
    ? "v"
    : bases.some((base) => nouns.has(base))
      ? "n"
      : "?";
  return `${kind}${ending}`;
}

/** A small word stands for itself, every other for its kind. */
const classOf = ({ folded, small }: Token, lists: Lists): string => (small ? folded : classes(lists)(folded));

function classOfContent(folded: string, lists: Lists): string {
  if (/^\p{N}/u.test(folded)) return "#";
  if (/.{2}ly$/.test(folded)) return "ly";
  return ownClass(folded, lists);
}

/** How far from a word the verb of its sentence is looked for: a sentence may be as long as a text. */
const FURTHEST = 60;

/** Is there another word in the sentence that can only be its verb? */
function hasVerb(tokens: readonly Token[], at: number, { verbs, finite }: Lists): string {
  const { sentence } = tokens[at]!;
  let side = "";
  for (const step of [-1, 1])
    for (let i = at + step; tokens[i]?.sentence === sentence && Math.abs(i - at) <= FURTHEST; i += step)
      if (finite.has(tokens[i]!.folded) || verbs.has(tokens[i]!.folded)) {
        side += step < 0 ? "<" : ">";
        break;
      }
  return side;
}
