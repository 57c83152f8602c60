/** Whether what would be a keyword's words written as one is a verb: "he stonewalled them", "das Wasser filtert". */
import type { AnalysedText, Token } from "../analyse";
import type { Carrier } from "../keyword";
import type { Usage } from "../packs/usage";
import { isLikelyVerb, isVerbal, usedAs } from "../usage";
import { isCapital, REACH } from "./nouns";
import { governorOf } from "./object";
import type { Sight } from "./sight";

export const isVerbFor = ({ folded }: Token, carrier: Carrier, usage: Usage): boolean =>
  carrier.role === "head" && isVerbal(folded, usage) && !isVerbal(carrier.folded, usage);

/**
 * "He stonewalled them", "bread makes me sleepy": what would be a keyword's word written as one is a verb.
 *
 * @param isJoined it is written in two words in the keyword
 */
export function isVerbAsOne(
  text: AnalysedText,
  { from, to }: Pick<Sight, "from" | "to">,
  carrier: Carrier,
  isJoined: boolean,
  usage: Usage,
): boolean {
  if (isOneDoing(text, from, to, carrier, usage)) return true;
  // "Das Wasser filtert": the second part of a compound has a capital where the first has one.
  const [first, last] = [text.tokens[from]!, text.tokens[to]!];
  const inTwo = to === from + 1 && text.text.slice(first.end, last.start) === " ";
  const isDeed =
    // "Een cursus schilderen"
    usage.lessons.has(first.folded) ||
    // "Einen Wagen mieten"
    usage.eitherWay.has(last.folded) ||
    (usage.deed?.test(carrier.folded) === true && governorOf(text.tokens, from, usage) === undefined);
  if (usage.capitals && inTwo && !isDeed && isCapital(text, from) && !isCapital(text, to)) return true;
  // "De honden voerden een gevecht" has no dog food.
  if (usage.compounds && !usage.capitals && inTwo && !isDeed && !endsAlike(last.folded, carrier.folded))
    return true;
  return (
    isVerbFor(last, carrier, usage) ||
    // "Bread makes up half of it" has no bread maker.
    (isJoined && from !== to && usage.doer?.test(carrier.folded) === true && !usage.doer.test(last.folded)) ||
    (isJoined && from !== to && (isLikelyVerb(text, to, usage) || doesIt(text, to, [carrier], usage)))
  );
}

/** Is the end of a compound a form of the same noun, by its endings alone: "planten" of "kamerplant", "panelen" of "zonnepaneel"? */
function endsAlike(part: string, compound: string): boolean {
  const bare = (folded: string) =>
    folded
      .replace(/(?:en|er|es|[ens])$/, "")
      .replace(/v$/, "f")
      .replace(/z$/, "s")
      .replace(/(.)\1/g, "$1");
  return bare(compound).endsWith(bare(part));
}

/** "Every vote counts": behind what stands before one thing, a plural is a verb. "How a baby sleeps" tells of its sleep. */
export function isOneDoing(
  { tokens, text }: AnalysedText,
  from: number,
  to: number,
  carrier: Carrier,
  { singling, manner }: Usage,
): boolean {
  const [one, how] = [tokens[from - 1], tokens[from - 2]];
  return (
    to > from &&
    one?.sentence === tokens[from]!.sentence &&
    singling.has(one.folded) &&
    !manner.has(how?.folded ?? "") &&
    // "A logo: makers compared"
    !/[:,;]/.test(text.slice(tokens[from]!.end, tokens[to]!.start)) &&
    /[^s]s$/.test(tokens[to]!.folded) &&
    !carrier.folded.endsWith("s")
  );
}

export const isPluralOf = (folded: string, one: string): boolean =>
  folded === `${one}s` || folded === `${one}es`;

/**
 * "Cold calls that work", "house plants every beginner should try": one thing without an article does nothing, so that the plural behind it is what the
 * two name. "The phone charges the battery" has one.
 */
export function areSeveral(
  text: AnalysedText,
  at: number,
  [first, last, ...more]: readonly Carrier[],
  usage: Usage,
): boolean {
  const { tokens } = text;
  const { determiners, relatives, being, auxiliaries } = usage;
  const [thing, several, after] = [tokens[at - 1], tokens[at]!, tokens[at + 1]];
  if (more.length || !last || first!.role !== "modifier" || thing?.folded !== first!.folded) return false;
  if (!isPluralOf(several.folded, last.folded) || after?.sentence !== several.sentence) return false;
  let opens = at - 1;
  while (at - opens < REACH && tokens[opens - 1]?.sentence === several.sentence && !tokens[opens - 1]!.small)
    opens--;
  const before = tokens[opens - 1];
  const isOneThing = before?.sentence === several.sentence && determiners.has(before.folded);
  return (
    !isOneThing &&
    ([determiners, relatives, being, auxiliaries].some((words) => words.has(after.folded)) ||
      // "Ski lifts near you"
      (usage.places.has(after.folded) && usage.persons.has(tokens[at + 2]?.folded ?? "")) ||
      // "Ski lifts open in December"
      usage.verbs.has(after.folded) ||
      usage.verbsToo.has(after.folded))
  );
}

/** "The bus passes the school": what would be a plural says what the word before it does. */
export const doesIt = (
  text: AnalysedText,
  at: number,
  carriers: readonly Carrier[],
  usage: Usage,
): boolean => {
  const { folded } = text.tokens[at]!;
  const isPlural = folded.endsWith("s") && !carriers.at(-1)!.folded.endsWith(folded);
  if (!isPlural || usage.headFirst) return false;
  return !areSeveral(text, at, carriers, usage) && usedAs(text, at, usage) === "verb";
};

/** "Mood swings set in", "the horses race the clock": what several things do, where the keyword has one and what that is. */
export function doThey(
  { tokens }: AnalysedText,
  from: number,
  to: number,
  [first, last, ...more]: readonly Carrier[],
  usage: Usage,
): boolean {
  const [things, deed, after] = [tokens[from]!, tokens[to]!, tokens[to + 1]];
  if (!usage.context || more.length || !last || first!.role !== "modifier") return false;
  if (deed.folded !== last.folded || after?.sentence !== deed.sentence) return false;
  return (
    isPluralOf(things.folded, first!.folded) &&
    [usage.undoing, usage.determiners].some((words) => words.has(after.folded))
  );
}
