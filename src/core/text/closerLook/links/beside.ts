/** Little stands between the two: "a mobile work phone", "batteries with a long life", "a paste: the recipe". */
import type { Token } from "../../analyse";
import type { Usage } from "../../packs/usage";
import { isOfNoun, isVerbal } from "../../usage";
import { isContent, isPhrase, type Link } from "./between";

/** "A car bought secondhand"; where what a thing is comes first, any word: "una falda muy larga", "una pasta fatta fresca" */
export const isBought: Link = ({ between: [only, more], usage, gap, before, isFiniteForm }) =>
  !more &&
  // "La vela llevaba perfumes"
  !isFiniteForm(only!) &&
  // "The letter brought news"; a heading may begin with "a" or "an": "A car bought secondhand".
  !(
    before &&
    !usage.headFirst &&
    usage.determiners.has(before.folded) &&
    !usage.quantities.has(before.folded) &&
    before.folded.length > 2
  ) &&
  !gap.includes(",") &&
  (usage.headFirst
    ? [usage.conjunctions, usage.clauses, usage.asking, usage.copulas, usage.manner].every(
        (words) => !words.has(only!.folded),
      )
    : isContent(only!) && isVerbal(only!.folded, usage) && !usage.intransitives.has(only!.folded));

/** "Trees such as palms", "trees such as oaks and palms" */
export const isSuchAs: Link = ({ between: [such, as, ...others], usage }) =>
  [such, as].every((word) => usage.example.has(word?.folded ?? "")) &&
  others.every((word) => isContent(word) || isOfNoun(word, usage) || usage.conjunctions.has(word.folded));

/** "Tax returns as a freelancer", "a job as a waiter" */
export const isAs: Link = ({ between: [as, a, ...rest], usage, later }) =>
  usage.context !== undefined &&
  !rest.length &&
  a !== undefined &&
  usage.example.has(as!.folded) &&
  usage.singling.has(a.folded) &&
  (usage.doer?.test(later.folded) === true || usage.doers.has(later.folded));

/** "Strikes and other actions" */
export const isAndOther: Link = ({ between: [and, other, ...rest], usage }) =>
  !rest.length && usage.conjunctions.has(and!.folded) && usage.others.has(other?.folded ?? "");

/** "A mobile work phone", "guitar and piano lessons" */
export const isBefore: Link = ({ between, usage, isVerb, gap, isMade, earlier }) => {
  const rest = usage.conjunctions.has(between[0]!.folded) ? between.slice(1) : between;
  // "Toads and sheep frogs" are no toad frogs.
  if (rest !== between && usage.context && /[^sui]s$/.test(earlier.folded)) return false;
  const [only] = rest;
  // "He let off steam and pumped iron", but "live and recorded music"
  const isOtherDeed = only && isVerbal(only.folded, usage) && !usage.adjectives.has(earlier.folded);
  if (rest !== between && usage.context && isOtherDeed && !isMade) return false;
  return (
    rest.length === 1 &&
    isContent(only!) &&
    // "Auf dem Tisch lag Holz"
    !(usage.compounds && only!.otherStem !== undefined) &&
    // "Der Laptop fiel, langsam ging sie weiter"
    !(usage.compounds && gap.includes(",")) &&
    !isOfNoun(only!, usage) &&
    !/[^s]s$/.test(only!.folded) &&
    // "Spider-shaped flowers", "starting and closing times"
    (gap.startsWith("-") ||
      (isMade && rest !== between && usage.gerund?.test(only!.folded) === true) ||
      !isVerb(only!))
  );
};

/** "Batteries with a long life", but not "he slept with his bag" */
export const hasIt: Link = ({ between, usage, isDoneFirst }) =>
  !isDoneFirst && usage.having.has(between[0]!.folded) && isPhrase(between.slice(1), usage);

/** "A paste: the recipe" */
export const isNamed: Link = ({ gap, between, usage, isNoNoun, earlier }) =>
  gap.includes(":") &&
  // "Safety measures: no spoons"
  !usage.without.has(between.at(-1)?.folded ?? "") &&
  !(usage.headFirst && (isNoNoun || between.some(isContent))) &&
  // "A sign of the times: makers leave"
  !isOfAnother(
    between.slice(0, between.filter(({ start }) => start - earlier.end < gap.indexOf(":")).length),
    usage,
  );

const isOfAnother = (words: readonly Token[], { linking }: Usage): boolean =>
  words.some((word, i) => isContent(word) && words.slice(0, i).some(({ folded }) => linking.has(folded)));
