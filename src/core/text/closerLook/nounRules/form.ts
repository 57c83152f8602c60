/** What the form of a word tells, and what stands right before it. */

import type { AnalysedText } from "../../analyse";
import { longVowel } from "../../compoundParts";
import type { Usage } from "../../packs/usage";
import { isLikelyVerb, isNounAt, isVerbal } from "../../usage";
import { isCapital, isCopulaAt, isSaidAt, PERHAPS } from "../nouns";
import { opensBeforeRest } from "./deed";
import type { Rule } from "./rule";

export const standsForNothing: Rule = ({ text, usage, token, at }) =>
  token.small && !usage.parting && !isNamed(text, at, usage) ? false : undefined;

/** "El médico recetó pan": what only a verb can be, beside a noun that says nothing done. */
export const isFiniteForm: Rule = ({ text, token, usage, isOtherForm, isAction, isDerived }) =>
  isOtherForm &&
  !isAction &&
  !isDerived &&
  usage.finiteForm?.test(text.text.slice(token.start, token.end).toLowerCase())
    ? false
    : undefined;

/** "Juega con la carta" speaks of no *juego*: what has no article and another vowel at its end is the verb. */
export const isVerbByVowel: Rule = (word) => {
  const { token, carrier, usage, use, isAction } = word;
  if (!usage.headFirst || isAction || carrier.role !== "head" || use === "noun") return undefined;
  if (!token.folded.startsWith(carrier.folded.slice(0, -1)) || opensBeforeRest(word)) return undefined;
  const end = token.folded.slice(carrier.folded.length - 1);
  if (/[^d][oi]$/.test(carrier.folded)) return /^a(?:n|m|no)?$/.test(end) ? false : undefined;
  // "Guarde em segurança" for "guarda de segurança"; in Italian a plural ends so.
  const isOfA = usage.clungArticle === undefined && carrier.folded.endsWith("a");
  return isOfA && /^e[mn]?$/.test(end) ? false : undefined;
};

/** "La mesa está puesta al sol", "a piscina está coberta de folhas": done, where the keyword's noun says what is done or of which sort it is. */
export const isDoneHere: Rule = ({ text: { tokens }, token, at, carrier, usage }) =>
  usage.headFirst &&
  (carrier.role === "head" || usage.of.has(tokens[at + 1]?.folded ?? "")) &&
  /(?:[ai]d|st|rt)[oa]s?$/.test(token.folded) &&
  usage.copulas.has(tokens[at - 1]?.folded ?? "")
    ? false
    : undefined;

/** "Es seguro viajar", "viaje seguro", "seguro que la salud mejora": how something is, where the keyword has a thing. */
export const isHowItIs: Rule = ({ text, at, carrier, usage, last }) =>
  carrier.role === "head" && isSaidAt(text, at, usage, last?.to === at - 1) ? false : undefined;

/** "Une voiture recherchée par la police" says nothing of a search. */
export const isDoneToNoun: Rule = ({
  text: { text, tokens },
  at,
  token,
  carrier,
  usage,
  isOtherForm,
  last,
}) => {
  const before = tokens[at - 1];
  return usage.headFirst &&
    carrier.role === "head" &&
    isOtherForm &&
    !last &&
    before?.small === false &&
    before.sentence === token.sentence &&
    token.folded.replace(/s$/, "") !== carrier.folded.replace(/s$/, "") &&
    usage.done?.test(text.slice(token.start, token.end).toLowerCase().normalize("NFC"))
    ? false
    : undefined;
};

/** "He calls back" */
export const isParticle: Rule = ({ text, token, at, usage }) => {
  if (!usage.particles.has(token.folded)) return undefined;
  // "She paid him back"
  const verb = usage.persons.has(text.tokens[at - 1]?.folded ?? "") ? at - 2 : at - 1;
  return text.tokens[verb]?.small === false && isLikelyVerb(text, verb, usage) ? false : undefined;
};

/** "First-class meals" speak of no class. */
export const isJoinedOn: Rule = ({ text: { tokens }, at, token, carrier, seen, usage }) =>
  (carrier.role === "head" && tokens[at - 1]?.joinsNext && !seen.some(({ to }) => to === at - 1)) ||
  // "A colour-blind person" is not blind.
  (usage.adjectives.has(token.folded) &&
    tokens[at - 1]?.joinsNext &&
    !seen.some(({ to }) => to === at - 1)) ||
  // "Cold-water fishes" are not cold, but "custom-made" is.
  (usage.adjectives.has(token.folded) &&
    token.joinsNext &&
    !isVerbal(tokens[at + 1]!.folded, usage) &&
    !seen.some(({ from }) => from === at + 1))
    ? false
    : undefined;

/** "Het was droog" for "was drogen" */
export const isCopula: Rule = ({ text, at, usage }) => (isCopulaAt(text, at, usage) ? false : undefined);

/** "Hij droogde de huid" for "droge huid", "het spelt" for "spel": endings that Dutch verbs have alone. */
export const isDutchVerb: Rule = ({ token, carrier, usage }) => {
  if (!usage.compounds || usage.capitals || carrier.folded.startsWith(token.folded)) return undefined;
  // "Tapijten", "pakketten"
  const { folded } = carrier;
  if ([folded, folded + folded.at(-1)].some((one) => token.folded === `${one}en`)) return undefined;
  if (usage.action.test(carrier.folded) || usage.eitherWay.has(carrier.folded)) return undefined;
  return [carrier.stem, longVowel(carrier.stem)].some((stem) =>
    VERB_ENDINGS.some((end) => token.folded === stem + end),
  )
    ? false
    : undefined;
};
const VERB_ENDINGS = ["t", "de", "te", "den", "ten"];

/** "Bill cooks with gas": somebody's name, written with a capital where other words have none. */
export const isFirstName: Rule = ({ text, token, carrier, at, usage }) =>
  (usage.firstNames.has(token.folded) ||
    (token.folded.endsWith("'s") && usage.firstNames.has(token.folded.slice(0, -2)))) &&
  !/^\p{Lu}/u.test(carrier.written) &&
  isCapital(text, at) &&
  isNameHere(text, at, usage)
    ? false
    : undefined;

/** As a sentence begins, a name has the verb right behind it; elsewhere any word but a name has no capital. */
function isNameHere(text: AnalysedText, at: number, usage: Usage): boolean {
  const { tokens } = text;
  const { sentence } = tokens[at]!;
  const around = [at - 1, at + 1].filter((i) => tokens[i]?.sentence === sentence);
  if (around.some((i) => !tokens[i]!.small && isCapital(text, i))) return false;
  const [before, token, after] = [tokens[at - 1], tokens[at]!, tokens[at + 1]];
  // "Our advice: Stone walls last" begins anew.
  if (before?.sentence === sentence && !BEGINS.test(text.text.slice(before.end, token.start))) return true;
  return (
    after?.sentence === sentence &&
    !token.folded.endsWith("s") &&
    /(?:[^s]s|ed)$/.test(after.folded) &&
    isLikelyVerb(text, at + 1, usage, PERHAPS)
  );
}
const BEGINS = /[^\s,'’-]/;

/** "Piano lessons near you" */
export const isWhereItIs: Rule = ({ usage, token, carrier }) =>
  usage.places.has(carrier.folded) && token.folded === carrier.folded ? true : undefined;

/** "A rack for plates to dry" is for no dry plates. */
export const isAdjectivesVerb: Rule = ({ usage, token, use, isVerbForm }) =>
  use === "verb" &&
  !isVerbForm &&
  usage.adjectives.has(token.folded) &&
  !isVerbal(token.folded, usage) &&
  !usage.gerund?.test(token.folded)
    ? false
    : undefined;

/** "Sie rasen vorbei und mähen alles um" is about no "Rasen". */
export const isNoCapital: Rule = ({ text, usage, token, at, carrier }) =>
  usage.capitals &&
  !carrier.isLower &&
  carrier.role === undefined &&
  usage.infinitive?.test(token.folded) &&
  isNounAt(text, at, usage) === false
    ? false
    : undefined;

/** "Zij kussen elkaar" speaks of no *kussen*. */
export const isDoneByThem: Rule = ({ text: { tokens }, at, token, carrier, usage, isOtherForm }) =>
  carrier.role === undefined &&
  usage.compounds &&
  !usage.capitals &&
  !isOtherForm &&
  tokens[at - 1]?.sentence === token.sentence &&
  usage.pronouns.has(tokens[at - 1]!.folded) &&
  usage.infinitive?.test(token.folded)
    ? false
    : undefined;

/** "Il compte ouvrir une boutique" for "ouvrir un compte" */
export const isSaidByOneOfIt: Rule = ({ text: { tokens }, at, token, carrier, usage }) => {
  const before = tokens[at - 1];
  return usage.headFirst &&
    carrier.role === undefined &&
    before?.sentence === token.sentence &&
    (usage.persons.has(before.folded) || usage.pronouns.has(before.folded)) &&
    !usage.determiners.has(before.folded) &&
    usage.infinitive?.test(tokens[at + 1]?.folded ?? "")
    ? false
    : undefined;
};

/** "Isso prova que a matemática serve" */
export const isSaidByOne: Rule = ({ text: { tokens }, at, token, carrier, usage, isAction }) => {
  const before = tokens[at - 1];
  return usage.headFirst &&
    carrier.role === "head" &&
    !isAction &&
    before?.sentence === token.sentence &&
    (usage.persons.has(before.folded) || usage.pronouns.has(before.folded)) &&
    !usage.determiners.has(before.folded)
    ? false
    : undefined;
};

/** "Die Veganerin" is no "vegane" one. */
export const isPersonSaid: Rule = ({ text, at, carrier, usage, token }) =>
  usage.capitals &&
  carrier.isLower &&
  carrier.role === "modifier" &&
  /in(?:nen)?$/.test(token.folded) &&
  isCapital(text, at)
    ? false
    : undefined;

/** A small word that stands for a thing: "an old mine", "a will". */
function isNamed({ tokens }: AnalysedText, at: number, { determiners, modals }: Usage): boolean {
  const before = tokens[at - 1];
  if (!before) return false;
  return determiners.has(before.folded) || (!before.small && !modals.has(tokens[at]!.folded));
}
