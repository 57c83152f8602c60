/** A keyword made ready to be searched for. The rules are those of docs/scoring.md, "Matching a keyword". */

import { perObject } from "../once";
import { analyseText, type Token } from "./analyse";
import { firstParts, linked } from "./compoundParts";
import { fold } from "./fold";
import type { LanguagePack } from "./packs/pack";
import type { Usage } from "./packs/usage";
import { verbOfDoer } from "./usage";
import { wordFacts } from "./wordFacts";

/** A keyword made ready: its spellings with hyphens parted and joined. */
export interface CompiledKeyword {
  text: string;
  variants: Variant[];
  /** Stems by which it is sighted: of all that carries its subject, and of what stands first. */
  stems: ReadonlySet<string>;
  /** Words, folded, that may be written in two. */
  compounds: readonly string[];
}

/** A word of a keyword that carries its subject. */
export interface Carrier {
  folded: string;
  stem: string;
  /** As it stands in the keyword, without blanks and hyphens. */
  written: string;
  /** In a keyword that was typed with accents. */
  hasAccents: boolean;
  /** Written without a capital, in a keyword that has one elsewhere. */
  isLower: boolean;
  /** The noun that the others say more of, one of the others, a verb, or nobody can tell. */
  role: "head" | "modifier" | "verb" | undefined;
}

export interface Variant {
  words: Pick<Token, "folded" | "stem" | "otherStem">[];
  /** Of each word that carries the subject, how it stands there and what it is there for. */
  carriers: Carrier[];
  /** The words that carry the subject, each stem once: its place by every stem that stands for it. Empty for a keyword of small words only. */
  content: ReadonlyMap<string, number>;
  /** How many words that is. */
  size: number;
  /** Words of it are written as one, as in "carwash". */
  isJoined: boolean;
  /** They are so with other letters than the keyword has, or the other way round: "Autoversicherung" of "versicherung auto". */
  isGrown: boolean;
  /** Its verb is in two, as in "legen … an". */
  isParted: boolean;
  /**
   * Another reading of the same words, which is found only where they stand near each other. Of an order, the first word tells what to do, as in
   * "reset password"; turned round, the first noun is the one that the other says more of, as in "laptop studenten".
   */
  reading: "order" | "turned" | undefined;
  /** What of it is one thing in these words alone: "rule of thumb". */
  saying?: string;
  /** Readings of all but its last word, which may be where or for whom it is: "broken window repair" of "broken window repair leeds". */
  beforeLast?: readonly Variant[];
  /** Of three words or more that carry its subject, the last noun and the one that says most of it: "car hire" of "cheap car hire". */
  pair?: Variant;
}

/** A variant as it is written and read plainly. */
const PLAIN = { isJoined: false, isGrown: false, isParted: false, reading: undefined } as const;

/** Letters that each part of a compound has: "car wash" is "carwash", but nobody means "a part" by "apart". */
export const SHORTEST_PART = 3;

/**
 * Makes a keyword ready to be searched for.
 *
 * @returns null where the keyword holds no word at all
 */
export function compileKeyword(keyword: string, pack: LanguagePack): CompiledKeyword | null {
  const tokens = analyseText(keyword, pack).tokens;
  if (!tokens.length) return null;
  const { variants, compounds } = readingsOf(keyword, tokens, pack);
  return {
    text: keyword,
    variants: variants.map((variant) => withBeforeLast(variant, keyword, tokens, pack)),
    stems: new Set(variants.flatMap(({ content, words: [first] }) => [first!.stem, ...content.keys()])),
    compounds,
  };
}

/** All ways to write and to read a keyword. */
function readingsOf(
  keyword: string,
  tokens: Token[],
  pack: LanguagePack,
): Pick<CompiledKeyword, "variants" | "compounds"> {
  // Each run of hyphens is either parted or joined; runs beyond the first three stay parted, or spellings explode.
  let spellings: Token[][] = [[]];
  let runs = 0;
  for (let i = 0; i < tokens.length; ) {
    let end = i;
    while (tokens[end]?.joinsNext) end++;
    const parted = tokens.slice(i, end + 1);
    const choices = [parted];
    if (end > i && runs++ < 3) choices.push([joined(tokens, i, end, pack)]);
    spellings = spellings.flatMap((head) => choices.map((tail) => [...head, ...tail]));
    i = end + 1;
  }
  const together = spellings.flatMap((spelling) => [
    ...closed(spelling, pack),
    ...closedTurned(spelling, keyword, pack),
    ...asCompound(spelling, pack),
  ]);
  const parted = spellings.flatMap((spelling) => withVerbParted(spelling, keyword, pack));
  const written = [...spellings, ...together, ...parted];
  const letters = new Set(spellings.map(lettersOf));
  const isGrown = (spelling: Token[]) => !letters.has(lettersOf(spelling));
  const variants = written.map((spelling): Variant => {
    const variant = variantOf(spelling, keyword, pack);
    const isParted = parted.includes(spelling);
    if (isParted) {
      // Its two parts are new, and the verb together.
      const others = new Set(spellings.flat().map(({ stem }) => stem));
      for (const carrier of variant.carriers) carrier.role = others.has(carrier.stem) ? undefined : "verb";
    }
    const pair = isParted ? undefined : pairIn(spelling, variant, keyword, pack);
    const isJoined = together.includes(spelling);
    return {
      ...variant,
      isJoined,
      isGrown: isJoined && isGrown(spelling),
      isParted,
      reading: undefined,
      ...(pair && { pair }),
    };
  });
  variants.push(
    ...spellings.flatMap((spelling) => [
      ...asOrder(spelling, keyword, pack),
      ...turnedRound(spelling, keyword, pack),
    ]),
    ...together.flatMap((spelling) =>
      turnedRound(spelling, keyword, pack).map((variant) => ({
        ...variant,
        isJoined: true,
        isGrown: isGrown(spelling),
      })),
    ),
  );
  return {
    variants,
    compounds: [
      ...new Set(
        written
          .filter((spelling) => parted.includes(spelling) || !isGrown(spelling))
          .flat()
          .flatMap(({ folded }) => (folded.length >= 2 * SHORTEST_PART ? [folded] : [])),
      ),
    ],
  };
}

/** Words of a keyword of which all but the last may be one: nobody types more of them. */
const MOST_TO_LAST = 6;

/** "Broken window repair leeds", "wooden toys baby": what stands before the last word is perhaps a keyword by itself. Elsewhere nouns are not as many in a row. */
function withBeforeLast(variant: Variant, keyword: string, tokens: Token[], pack: LanguagePack): Variant {
  const isPlain = !variant.isJoined && !variant.isParted && !variant.reading;
  if (
    tokens.length < 3 ||
    tokens.length > MOST_TO_LAST ||
    !isPlain ||
    !pack.usage?.context ||
    tokens.at(-1)!.small
  )
    return variant;
  const before = keyword.slice(0, tokens.at(-1)!.start);
  const words = analyseText(before, pack).tokens;
  const beforeLast = readingsOf(before, words, pack)
    .variants.filter(
      ({ isJoined, isParted, size }) => !isJoined && !isParted && size > 1 && size === variant.size - 1,
    )
    .map((one) => withBeforeLast(one, before, words, pack));
  return beforeLast.length ? { ...variant, beforeLast } : variant;
}

const lettersOf = (spelling: readonly Token[]): string => spelling.map(({ folded }) => folded).join("");

/** Letters of the second that the stem of two words made one has to keep. */
const LEAST_OF_SECOND = 2;

/** Spellings with two neighbours written as one word, as compounds are as often as not: "car wash" as "carwash". */
function closed(spelling: Token[], pack: LanguagePack): Token[][] {
  if (!pack.supported) return [];
  return spelling.slice(1).flatMap((_, i) => {
    const [first, second] = [spelling[i]!, spelling[i + 1]!];
    // "Free bread" is nothing of "gluten free bread".
    if (!isPart(first) || (i > 0 && pack.usage?.clinging.has(first.folded))) return [];
    if (!isPart(second) && !isParticle(spelling, i + 1, pack)) return [];
    return beginningsOf(first, pack).flatMap((folded) => {
      const both = joined([{ ...first, folded }, second], 0, 1, pack);
      // "Manga rosa" is no "manga", though its second word ends as words of the first might.
      if (both.stem === first.stem || both.stem === second.stem) return [];
      // "Bouncerate", of which a "bouncer" would be left, is found as it is written.
      const isLost = !pack.usage?.compounds && both.stem.length < first.folded.length + LEAST_OF_SECOND;
      const word = isLost ? { ...both, stem: both.folded } : both;
      return [[...spelling.slice(0, i), word, ...spelling.slice(i + 2)]];
    });
  });
}

/** What a word may look like before another that it grows together with: "zwem" of "zwemmen", "Umzugs" of "Umzug". */
function beginningsOf({ folded, stem }: Token, { usage }: LanguagePack): string[] {
  if (!usage?.compounds) return [folded];
  const forms = firstParts(folded, stem).filter(({ length }) => length >= SHORTEST_PART);
  return [...new Set([...linked(folded), ...forms])];
}

/** "Versicherung Auto" is an "Autoversicherung", "Kurs Fotografie Köln" a "Fotografiekurs Köln"; but a "Glas Wein" is no "Weinglas". */
function closedTurned(spelling: Token[], keyword: string, pack: LanguagePack): Token[][] {
  if (spelling.length > 3 || spelling.some(({ small }) => small)) return [];
  return spelling.slice(1).flatMap((second, i) => {
    const first = spelling[i]!;
    if (pack.usage?.measures.has(first.folded)) return [];
    if (!turnedRound([first, second], keyword, pack).length) return [];
    const [before, after] = [spelling.slice(0, i), spelling.slice(i + 2)];
    return closed([{ ...second, end: first.end }, first], pack).map((both) => [...before, ...both, ...after]);
  });
}

/** "Tische aus Holz" are "Holztische", "Tomaten auf dem Balkon" "Balkontomaten". */
function asCompound(spelling: Token[], pack: LanguagePack): Token[][] {
  const [head, ...rest] = spelling;
  const material = rest.pop();
  if (!pack.usage?.compounds || !head || !material || !rest.length) return [];
  return rest.every(({ small }) => small) && isPart(head) && isPart(material)
    ? [[joined([{ ...material, end: head.end }, head], 0, 1, pack)]]
    : [];
}

/** "Geld anlegen": "Legen Sie Ihr Geld an". */
function withVerbParted(spelling: Token[], keyword: string, pack: LanguagePack): Token[][] {
  const prefixes = pack.usage?.parting;
  if (!prefixes) return [];
  const roles = rolesIn(spelling, keyword, pack);
  return spelling.flatMap((token, i) => {
    const prefix = roles.get(token.stem) === "verb" && prefixes.exec(token.folded)?.[0];
    if (!prefix) return [];
    const [verb, rest] = [token.folded.slice(prefix.length), prefix].map(
      (folded): Token => ({
        ...token,
        folded,
        stem: pack.stem(folded),
        otherStem: undefined,
        joinsNext: false,
        facts: wordFacts(pack)(folded),
      }),
    );
    return [[...spelling.slice(0, i), verb!, rest!, ...spelling.slice(i + 1)]];
  });
}

/** "log in" is "login". */
const isParticle = (spelling: Token[], at: number, { usage }: LanguagePack): boolean =>
  spelling.length === 2 && usage?.particles.has(spelling[at]!.folded) === true;

export const isPart = ({ folded, small, facts }: Token): boolean =>
  !small && folded.length >= SHORTEST_PART && facts.isLetters;

/** Words that an order has at most: "change bike tyre". */
const LONGEST_ORDER = 3;

/** "Reset", "refinance" by "finance", "unblock" by "block". */
const mayBeVerb = (folded: string, { verbs, verbsToo, nouns }: Usage): boolean => {
  const again = /^(?:re|un|dis|de)(.{4,})/.exec(folded)?.[1] ?? "";
  return verbsToo.has(folded) || (!nouns.has(folded) && (verbs.has(again) || verbsToo.has(again)));
};

/** "Reset password", "book hotel": of two nouns, the first is perhaps what to do with the second. */
function asOrder(spelling: Token[], keyword: string, pack: LanguagePack): Variant[] {
  const [first] = spelling;
  const { usage } = pack;
  if (!first || !usage || !(mayBeVerb(first.folded, usage) || isOfVerb(spelling, 1, usage))) return [];
  // "Saw blade"
  if ([usage.pasts, usage.simplePasts].some((words) => words.has(first.folded))) return [];
  const thing = spelling[1]?.folded ?? "";
  const names = usage.names.get(first.folded);
  if (names?.has(thing) || names?.has(thing.replace(/s$/, ""))) return [];
  if (spelling.length < 2 || spelling.length > LONGEST_ORDER) return [];
  if (spelling.some(({ small }, i) => small && !isOfVerb(spelling, i, usage))) return [];
  if (rolesIn(spelling, keyword, pack).get(first.stem) !== "modifier") return [];
  const variant = variantOf(spelling, keyword, pack, new Map([[first.stem, "verb"]]));
  const pair = pairIn(spelling, variant, keyword, pack);
  return [{ ...variant, ...PLAIN, reading: "order", ...(pair && { pair }) }];
}

/**
 * "Laptop Studenten", "blauer Teppich Wohnzimmer": where nouns grow together, two that stand apart are no compound, and either may be what is looked
 * for. An adjective may stand before them.
 */
function turnedRound(spelling: Token[], keyword: string, pack: LanguagePack): Variant[] {
  const { usage } = pack;
  const [first, last] = spelling.slice(-2);
  if (!first || !last || spelling.length > 3 || !usage?.compounds || spelling.some(({ small }) => small))
    return [];
  // "Gebrauchtes Fahrrad"
  const isTold = usage.capitals && keyword !== keyword.toLowerCase();
  if (isTold && !(isCapital(keyword, first) && isCapital(keyword, last))) return [];
  const [adjective] = spelling.slice(0, -2);
  const isAdjective = (token: Token) => (isTold ? !isCapital(keyword, token) : DECLINED.test(token.folded));
  if (adjective && !isAdjective(adjective)) return [];
  if (rolesIn(spelling, keyword, pack).get(first.stem) !== "modifier") return [];
  const roles = new Map<string, Carrier["role"]>([
    ...(adjective ? ([[adjective.stem, "modifier"]] as const) : []),
    [first.stem, "head"],
    [last.stem, "modifier"],
  ]);
  const turned = (words: Token[]): Variant => ({
    ...variantOf(words, keyword, pack, roles),
    ...PLAIN,
    reading: "turned",
  });
  return [{ ...turned(spelling), ...(adjective && { pair: turned([first, last]) }) }];
}

/** How an adjective ends before a noun in German and Dutch. */
const DECLINED = /.{3}e[rsnm]?$/;

function variantOf(
  spelling: Token[],
  keyword: string,
  pack: LanguagePack,
  roles: ReadonlyMap<string, Carrier["role"]> = rolesIn(spelling, keyword, pack),
): Omit<Variant, "isJoined" | "isGrown" | "isParted" | "reading"> {
  const { usage } = pack;
  const some = spelling.filter(({ small }) => !small);
  // "log in", "mine shaft": beside one word alone, a small one may mean more than elsewhere.
  const carries = (token: Token) =>
    !token.small || (some.length === 1 && usage?.particles.has(token.folded) === true);
  const carrying = new Map(spelling.filter(carries).map((token) => [token.stem, token]));
  if (!some.length) carrying.clear();
  const content = new Map([...carrying.keys()].map((stem, place) => [stem, place]));
  const size = content.size;
  // A word alone says nothing of which of two words it is.
  if (size > 1)
    for (const { stem, otherStem } of carrying.values())
      if (otherStem && !content.has(otherStem)) content.set(otherStem, content.get(stem)!);
  // "Mitarbeitermotivation"
  if (size > 1 || usage?.compounds)
    for (const { folded, stem } of carrying.values()) {
      for (const other of pack.otherKinds(folded).map(pack.stem))
        if (!content.has(other)) content.set(other, content.get(stem)!);
      // "Lifts for skiers" are ski lifts, "collectors of stamps" do stamp collecting.
      if (usage && (roles.get(stem) === "modifier" || usage.gerund?.test(folded)))
        for (const doer of doersBy(pack).get(stem) ?? [])
          if (!content.has(doer)) content.set(doer, content.get(stem)!);
      const verb = usage && roles.get(stem) === "head" && verbOfDoer(folded, usage);
      if (verb && !content.has(pack.stem(verb))) content.set(pack.stem(verb), content.get(stem)!);
    }
  const carriers = [...carrying.values()].map(
    (token): Carrier => ({
      folded: token.folded,
      stem: token.stem,
      written: keyword.slice(token.start, token.end).replace(/[\s-]/g, ""),
      hasAccents: /\p{M}/u.test(keyword.normalize("NFD")),
      isLower: keyword !== keyword.toLowerCase() && !isCapital(keyword, token),
      role: roles.get(token.stem),
    }),
  );
  const saying = usage?.oneThing?.exec(spelling.map(({ folded }) => folded).join(" "))?.[0];
  return { words: spelling, carriers, content, size, ...(saying && { saying }) };
}

/** "Bank account" of "open a bank account": what a verb is done to, where two nouns name it. */
function objectOf(
  spelling: Token[],
  carriers: readonly Carrier[],
  keyword: string,
  pack: LanguagePack,
): Variant | undefined {
  const { usage } = pack;
  const last = carriers.at(-1)!.folded;
  const [from, to] = [1, 2].map((place) =>
    spelling.findIndex(({ stem }) => stem === carriers[place]!.stem),
  ) as [number, number];
  const isNoun = [last, last.replace(/s$/, "")].some(
    (one) => usage?.nouns.has(one) || usage?.things.has(one),
  );
  if (!isNoun || to !== from + 1) return undefined;
  return {
    ...variantOf(spelling.slice(from), keyword, pack),
    ...PLAIN,
  };
}

/** Where nouns say more of nouns: the one that is said of, and its neighbour, with what joins them. */
function pairIn(
  spelling: Token[],
  { carriers, size }: Pick<Variant, "carriers" | "size">,
  keyword: string,
  pack: LanguagePack,
): Variant | undefined {
  const verb = carriers.findIndex(({ role }) => role === "verb");
  if (size === 3 && verb === 0) return objectOf(spelling, carriers, keyword, pack);
  // "Tax return 2025", "teaching kids to swim"
  if (carriers.some(({ role, folded }) => role === undefined || /\d/.test(folded))) return undefined;
  const head = carriers.findIndex(({ role }) => role === "head");
  const other = pack.usage?.headFirst ? head + 1 : head - 1;
  if (size < 3 || head < 0 || !carriers[other] || carriers[other].role !== "modifier") return undefined;
  const places = [head, other].map((place) =>
    spelling.findIndex(({ stem }) => stem === carriers[place]!.stem),
  );
  const words = spelling.slice(Math.min(...places), Math.max(...places) + 1);
  return {
    ...variantOf(words, keyword, pack),
    ...PLAIN,
  };
}

/** Stems of who or what does something, by the stem of its verb. */
const doersBy = perObject(({ usage, stem }: LanguagePack): ReadonlyMap<string, string[]> => {
  const doers = new Map<string, string[]>();
  for (const [doer, verb] of usage?.doers ?? [])
    if (verb) doers.set(stem(verb), [...(doers.get(stem(verb)) ?? []), stem(doer)]);
  return doers;
});

const isCapital = (keyword: string, { start }: Token): boolean => /^\p{Lu}/u.test(keyword.slice(start));

/** "Pull up bar", "top up card": a small word that makes another verb of the one before it, and something behind the two. */
const isOfVerb = (spelling: readonly Token[], at: number, { verbParticles }: Usage): boolean =>
  at === 1 && verbParticles.has(spelling[at]?.folded ?? "") && spelling[at + 1]?.small === false;

/** What the words of a keyword are there for, by stem. */
function rolesIn(spelling: Token[], keyword: string, { usage }: LanguagePack): Map<string, Carrier["role"]> {
  const roles = new Map<string, Carrier["role"]>();
  const first = spelling.find(({ small }) => !small);
  if (!usage || !first) return roles;
  const after = spelling[spelling.indexOf(first) + 1];
  const last = spelling.findLast(({ small }) => !small)!;
  const isInfinitive = (token: Token) =>
    usage.infinitive?.test(token.folded) === true &&
    !usage.likeInfinitives.has(token.folded) &&
    !usage.pluralsLikeInfinitives.has(token.folded) &&
    !(usage.capitals && isCapital(keyword, token));
  // "Haar verven"
  const hasOther = last !== first || (spelling.length > 1 && usage.particles.has(spelling[0]!.folded));
  // "Cursus koken"
  const teaches = usage.lessons.has(spelling[spelling.indexOf(last) - 1]?.folded ?? "");
  if (!usage.headFirst && hasOther && isInfinitive(last) && !teaches) return roles.set(last.stem, "verb");
  // "Ofen reinigen Hausmittel"
  const [object, middle] = spelling;
  if (usage.compounds && spelling.length === 3 && spelling.every(({ small }) => !small))
    if (isInfinitive(middle!) && !isInfinitive(object!) && !usage.lessons.has(object!.folded))
      return roles.set(middle!.stem, "verb");
  // "Tuna can"
  const end = spelling.at(-1)!;
  if (spelling.length === 2 && after === end && usage.modals.has(end.folded))
    return roles.set(first.stem, "modifier").set(end.stem, "head");
  // "Call centre": what one calls would be "the centre", or centres.
  const isCompound =
    usage.nounsToo.has(first.folded) && spelling.length === 2 && after === last && !last.folded.endsWith("s");
  // "On-call rota", "no-show fee"
  const isBehindPreposition =
    spelling[0] !== first && !usage.auxiliaries.has(spelling[spelling.indexOf(first) - 1]!.folded);
  const isVerb =
    (usage.headFirst && isInfinitive(first)) ||
    usage.doing.test(fold(keyword)) ||
    ((usage.verbs.has(first.folded) || (hasOther && usage.verbEnding?.test(first.folded))) &&
      !isCompound &&
      !isBehindPreposition) ||
    (after !== undefined &&
      ((usage.particles.has(after.folded) && after === spelling.at(-1)) ||
        // "set up a blog"
        (usage.verbParticles.has(after.folded) &&
          usage.determiners.has(spelling[spelling.indexOf(after) + 1]?.folded ?? "")) ||
        (!usage.headFirst && usage.determiners.has(after.folded))));
  if (isVerb) return roles.set(first.stem, "verb");
  // What follows a small word says more of what stands before it: "recipes with fish".
  const from = spelling.indexOf(first);
  let to = from;
  while (spelling[to + 1] && (!spelling[to + 1]!.small || isOfVerb(spelling, to + 1, usage))) to++;
  const head = spelling[usage.headFirst ? from : to]!;
  for (const [i, token] of spelling.entries())
    if (!token.small && !usage.auxiliaries.has(spelling[i - 1]?.folded ?? ""))
      roles.set(token.stem, token === head ? "head" : "modifier");
  return roles;
}

export function joined(tokens: Token[], from: number, to: number, pack: LanguagePack): Token {
  const folded = tokens
    .slice(from, to + 1)
    .map((t) => t.folded)
    .join("");
  const facts = wordFacts(pack)(folded);
  const { stem, otherStem, small } = facts;
  return { ...tokens[from]!, end: tokens[to]!.end, folded, stem, otherStem, small, joinsNext: false, facts };
}
