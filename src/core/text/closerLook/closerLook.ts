/** A closer look at where a keyword seems to be: are its words used there as the keyword uses them? See docs/scoring.md, "Matching a keyword". */
import type { AnalysedText } from "../analyse";
import type { Carrier, Variant } from "../keyword";
import type { LanguagePack } from "../packs/pack";
import type { Usage } from "../packs/usage";
import { isIdle, isLikelyVerb, usedAs, verbOfDoer } from "../usage";
import { APART, isSetApart } from "./apart";
import { doesIt, doThey, isOneDoing, isVerbAsOne, isVerbFor } from "./asOne";
import { isCapital, isSaidAt, REACH } from "./nouns";
import { isForDoing, isGoverned, isVerbSecond } from "./object";
import { areOthers } from "./others";
import { isReadSo } from "./reading";
import type { Sight } from "./sight";
import { isAdjectiveOf, isOtherPlural, isUsedSo, isVerbOfObject } from "./usedSo";

/**
 * Where two thoughts part within a sentence; the two parts of a verb stand in one clause. "Oven: cleaning" is one thought, "installé : en effet,
 * ce logiciel" and "(mail exchange): a server" are two.
 */
const PARTED = /[;\u2014]|["”»)\]]\s?:|:[^:]*,|,[^:]*:/;
const CLAUSE = /[,;\u2014]|["”»)\]]\s?:/;

/**
 * A closer look at words that only stand near each other: whether they are used as the keyword uses them.
 *
 * @param seen where each of its content words is, by place
 */
export function goTogether(
  text: AnalysedText,
  seen: readonly Sight[],
  variant: Variant,
  pack: LanguagePack,
): boolean {
  const { tokens } = text;
  const from = Math.min(...seen.map((one) => one.from));
  const to = Math.max(...seen.map((one) => one.to));
  if ((variant.isParted ? CLAUSE : PARTED).test(text.text.slice(tokens[from]!.start, tokens[to]!.end)))
    return false;
  const { usage } = pack;
  if (!usage) return true;
  return (
    areUsedSo(text, seen, variant, pack, usage) ||
    variant.beforeLast?.some((before) => isBeforeLast(text, seen, before, pack, usage)) === true
  );
}

function areUsedSo(
  text: AnalysedText,
  seen: readonly Sight[],
  variant: Variant,
  pack: LanguagePack,
  usage: Usage,
): boolean {
  const from = Math.min(...seen.map((one) => one.from));
  const to = Math.max(...seen.map((one) => one.to));
  if (!isReadSo(text, seen, variant, usage)) return false;
  const first = seen.find((one) => one.from === from)!;
  // "Wie pflegt man einen Hund?" says a compound in several words.
  const mayBeSetApart = first.from === first.to && variant.carriers[first.place]!.role !== "verb";
  return (
    !(mayBeSetApart && isSetApart(text, from, usage)) &&
    !areOthers(text, from, to, variant, pack) &&
    !APART.some((areApart) => areApart(text, seen, variant, usage)) &&
    !isPairApart(text, seen, variant, usage) &&
    seen.every((one) => isUsedSo(text, one, seen, variant, usage))
  );
}

/** "A wedding photographer based in Kent", "wooden toys for a baby": all but the last word goes together, and that is where or for whom it is. */
function isBeforeLast(
  text: AnalysedText,
  seen: readonly Sight[],
  before: Variant,
  pack: LanguagePack,
  usage: Usage,
): boolean {
  const rest = seen.filter(({ place }) => place < before.size);
  const last = seen.find(({ place }) => place === before.size)!;
  const link = isCapital(text, last.from)
    ? linkOfTown(text, last.from, rest, usage)
    : linkOfPurpose(text, last.from, usage);
  if (link < 0 || rest.some(({ from, to }) => from >= link && to <= last.to)) return false;
  const left = leaveOut(text, rest, [{ from: link, to: last.to }]);
  return goTogether(left.text, left.seen, before, pack);
}

/** Where what says that something is in a town begins: "in Kent", "Dublin" of "Dublin airport"; -1 where something else is said. */
function linkOfTown(text: AnalysedText, at: number, rest: readonly Sight[], usage: Usage): number {
  const { tokens } = text;
  const before = tokens[at - 1];
  if (rest.some(({ from }) => from === at + 1)) return at;
  if (before?.sentence !== tokens[at]!.sentence) return -1;
  const isLink = [usage.towns, usage.governing, usage.joining].some((words) => words.has(before.folded));
  if (!isLink) return -1;
  // "Hotels near Dublin" for "hotels near dublin"
  return rest.some(({ from, to }) => from <= at - 1 && at - 1 <= to) ? at : at - 1;
}

/** Words that may stand between "for" and whom it is for. */
const MOST_TO_WHOM = 3;

/** Where what says for whom it is begins: "for a young baby"; -1 where nothing does. */
function linkOfPurpose({ tokens }: AnalysedText, at: number, usage: Usage): number {
  for (let i = at - 1; i >= at - MOST_TO_WHOM && tokens[i]?.sentence === tokens[at]!.sentence; i--) {
    const { folded } = tokens[i]!;
    if (usage.purpose.has(folded)) return i;
    if (!usage.determiners.has(folded) && !usage.adjectives.has(folded)) return -1;
  }
  return -1;
}

/** "New hires drive cheap cars" has no "cheap car hire": its last two nouns speak of different things, whatever else is said of them. */
function isPairApart(
  text: AnalysedText,
  seen: readonly Sight[],
  { pair, carriers }: Variant,
  usage: Usage,
): boolean {
  if (!pair) return false;
  const placeOf = ({ place }: Sight) => pair.carriers.findIndex(({ stem }) => stem === carriers[place]!.stem);
  const two = seen.filter((sight) => placeOf(sight) >= 0);
  const others = seen.filter((sight) => placeOf(sight) < 0);
  const left = leaveOut(text, two, others);
  const pairSeen = left.seen.map((sight, i) => ({ ...sight, place: placeOf(two[i]!) }));
  return APART.some((areApart) => areApart(left.text, pairSeen, pair, usage));
}

/** A sentence without some of its words, and where others are in what is left. */
function leaveOut(
  { text, tokens, sentences }: AnalysedText,
  seen: readonly Sight[],
  others: readonly Pick<Sight, "from" | "to">[],
): { text: AnalysedText; seen: Sight[] } {
  const { sentence } = tokens[seen[0]!.from]!;
  const begin = Math.max(0, Math.min(...[...seen, ...others].map(({ from }) => from)) - REACH);
  const end = Math.max(...[...seen, ...others].map(({ to }) => to)) + REACH;
  const left: number[] = [];
  for (let i = begin; i < end && i < tokens.length; i++) {
    const isOther = others.some(({ from, to }) => from <= i && i <= to);
    if (!isOther && tokens[i]!.sentence === sentence) left.push(i);
  }
  return {
    text: { text, tokens: left.map((at) => tokens[at]!), sentences },
    seen: seen.map((sight) => ({ ...sight, from: left.indexOf(sight.from), to: left.indexOf(sight.to) })),
  };
}

/** "Have your old car washed": what stands before the keyword's words says that it is to be done. */
function isCaused({ tokens }: AnalysedText, from: number, usage: Usage): boolean {
  for (let i = from - 1; i >= from - 3 && tokens[i]?.sentence === tokens[from]!.sentence; i--) {
    if (usage.causing.has(tokens[i]!.folded)) return true;
    if (tokens[i]!.small && !usage.determiners.has(tokens[i]!.folded)) return false;
  }
  return false;
}

/** May two words tell what to do, as "print photos" does? */
const mayBeOrder = (first: Carrier, last: Carrier, { verbsToo, names }: Usage): boolean =>
  verbsToo.has(first.folded) && names.get(first.folded)?.has(last.folded) !== true;

/** "A glass case" for "glasses case", "a modern kitchen" for "modernise a kitchen", "the organiser filed": words in sequence, of which one is another. */
function isOtherThing(
  { tokens }: AnalysedText,
  from: number,
  to: number,
  { words, carriers }: Variant,
  usage: Usage,
): boolean {
  if (usage.context === undefined || to - from !== words.length - 1) return false;
  const isOther = ({ folded }: Variant["words"][number], i: number) =>
    i < words.length - 1 &&
    tokens[from + i]!.folded !== folded &&
    isOtherPlural(tokens[from + i]!.folded, folded, usage);
  // "Ship costs" are no shipping costs.
  const isDoneByThing = ({ folded }: Variant["words"][number], i: number) =>
    i < words.length - 1 &&
    usage.gerund?.test(folded) === true &&
    tokens[from + i]!.folded !== folded &&
    usage.things.has(tokens[from + i]!.folded.replace(/s$/, ""));
  // "A cool fan" is no cooling fan.
  const isSaidOfIt = ({ folded }: Variant["words"][number], i: number) =>
    i < words.length - 1 &&
    usage.gerund?.test(folded) === true &&
    tokens[from + i]!.folded !== folded &&
    usage.adjectives.has(tokens[from + i]!.folded);
  const [first, last] = [carriers[0]!, carriers.at(-1)!];
  return (
    words.some(isOther) ||
    words.some(isDoneByThing) ||
    words.some(isSaidOfIt) ||
    (first.role === "verb" &&
      (isAdjectiveOf(tokens[from]!, first, usage) || isVerbOfObject(tokens[to]!, last, usage)))
  );
}

/** "The subject lined up": the last word of a keyword in a form that only a verb has. */
export function isDone(
  text: AnalysedText,
  from: number,
  to: number,
  variant: Variant,
  { usage }: LanguagePack,
): boolean {
  const { carriers, words, isJoined } = variant;
  const { tokens } = text;
  const [carrier, token] = [carriers.at(-1), tokens[to]!];
  if (!usage || !carrier) return false;
  if ((isJoined || to - from >= words.length) && isVerbAsOne(text, { from, to }, carrier, isJoined, usage))
    return true;
  if (from === to) return false;
  // "Ten slotte vervangt hij de lamp" for "slot vervangen"
  for (let i = from; i <= to; i++) if (isIdle(text, i, usage, variant)) return true;
  // "The hotel's books" speak of no hotel booking.
  const isOwned = tokens[to - 1]!.folded.endsWith("'s") && !usage.gerund?.test(token.folded);
  if (isOwned && usage.gerund?.test(carrier.folded)) return true;
  if (isOtherThing(text, from, to, variant, usage)) return true;
  // "Não é seguro viajar"
  if (carriers[0]!.role === "head" && isSaidAt(text, from, usage)) return true;
  if (
    carriers[0]!.role === "verb" &&
    isForDoing(text, { place: 0, from, to: from }, { place: 1, from: to, to }, variant, usage)
  )
    return true;
  if (isCaused(text, from, usage)) return false;
  if (carrier.role === "verb" && (isGoverned(text, from, variant, usage) || isVerbSecond(text, to, usage)))
    return true;
  if (doesIt(text, to, carriers, usage)) return true;
  // "A dog walk" needs no "dog walker".
  if (to - from === words.length - 1 && token.stem !== carrier.stem && verbOfDoer(carrier.folded, usage))
    return true;
  if (isOneDoing(text, from, to, carrier, usage)) return true;
  // "He was heating oil in a pan"
  const [is, who] = [tokens[from - 1], tokens[from - 2]];
  if (
    usage.gerund?.test(tokens[from]!.folded) &&
    usage.being.has(is?.folded ?? "") &&
    usage.tellers.has(who?.folded ?? "") &&
    who?.sentence === tokens[from]!.sentence
  )
    return true;
  // "We saw blades of grass"
  const before = tokens[from - 1];
  const isSaidOf = before?.sentence === tokens[from]!.sentence && usage.pronouns.has(before.folded);
  // "They type face to face"
  const isVerb = mayBeOrder(carriers[0]!, carrier, usage)
    ? isLikelyVerb(text, from, usage)
    : usedAs(text, from, usage) === "verb";
  if (isSaidOf && carriers[0]!.role === "modifier" && isVerb) return true;
  // "Il livre des cuisines"
  if (isSaidOf && usage.headFirst && carriers[0]!.role === "head") return true;
  // "She will write": no will writing.
  if (usage.modals.has(tokens[to - 1]!.folded) && token.folded.length < carrier.folded.length) return true;
  const isWhole = to - from === words.length - 1;
  if (isWhole && doThey(text, from, to, carriers, usage)) return true;
  return (!isWhole || carrier.stem === token.stem) && isVerbFor(token, carrier, usage);
}
