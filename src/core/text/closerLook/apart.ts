/** Whether the words of a keyword stand in one sentence and yet speak of different things: by their order, and by what is between them. */
import type { AnalysedText, Token } from "../analyse";
import type { Usage } from "../packs/usage";
import { isLikelyVerb, isVerbal } from "../usage";
import { doThey } from "./asOne";
import { isVerbWithoutIt, isWithoutItsPreposition } from "./behindPreposition";
import { isOfOtherGender } from "./gender";
import { isUnlinked } from "./linked";
import { type Apart, beginOfSentence, isCapital, isDoneBehind, isTurned, PERHAPS, twoNouns } from "./nouns";
import { isDoneElsewhere } from "./object";

/** "In spring we air the mattress": the sentence begins with a word of the keyword and says something else. */
export function isSetApart(
  { tokens }: AnalysedText,
  first: number,
  { pronouns, determiners }: Usage,
): boolean {
  const after = tokens[first + 1];
  if (!after || !pronouns.has(after.folded)) return false;
  const { sentence } = tokens[first]!;
  for (let i = first - 1; i >= first - 2; i--) {
    const token = tokens[i];
    if (!token?.small || token.sentence !== sentence) return false;
    if (i === 0 || tokens[i - 1]!.sentence !== sentence) return !determiners.has(token.folded);
  }
  return false;
}

/** "The painting hangs in her house": where the one is, not of which sort. */
const isElsewhere: Apart = (text, seen, variant, usage) => {
  const nouns = twoNouns(text, seen, variant);
  if (!nouns || usage.headFirst || variant.carriers[nouns.first.place]!.role !== "head") return false;
  const { first, second } = nouns;
  const { tokens } = text;
  let place = second.from - 1;
  while (place > first.to && usage.determiners.has(tokens[place]!.folded)) place--;
  if (place <= first.to + 1 || !usage.places.has(tokens[place]!.folded)) return false;
  const between = tokens.slice(first.to + 1, place);
  // "Children living on the streets", but "the painting hanging in her house"
  const isDoing =
    usage.gerund?.test(between[0]?.folded ?? "") && !usage.persons.has(tokens[place + 1]!.folded);
  if (between.length === 1 && (isDoing || isDoneTo(between[0]!, usage))) return false;
  return (
    between.some(
      ({ folded, small }, i) =>
        usage.being.has(folded) ||
        usage.simplePasts.has(folded) ||
        (!small && isLikelyVerb(text, first.to + 1 + i, usage, PERHAPS)),
    ) && !between.some(({ folded }) => usage.joining.has(folded))
  );
};

/** "Songs played at weddings", "water bottled from a spring", but not "the letter arrived at the bank" */
const isDoneTo = ({ folded }: Token, usage: Usage): boolean =>
  usage.intransitives.size > 0 &&
  isVerbal(folded, usage) &&
  !usage.intransitives.has(folded) &&
  !usage.simplePasts.has(folded);

/**
 * In languages that say "curso de cocina": do both stand in this order, in one phrase? "En la cocina, un curso", "una hoja de té y un cálculo",
 * "la bolsa tiene papel" speak of two things.
 */
const isTwoThings: Apart = (text, seen, variant, usage) => {
  const nouns = twoNouns(text, seen, variant);
  if (!usage.headFirst || !nouns || variant.words.length < 3) return false;
  const { first, second, between, gap } = nouns;
  const { conjunctions, determiners, infinitive } = usage;
  // "La tortilla: receta", "madera para muebles"
  const asks = text.tokens[first.from - 1];
  // "Qué papel necesita la impresora"
  if (first.from === 1 && usage.which.has(asks!.folded) && asks!.sentence === text.tokens[1]!.sentence)
    return false;
  if (
    gap.includes(":") ||
    isFor(between, variant.carriers[first.place]!.role === "modifier", usage) ||
    isTurned(text, nouns, usage)
  )
    return false;
  if (!gap.includes(",") && isDoneBehind(text, nouns, variant, usage)) return false;
  // "El médico receta pan"; "la miglior crema viso" leaves out what the keyword has between.
  const who = text.tokens[first.from - 1];
  const article = text.tokens[first.from - 2];
  if (
    !between.length &&
    usage.clungArticle === undefined &&
    variant.carriers[first.place]!.role === "head" &&
    who?.small === false &&
    who.sentence === text.tokens[first.from]!.sentence &&
    article?.sentence === who.sentence &&
    determiners.has(article.folded)
  )
    return true;
  // "La sal espera en la mesa": with an article, two nouns side by side are a noun and its verb.
  const [verb, modifier] = [text.tokens[second.from]!, variant.carriers[second.place]!];
  // "A aula conduz à reflexão"
  const isFiniteVerb =
    !infinitive?.test(verb.folded) &&
    !usage.action.test(verb.folded) &&
    !usage.done?.test(text.text.slice(verb.start, verb.end).toLowerCase());
  if (
    !between.length &&
    asks?.sentence === verb.sentence &&
    determiners.has(asks.folded) &&
    (verb.stem === modifier.stem || isFiniteVerb) &&
    // "Una camisa bordada", "un lit d'enfant", "un conto risparmio"
    !infinitive?.test(modifier.folded) &&
    !isVerbal(verb.folded, usage) &&
    !/['’]/.test(verb.folded) &&
    !(
      seen.every(({ place, to }) => text.tokens[to]!.folded === variant.carriers[place]!.folded) &&
      !goesOn(text, second.to, usage)
    )
  )
    return true;
  // "Coser a máquina", but "le rosier de la bouture": behind "de" no verb stands where "à" says what a thing is for.
  if (variant.carriers[first.place]!.role === "modifier") {
    const isNamed = usage.toBeDone.size > 0 && usage.of.has(variant.words.at(-2)!.folded);
    return (
      (isNamed && usage.clungArticle !== undefined) ||
      !infinitive?.test(text.tokens[first.from]!.folded) ||
      gap.includes(",")
    );
  }
  if (gap.includes(",")) return true;
  const and = between.findLastIndex(({ folded }) => conjunctions.has(folded));
  if (and >= 0 && determiners.has(between[and + 1]?.folded ?? "")) return true;
  // What joins them in the keyword joins them here, in a form of its own: "de", "du", "della".
  const links = new Set(variant.words.map(({ folded }) => folded[0]));
  const isLink = ({ small, folded }: Token) =>
    small && !conjunctions.has(folded) && (!determiners.has(folded) || links.has(folded[0]));
  const other = between.findLastIndex(({ small, folded }) => !small || conjunctions.has(folded));
  return other >= 0 && !between.slice(other + 1).some(isLink);
};

/** Does another word than a preposition follow in the sentence? */
const goesOn = ({ tokens }: AnalysedText, at: number, { linking }: Usage): boolean =>
  tokens[at + 1]?.sentence === tokens[at]!.sentence && !linking.has(tokens[at + 1]!.folded);

/** "Madera para muebles", but not "guarda el deporte para mañana y la bolsa para hoy" */
function isFor(
  between: readonly Token[],
  isTurnedRound: boolean,
  { joining, conjunctions, asking }: Usage,
): boolean {
  // "Juro que a taxa é falsa"
  const at = between.findLastIndex(
    ({ folded }) => joining.has(folded) && !(isTurnedRound && asking.has(folded)),
  );
  // "Dança sem olhar para os sapatos"
  if (at < 0 || between.slice(0, at).some(({ small }) => !small)) return false;
  return !between.slice(at + 1).some(({ folded }) => conjunctions.has(folded));
}

/** "Sound travels, and insurance is boring", "Prices climb while the cradle rocks": each in a clause of its own. */
const isInOtherClause: Apart = (text, seen, variant, usage) => {
  const nouns = twoNouns(text, seen, variant);
  if (!nouns) return false;
  const has = (words: ReadonlySet<string>) => nouns.between.some(({ folded }) => words.has(folded));
  return has(usage.clauses) || (nouns.gap.includes(",") && (has(usage.conjunctions) || has(usage.finite)));
};

/** "Sells": hardly ever a noun. */
const isVerbAlone = (folded: string, { verbs, nounsToo }: Usage): boolean => {
  const plain = folded.replace(/s$/, "");
  return verbs.has(plain) && !nounsToo.has(plain);
};

/** "Lit the": a past form with its object, where a participle would have none. */
const didTo = ({ folded }: Token, object: Token | undefined, usage: Usage): boolean =>
  object !== undefined &&
  isVerbal(folded, usage) &&
  usage.determiners.has(object.folded) &&
  !usage.adjectives.has(folded);

/** "The bag holds papers", "the guest lost his post", "the man came to the school": one does something, and the other is no part of it. */
const isDoneToOther: Apart = (text, seen, variant, usage) => {
  const nouns = twoNouns(text, seen, variant);
  if (!nouns || usage.headFirst) return false;
  const { first, between } = nouns;
  // "How much noise does a heat pump make?"
  const asks = text.tokens[first.from - 1];
  if (asks?.sentence === text.tokens[first.from]!.sentence && usage.which.has(asks.folded)) return false;
  const isVerb = (word: Token) => isLikelyVerb(text, text.tokens.indexOf(word, first.to), usage);
  if (
    between.some(
      (word) =>
        usage.simplePasts.has(word.folded) ||
        (/[^s]s$/.test(word.folded) &&
          !usage.being.has(word.folded) &&
          (isVerb(word) || isVerbAlone(word.folded, usage))),
    )
  )
    return !between.some(({ folded }) => usage.relatives.has(folded) || usage.pronouns.has(folded));
  const isSaidOfIt = between.some(({ folded }) => usage.relatives.has(folded) || usage.pronouns.has(folded));
  // "The lamp in the hall lit the desk"
  if (!isSaidOfIt && between.some((word, i) => didTo(word, between[i + 1], usage))) return true;
  if (between.some(({ folded }) => usage.joining.has(folded))) return false;
  return between.some((word, i) => {
    const { folded, small } = word;
    if (usage.being.has(folded) || usage.auxiliaries.has(folded)) return false;
    const object = between.slice(i + 1);
    if (!usage.finite.has(folded) && (small || /ing$/.test(folded) || !isVerb(word))) return false;
    // "A car bought secondhand" says of which sort it is.
    const isParticiple = !/s$/.test(folded) && !(object[0] && usage.determiners.has(object[0].folded));
    return !isParticiple && object.every((token) => !token.small || usage.determiners.has(token.folded));
  });
};

/** "Le pain a du gluten, sans doute": what a keyword says is without another says so here as well. */
const isNotWithout: Apart = ({ tokens }, seen, { words, carriers }, { without }) => {
  const at = words.findIndex(({ folded }) => without.has(folded));
  const other = carriers.findIndex(({ stem }) => stem === words[at + 1]?.stem);
  const sight = seen.find(({ place }) => place === other);
  if (at < 0 || !sight) return false;
  let before = sight.from - 1;
  while (tokens[before]?.small && !without.has(tokens[before]!.folded)) before--;
  return !without.has(tokens[before]?.folded ?? "");
};

/** "Free bread with extra gluten" is not "gluten free": the two stand side by side, or one preposition joins them. */
const isTornFrom: Apart = ({ tokens }, seen, { carriers }, { clinging, linking, joining, determiners }) => {
  const place = carriers.findIndex(({ folded }, i) => i > 0 && clinging.has(folded));
  const [noun, word] = [place - 1, place].map((at) => seen.find((sight) => sight.place === at));
  if (place < 0 || !noun || !word || carriers.length < 3) return false;
  if (noun.to + 1 === word.from) return false;
  const between = tokens.slice(word.to + 1, noun.from).filter(({ folded }) => !determiners.has(folded));
  const [only] = between;
  return between.length !== 1 || !(linking.has(only!.folded) || joining.has(only!.folded));
};

/** "The water was cold that spring": when something was, not of which sort. "Clean the spring": it is another one. */
const isWhen: Apart = ({ tokens }, seen, { carriers }, { times, dating, gerund, determiners, context }) =>
  seen.some(({ place, from }) => {
    const [before, token] = [tokens[from - 1], tokens[from]!];
    if (carriers[place]!.role !== "modifier" || !times.has(token.folded)) return false;
    if (before?.sentence !== token.sentence) return false;
    const deed = seen.find((other) => gerund?.test(carriers[other.place]!.folded) && other.from !== from);
    if (
      context !== undefined &&
      deed &&
      deed.to === from - 2 &&
      determiners.has(before.folded) &&
      !dating.has(before.folded)
    )
      return true;
    // "Cleaning the house this spring" is spring cleaning.
    const isDoing = seen.some(
      (other) => gerund?.test(tokens[other.from]!.folded) && !times.has(tokens[other.from]!.folded),
    );
    return !isDoing && dating.has(before.folded);
  });

/** "El cura tiene sueño": one has the other. "O prato foi feito": it was done once, and is not of that sort. */
const isOrHasOther: Apart = (text, seen, variant, usage) => {
  const nouns = twoNouns(text, seen, variant);
  if (!nouns || !usage.headFirst) return false;
  const has = (words: ReadonlySet<string>) => nouns.between.some(({ folded }) => words.has(folded));
  const wasDone = usage.finite.has(nouns.between.at(-1)?.folded ?? "");
  return wasDone || (has(usage.having) && !has(usage.asking));
};

/** "Hace pan y compra leche": what would be done is done itself, to something else. */
const doesAnother: Apart = ({ tokens, text }, seen, { carriers }, { headFirst, conjunctions, linking }) => {
  const verb = seen.find(({ place }) => carriers[place]!.role === "verb");
  const noun = seen.find(({ place }) => carriers[place]!.role !== "verb");
  if (!headFirst || !verb || !noun || noun.from < verb.to + 2) return false;
  const after = tokens[noun.to + 1];
  return (
    conjunctions.has(tokens[noun.from - 1]!.folded) &&
    after?.sentence === tokens[noun.to]!.sentence &&
    !linking.has(after.folded) &&
    !conjunctions.has(after.folded) &&
    text.slice(tokens[noun.to]!.end, after.start) === " "
  );
};

/** "She hit the book with a club", "he took bread with a knife": what somebody does with a thing, and where, says nothing of its sort. */
const isTold: Apart = (text, seen, variant, usage) => {
  const nouns = twoNouns(text, seen, variant);
  if (!nouns?.between.length) return false;
  const { tokens } = text;
  const opens = beginOfSentence(tokens, nouns.first.from);
  const [link] = nouns.between;
  const isHead = variant.carriers[nouns.first.place]!.role === "head";
  return (
    opens >= 0 &&
    opens < nouns.first.from - 1 &&
    usage.tellers.has(tokens[opens]!.folded) &&
    usage.governing.has(link!.folded) &&
    (isHead || usage.having.has(link!.folded)) &&
    !usage.joining.has(link!.folded) &&
    !usage.of.has(link!.folded)
  );
};

/** "The wedding was on the guest's list", "the building team lost the remote": of three words or more, some say what happens to the others. */
const isStory: Apart = ({ tokens }, seen, { carriers }, usage) => {
  if (carriers.length < 3 || usage.context === undefined) return false;
  const from = Math.min(...seen.map((sight) => sight.from));
  const to = Math.max(...seen.map((sight) => sight.to));
  const isSeen = (at: number) => seen.some((sight) => sight.from <= at && at <= sight.to);
  const opens = beginOfSentence(tokens, from);
  if (opens < 0) return false;
  const isAsked = tokens
    .slice(opens, to)
    .some(({ folded }) =>
      [usage.relatives, usage.asking, usage.which, usage.manner, usage.pronouns].some((words) =>
        words.has(folded),
      ),
    );
  if (isAsked) return false;
  for (let i = from + 1; i < to; i++) {
    const word = tokens[i]!;
    if (isSeen(i)) continue;
    const isBeforeObject = usage.determiners.has(tokens[i + 1]!.folded);
    if (
      didTo(word, tokens[i + 1], usage) ||
      (isSeen(i - 1) && isBeforeObject && isVerbal(word.folded, usage))
    )
      return true;
    if (!usage.copulas.has(word.folded)) continue;
    let next = i + 1;
    while (next < to && (usage.adverb?.test(tokens[next]!.folded) || usage.degrees.has(tokens[next]!.folded)))
      next++;
    // "Our running shoes are cheap", "solar panels are cleaned"
    if (!isSeen(next)) return true;
  }
  return false;
};

/** "De verzekering dat hij geen auto had", "zij verzekert dat de auto schoon is": what is said, of something else. Nouns in -ing are never neuter. */
const isSayingThat: Apart = (text, seen, variant, usage) => {
  const nouns = twoNouns(text, seen, variant);
  const [that, next] = nouns?.between ?? [];
  if (!nouns || !that || !next || !(usage.neuter.has(that.folded) && usage.asking.has(that.folded)))
    return false;
  const { folded } = text.tokens[nouns.first.to]!;
  const carrier = variant.carriers[nouns.first.place]!;
  const isDeed = usage.deed?.test(carrier.folded) === true;
  return (
    isDeed &&
    (folded.endsWith("ing") || !usage.action.test(folded)) &&
    [usage.determiners, usage.pronouns, usage.tellers].some((words) => words.has(next.folded))
  );
};

/** "Ein Haus, gebaut aus Holz", "een taart besteld" */
const PERHAPS_PARTICIPLE = /^(?:be|er|ent|her|ont|ver|zer)|ge.{3,}t$|iert$/;

/** "Kinderen spelen buiten" for "spel kinderen": two nouns side by side would be one word, so the second is what the first does. */
const isItsVerb: Apart = (text, seen, variant, usage) => {
  const nouns = usage.compounds ? twoNouns(text, seen, variant) : null;
  if (!nouns || nouns.between.length) return false;
  const [noun, verb] = [nouns.first, nouns.second].map(({ from, place }) => ({
    folded: text.tokens[from]!.folded,
    carrier: variant.carriers[place]!.folded,
  })) as [{ folded: string; carrier: string }, { folded: string; carrier: string }];
  return (
    noun.folded === noun.carrier &&
    !verb.carrier.startsWith(verb.folded) &&
    // "Het kantoor schoonmaken"
    ((verb.folded.endsWith("t") && !PERHAPS_PARTICIPLE.test(verb.folded)) ||
      (verb.folded.endsWith("en") && /(?:en|s)$/.test(noun.folded))) &&
    !(usage.capitals && isCapital(text, nouns.second.from)) &&
    !usage.action.test(verb.carrier)
  );
};

/** "The rule: no thumbs in the soup" */
const isOtherSaying: Apart = ({ tokens }, seen, { saying }) => {
  if (!saying) return false;
  const from = Math.min(...seen.map((sight) => sight.from));
  const to = Math.max(...seen.map((sight) => sight.to));
  const there = tokens
    .slice(from, to + 1)
    .map(({ folded }) => folded)
    .join(" ");
  return ![saying, saying.replace(" ", "s ")].some((one) => there.includes(one));
};

/** "The horses race the clock" */
const areDoing: Apart = (text, seen, { carriers }, usage) => {
  const [things, deed] = [0, 1].map((at) => seen.find(({ place }) => place === at));
  return (
    carriers.length === 2 &&
    deed?.from === things!.to + 1 &&
    doThey(text, things!.to, deed.from, carriers, usage)
  );
};

/** Ways in which the words of a keyword stand near each other and speak of different things. */
export const APART: readonly Apart[] = [
  isWithoutItsPreposition,
  isVerbWithoutIt,
  isOfOtherGender,
  isElsewhere,
  isInOtherClause,
  isDoneToOther,
  isTwoThings,
  isDoneElsewhere,
  isNotWithout,
  isWhen,
  isTornFrom,
  isTold,
  isStory,
  isSayingThat,
  isItsVerb,
  areDoing,
  isOtherSaying,
  isOrHasOther,
  doesAnother,
  isUnlinked,
];
