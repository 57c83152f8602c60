/**
 * Whether the verb of a keyword does something to its noun where a text has both. "He wrote a poem on the bill", "the bill came, and he wrote a
 * poem": no bill is written.
 */
import type { AnalysedText, Token } from "../analyse";
import type { Variant } from "../keyword";
import type { Usage } from "../packs/usage";
import { type Apart, beginOfSentence, isBeforeNoun, isCapital } from "./nouns";
import type { Sight } from "./sight";

/** What a verb is done to has no preposition before it, where the keyword has none, and stands in its clause. */
export const isDoneElsewhere: Apart = (text, seen, variant, usage) => {
  const verb = seen.find(({ place }) => variant.carriers[place]!.role === "verb");
  const nouns = seen.filter(({ place }) => variant.carriers[place]!.role !== "verb");
  const [noun] = nouns.sort((a, b) => a.place - b.place);
  if (!verb || !noun) return false;
  // "The wallpaper shop was removed"
  if (!usage.headFirst && noun.to < verb.from && isBeforeNoun(text, noun.to, usage, seen)) return true;
  // "The podcast starts at nine", "they hired the nanny's brother"
  if (!usage.headFirst && !usage.compounds && isItsSubject(text, verb, noun, seen, usage)) return true;
  if (isForDoing(text, verb, noun, variant, usage)) return true;
  if (isSaying(text, verb, usage) || isUnderOther(text, verb, noun, variant, usage)) return true;
  // "Opening an account at a bank": of two nouns the last is what it is done to.
  if (nouns.length > 1)
    return !variant.isParted && isWhere(text, variant.pair ? nouns.at(-1)! : noun, variant, usage);
  const ends = seen.map(({ from }) => from);
  const first = Math.min(...ends);
  const last = Math.max(...ends);
  const between = text.tokens.slice(first + 1, last);
  const gap = text.text.slice(text.tokens[first]!.end, text.tokens[last]!.start);
  const isNounFirst = noun.from === first;
  return (
    areInTwoClauses(between, isNounFirst, usage) ||
    (!isNounFirst &&
      (wasDoneElsewhere(text.tokens[verb.from]!, between, usage) ||
        isWhatSomebodyIs(text, text.tokens[verb.from]!, gap, usage))) ||
    (isNounFirst && isGovernedNoun(text, verb, between, usage)) ||
    (isNounFirst && isDoer(text, verb, between, usage)) ||
    isInOtherPart(gap, between, isNounFirst, usage) ||
    (isNounFirst && theyDoIt(gap, between, usage)) ||
    (!isNounFirst && isAnothersSubject(text, noun, usage)) ||
    (isNounFirst &&
      (!between.length || opensSentence(text, noun.from, usage)) &&
      isVerbSecond(text, verb.from, usage)) ||
    (usage.headFirst && isNounFirst && isSubjectOf(text, verb, between, usage)) ||
    (!isNounFirst && isToOneself(text, verb, usage)) ||
    // "Het gras groeit, de boer maait koren"
    (isNounFirst && isOtherSubject(between, usage) && gap.includes(",")) ||
    isToAnother(between, isNounFirst, variant, usage) ||
    (!isNounFirst && isSaidOfBefore(text, verb, between, variant, usage)) ||
    (!isNounFirst && ownsIt(text, verb, between, usage)) ||
    (!isNounFirst && isInNextClause(text, noun, gap, between, variant, usage)) ||
    (isGoverned(text, noun.from, variant, usage) && !isDoneFor(text, verb, noun.from, usage))
  );
};

/** "Pan limpio del horno": what is said of the noun before it, and no verb. "Bevi dell'acqua": elsewhere "of" says how much. */
const isSaidOfBefore = (
  { text, tokens }: AnalysedText,
  { from }: Sight,
  between: readonly Token[],
  { words }: Variant,
  { headFirst, of, clungArticle, infinitive, action }: Usage,
): boolean => {
  const [before, token] = [tokens[from - 1], tokens[from]!];
  return (
    headFirst &&
    clungArticle === undefined &&
    between.length === 1 &&
    of.has(between[0]!.folded) &&
    !words.some(({ folded }) => of.has(folded)) &&
    before?.sentence === token.sentence &&
    !before.small &&
    text.slice(before.end, token.start) === " " &&
    !infinitive?.test(token.folded) &&
    !action.test(token.folded)
  );
};

/** "Die Reinigung hat einen Teppich": a noun that says what is done, and what it has. */
const ownsIt = (
  { tokens }: AnalysedText,
  { from }: Sight,
  between: readonly Token[],
  { compounds, deed, copulas, auxiliaries, owning }: Usage,
): boolean =>
  compounds &&
  deed?.test(tokens[from]!.folded) === true &&
  between.some(({ folded }) => copulas.has(folded) || auxiliaries.has(folded) || owning.has(folded));

/** "Es gießt, und die Pflanzen freuen sich", "der Kapitän legte an und zählte sein Geld" */
function isInNextClause(
  { text, tokens }: AnalysedText,
  noun: Sight,
  gap: string,
  between: readonly Token[],
  { isParted }: Variant,
  { compounds, conjunctions }: Usage,
): boolean {
  if (!compounds) return false;
  if (between.length && gap.split(",").length === 2) {
    // "Reinigt die Türen, die Fenster und die Wände" goes on with more of the same; "er eröffnete ihr, das Konto sei leer" does not.
    const [token, after] = [tokens[noun.to]!, tokens[noun.to + 1]];
    const goesOn =
      after?.sentence === token.sentence &&
      !conjunctions.has(after.folded) &&
      text.slice(token.end, after.start) === " ";
    return goesOn || between.every(({ small }) => small);
  }
  const and = between.findIndex(({ folded }) => conjunctions.has(folded));
  return isParted && and > 0 && between.slice(and + 1).some(({ small }) => !small);
}

/** "El programa de instalación", "an installation program": what something is done with, where it is done to it in the keyword. */
export function isForDoing(
  { tokens }: AnalysedText,
  verb: Sight,
  noun: Sight,
  { carriers }: Variant,
  { action, gerund, headFirst, compounds, of, linking, eitherWay, joining }: Usage,
): boolean {
  const { folded } = tokens[verb.to]!;
  if (compounds || !action.test(folded) || folded === carriers[verb.place]!.folded) return false;
  // "Installing programs"
  if (gerund?.test(folded)) return false;
  // "Coches de alquiler", "moving boxes"
  if (eitherWay.has(folded)) return false;
  if (!headFirst) return noun.from === verb.to + 1;
  if (noun.to + 2 !== verb.from) return false;
  const link = tokens[verb.from - 1]!.folded;
  return linking.has(link) && (of.has(link) || !joining.has(link));
}

/** How participles look in German and Dutch: a regular one, wherever its "ge" stands ("aangemeld"), and any that begins with it. */
const REGULAR_PARTICIPLE = /ge.{3,}[dt]$/;
const GE_PARTICIPLE = /^ge.*(?:[dt]|en)$/;
/** Endings of participles in the Romance languages, as they are written, and of what one is doing. */
const PARTICIPLE = /(?:[oi]|[ai]da|d?[oa]s|[aiusrt]t[ae]|cha|és?|[éiut]es?|[st]|(?<![aeio])u|ant|ndo)$/;

/** "La pared no pinta nada", "le mur est nu, la peinture est vendue": what stands before a verb does it, unless it is done to itself. */
function isSubjectOf(
  { text, tokens }: AnalysedText,
  { from }: Sight,
  between: readonly Token[],
  { infinitive, reflexives, linking }: Usage,
): boolean {
  // "Camper a noleggio"
  if (linking.has(between.at(-1)?.folded ?? "")) return false;
  const { folded, start, end } = tokens[from]!;
  // "O forno limpa-se com vinagre"
  if ([...between, tokens[from + 1]].some((word) => word && reflexives.has(word.folded))) return false;
  return !infinitive?.test(folded) && !PARTICIPLE.test(text.slice(start, end).toLowerCase());
}

/** "Ele se cortou e quebrou o vidro" */
const isToOneself = ({ tokens }: AnalysedText, { from }: Sight, usage: Usage): boolean => {
  const [who, self] = [tokens[from - 2], tokens[from - 1]];
  return (
    usage.headFirst &&
    who?.sentence === tokens[from]!.sentence &&
    usage.reflexives.has(self!.folded) &&
    usage.persons.has(who.folded)
  );
};

/** "Het tapijt ligt bij de reiniging" */
function isGovernedNoun(
  { tokens }: AnalysedText,
  { from }: Sight,
  between: readonly Token[],
  { governing, linking, determiners, joining }: Usage,
): boolean {
  let at = from - 1;
  while (determiners.has(tokens[at]?.folded ?? "")) at--;
  const { folded } = tokens[at]!;
  if (joining.has(folded)) return false;
  return linking.has(folded) ? between.some(({ small }) => !small) : governing.has(folded);
}

/** "Money cannot save him", "o quarto está numa casa de aluguer": what stands before does it, or is somewhere. */
function isDoer(
  { text, tokens }: AnalysedText,
  { from }: Sight,
  between: readonly Token[],
  { auxiliaries, being, compounds, copulas, headFirst, joining }: Usage,
): boolean {
  const { start, end } = tokens[from]!;
  if (headFirst)
    return (
      between.some(({ folded }) => copulas.has(folded)) &&
      !PARTICIPLE.test(text.slice(start, end).toLowerCase())
    );
  const [can] = between;
  return (
    !compounds &&
    can !== undefined &&
    auxiliaries.has(can.folded) &&
    !joining.has(can.folded) &&
    !between.some(({ folded }) => being.has(folded))
  );
}

/** "Ahorra palabras, pide dinero", "le compte est bon, la porte ouverte" */
function isInOtherPart(
  gap: string,
  between: readonly Token[],
  isNounFirst: boolean,
  { copulas }: Usage,
): boolean {
  const comma = gap.indexOf(",");
  if (comma < 0) return false;
  if (isNounFirst) return between.some(({ folded }) => copulas.has(folded));
  const from = between[0] ? between[0].start - gap.search(/\S/) : 0;
  const parts = [true, false].map((isBefore) =>
    between.filter(({ small, start }) => !small && start - from < comma === isBefore),
  );
  return parts.every(({ length }) => length > 0);
}

/** "Zij wisselde van onderwerp, de leverancier zweeg", "wurde verlegt, der Boden ist nass", but not "reinigt die Fenster, die Türen und die Dachrinne" */
function isAnothersSubject(
  { text, tokens }: AnalysedText,
  { from, to }: Sight,
  { determiners, conjunctions }: Usage,
): boolean {
  let opens = from;
  while (determiners.has(tokens[opens - 1]?.folded ?? "")) opens--;
  const after = tokens[to + 1];
  return (
    opens < from &&
    text.slice(tokens[opens - 1]?.end ?? 0, tokens[opens]!.start).includes(",") &&
    after?.sentence === tokens[to]!.sentence &&
    !conjunctions.has(after.folded) &&
    text.slice(tokens[to]!.end, after.start) === " "
  );
}

/** "Zij hebben een band, zij plakken samen", but "een band, die zij plakken" */
const theyDoIt = (gap: string, between: readonly Token[], { compounds, pronouns, asking }: Usage): boolean =>
  compounds &&
  gap.includes(",") &&
  between.some(({ folded }) => pronouns.has(folded)) &&
  !between.some(({ folded }) => asking.has(folded));

/** "De stof van de jurk" */
function opensSentence({ tokens }: AnalysedText, at: number, { determiners }: Usage): boolean {
  const first = beginOfSentence(tokens, at);
  return first === at || (first === at - 1 && determiners.has(tokens[first]!.folded));
}

/** "Het bloed gaf hem geen rust", but "wie bloed geeft, helpt": where the verb of a clause comes second, what stands before it does it. German tells by its articles, which nobody reads here. */
export function isVerbSecond({ text, tokens }: AnalysedText, from: number, usage: Usage): boolean {
  const [verb, next] = [tokens[from]!, tokens[from + 1]];
  if (!usage.compounds || usage.capitals || next?.sentence !== verb.sentence) return false;
  const isPlain = !usage.infinitive?.test(verb.folded) && !REGULAR_PARTICIPLE.test(verb.folded);
  return isPlain && text.slice(verb.end, next.start) === " " && !usage.pronouns.has(next.folded);
}

/** Is a verb's noun what does it, or whose something else is? */
function isItsSubject(
  { tokens }: AnalysedText,
  verb: Sight,
  noun: Sight,
  seen: readonly Sight[],
  { action }: Usage,
): boolean {
  const [does, thing] = [tokens[verb.to]!.folded, tokens[noun.to]!];
  if (thing.folded.endsWith("'s"))
    return tokens[noun.to + 1]?.small === false && !seen.some(({ from }) => from === noun.to + 1);
  return (
    noun.to + 1 === verb.from && /[^s]s$/.test(does) && !action.test(does) && !thing.folded.endsWith("s")
  );
}

/** "Write the letters on the cover", but "a custom case for your phone" */
function isWhere({ tokens }: AnalysedText, { from }: Sight, variant: Variant, usage: Usage): boolean {
  const governor = governorOf(tokens, from, usage);
  return governor !== undefined && !usage.joining.has(governor) && !isGovernedInside(variant, usage);
}

/** "She learned that the play had no guitar", "elle apprend que la guitare est vendue" */
function isSaying({ tokens }: AnalysedText, { to }: Sight, usage: Usage): boolean {
  const isThat = (at: number): boolean => {
    const [that, next] = [tokens[at], tokens[at + 1]];
    if (!that || !next || that.sentence !== tokens[to]!.sentence) return false;
    // "Il apprend que l'espagnol est mort"
    if (usage.headFirst) return usage.asking.has(that.folded);
    return (
      usage.relatives.has(that.folded) &&
      (usage.determiners.has(next.folded) || usage.persons.has(next.folded))
    );
  };
  // "She learned online that her aunt had died"
  return isThat(to + 1) || (!usage.headFirst && tokens[to + 1]?.small === false && isThat(to + 2));
}

/** "The rule applies to visa holders", "apply the cream, then pack your visa": what joins verb and noun in the keyword stands between them. */
function isUnderOther(
  { tokens }: AnalysedText,
  verb: Sight,
  noun: Sight,
  { words, carriers, isParted }: Variant,
  { governing, determiners }: Usage,
): boolean {
  if (isParted) return false;
  const at = words.findIndex(({ stem }) => stem === carriers[verb.place]!.stem);
  const link = words[at + 1];
  if (noun.from < verb.to || !link || !governing.has(link.folded) || determiners.has(link.folded))
    return false;
  return !tokens.slice(verb.to + 1, noun.from).some(({ folded }) => folded === link.folded);
}

/** "Groeit, de boer" */
const isOtherSubject = ([own, ...rest]: readonly Token[], { determiners }: Usage): boolean =>
  own?.small === false && rest.some(({ folded }) => determiners.has(folded));

/** @param isNounFirst of the two, the noun stands before the verb */
function areInTwoClauses(between: readonly Token[], isNounFirst: boolean, usage: Usage): boolean {
  const { conjunctions, clauses, pronouns, headFirst } = usage;
  const and = between.findIndex(({ folded }) => conjunctions.has(folded));
  // "Hij leunde op de muur en kocht verf"
  if (isNounFirst && and >= 0 && between.slice(and + 1).some(({ small }) => !small)) return true;
  // "De blog zegt wie er schrijft"
  const [own] = between;
  if (isNounFirst && own && !own.small && between.some(({ folded }) => pronouns.has(folded))) return true;
  if (between.some(({ folded }) => clauses.has(folded))) return true;
  if (and < 0) return false;
  // "Plantas e flores à venda"
  if (!isNounFirst && between.length === 1) return true;
  // "Hij geeft les en zag bloed"
  const [earlier, later] = [between.slice(0, and), between.slice(and + 1)];
  if ([earlier, later].every((words) => words.some(({ small }) => !small))) return true;
  // "La roue tourne et le temps change": where verbs stand first, it is another that does it. "It smells of rice and cooks"
  if (isNounFirst && (headFirst || between.length === 1)) return true;
  return pronouns.has(between[and + 1]?.folded ?? "");
}

/** "Aislado, miraba la pared": what somebody is, and not what is done to the wall. */
const isWhatSomebodyIs = (
  { text }: AnalysedText,
  { start, end, folded }: Token,
  gap: string,
  { headFirst, done, infinitive }: Usage,
): boolean =>
  headFirst &&
  gap.startsWith(",") &&
  done?.test(text.slice(start, end).toLowerCase().normalize("NFC")) === true &&
  !infinitive?.test(folded);

/** "Hij is gewassen en hangt de gordijnen op": a participle ends its clause. */
const wasDoneElsewhere = ({ folded }: Token, [and, ...rest]: readonly Token[], usage: Usage): boolean =>
  usage.compounds &&
  GE_PARTICIPLE.test(folded) &&
  and !== undefined &&
  usage.conjunctions.has(and.folded) &&
  rest.some(({ small }) => !small);

/** "Escribió una carta al blog", "zij haalt brood met haar rijbewijs": it is a letter that is written. */
function isToAnother(
  between: readonly Token[],
  isNounFirst: boolean,
  { words }: Variant,
  { linking, determiners, infinitive, headFirst, of, parts }: Usage,
): boolean {
  const last = between.at(-1);
  if (isNounFirst || !last || words.some(({ folded }) => linking.has(folded))) return false;
  const at = linking.has(last.folded)
    ? between.length - 1
    : determiners.has(last.folded)
      ? between.length - 2
      : -1;
  // "Apprendre à jouer de la guitare"
  if (headFirst && infinitive && between.some(({ folded }) => infinitive.test(folded))) return false;
  // "Cleaning the inside of your oven"
  if (at > 0 && of.has(between[at]!.folded) && parts.has(between[at - 1]!.folded)) return false;
  return at > 0 && linking.has(between[at]!.folded) && between.slice(0, at).some(({ small }) => !small);
}

/** Does a preposition stand before a noun, as none does in the keyword: "after the application she wrote"? */
export const isGoverned = ({ tokens }: AnalysedText, noun: number, variant: Variant, usage: Usage): boolean =>
  !isGovernedInside(variant, usage) && governorOf(tokens, noun, usage) !== undefined;

/** "Training for puppies", "Kündigung von Verträgen" */
const isDoneFor = (
  text: AnalysedText,
  verb: Sight,
  noun: number,
  { joining, gerund, of, about, deed, capitals, infinitive }: Usage,
): boolean => {
  const [done, link] = [text.tokens[verb.to]!.folded, text.tokens[noun - 1]!.folded];
  if (noun !== verb.to + 2) return false;
  // "Das Zahlen von Steuern"
  const isNamed = capitals && infinitive?.test(done) === true && isCapital(text, verb.to);
  return (
    (gerund?.test(done) === true && joining.has(link)) ||
    ((isNamed || deed?.test(done) === true) && (of.has(link) || about.has(link)))
  );
};

const isGovernedInside = ({ words, isParted }: Variant, { governing }: Usage): boolean =>
  !isParted && words.some(({ folded }) => governing.has(folded));

/** The preposition before a noun, over what belongs to the noun: "on" of "on the old table". */
export function governorOf(
  tokens: readonly Token[],
  noun: number,
  { determiners, governing, linking, compounds, inOrder, auxiliaries }: Usage,
): string | undefined {
  // "Nell'erba"
  const [cling, rest] = tokens[noun]!.folded.split("'");
  if (rest && governing.has(cling!)) return cling;
  const isPlain = (at: number) =>
    determiners.has(tokens[at]?.folded ?? "") && !governing.has(tokens[at]!.folded);
  let at = noun - 1;
  // "Devant la grande roue"
  if (tokens[at] && !tokens[at]!.small && isPlain(at - 1)) at--;
  while (isPlain(at)) at--;
  const before = tokens[at];
  if (before?.sentence !== tokens[noun]!.sentence) return undefined;
  // "Um den Ofen zu reinigen"
  if (inOrder.has(before.folded) && auxiliaries.has(tokens[noun + 1]?.folded ?? "")) return undefined;
  // "Op het brood ligt ei": elsewhere it may belong to the verb.
  const opens = compounds && tokens[at - 1]?.sentence !== before.sentence && linking.has(before.folded);
  return opens || governing.has(before.folded) ? before.folded : undefined;
}
