/** Whether one word of a keyword is used in a text as the keyword uses it. */
import type { AnalysedText, Token } from "../analyse";
import type { Carrier, Variant } from "../keyword";
import type { Usage } from "../packs/usage";
import { isIdle, isLikelyVerb, isVerbal, usedAs } from "../usage";
import { isVerbAsOne } from "./asOne";
import { NOUN_RULES } from "./nounRules/nounRules";
import type { Rule } from "./nounRules/rule";
import { isBeforeNoun, PERHAPS, REACH } from "./nouns";
import type { SeenWord } from "./seenWord";
import type { Sight } from "./sight";

/** @param seen where all of the keyword's content words are */
export function isUsedSo(
  text: AnalysedText,
  sight: Sight,
  seen: readonly Sight[],
  variant: Variant,
  usage: Usage,
): boolean {
  const { place, from, to } = sight;
  const carrier = variant.carriers[place]!;
  const token = text.tokens[to]!;
  if (isIdle(text, from, usage, variant)) return false;
  const isOtherForm = token.folded !== carrier.folded;
  // "Glasses for wine" for "wine glass"
  const isSaidMoreOf = !usage.headFirst && carrier.role === "head" && seen.length > 1;
  if (isOtherForm && !isSaidMoreOf && isOtherPlural(token.folded, carrier.folded, usage)) return false;
  // "Capital" is no "capitalism".
  if (isOtherForm && IDEA.test(token.folded) !== IDEA.test(carrier.folded)) return false;
  // "Be careful with the child" speaks of no child care.
  if (isOtherForm && usage.context && HAVING_IT.test(token.folded) !== HAVING_IT.test(carrier.folded))
    return false;
  // "The organiser filed a claim", "she trained to express milk"
  const isOfVerb = (other: Sight) =>
    variant.carriers[other.place]!.role === "verb" && (other.to === from - 1 || carrier.role === undefined);
  if (usage.context && isVerbOfObject(token, carrier, usage) && seen.some(isOfVerb)) return false;
  if (from !== to) {
    // "The bench by the wooden garden gate"
    const isOfOther = !usage.headFirst && carrier.role === "modifier" && isBeforeNoun(text, to, usage, seen);
    return !isOfOther && !isVerbAsOne(text, sight, carrier, variant.isJoined, usage);
  }
  const word: SeenWord = {
    text,
    usage,
    variant,
    seen,
    place,
    at: from,
    token,
    carrier,
    use: usedAs(text, from, usage),
    next: nextOf(seen, to),
    last: seen.find((other) => other.to === from - 1),
    isOtherForm,
    isDerived: token.stem !== carrier.stem,
    isVerbForm: isOtherForm && isVerbal(token.folded, usage),
    // "Alquiler" of "alquilar"
    isAction: usage.action.test(carrier.folded) || usage.likeInfinitives.has(carrier.folded),
    isThing: usage.things.has(carrier.folded.replace(/s$/, "")),
  };
  return carrier.role === "verb" ? isVerbUsedSo(word) : (decided(NOUN_RULES, word) ?? true);
}

/** The nearest behind a word: the keyword may name them in another order. */
const nextOf = (seen: readonly Sight[], to: number): Sight | undefined =>
  seen.filter(({ from }) => from > to).sort((a, b) => a.from - b.from)[0];

/** "Modern" of "modernise" */
export const isAdjectiveOf = ({ folded, stem }: Token, carrier: Carrier, usage: Usage): boolean =>
  (stem !== carrier.stem || (/i[sz]e$/.test(carrier.folded) && !/i[sz]e/.test(folded))) &&
  usage.adjectives.has(folded);

/** "Filed" for "files" in "organise files" */
export const isVerbOfObject = ({ folded }: Token, carrier: Carrier, usage: Usage): boolean =>
  carrier.role !== "verb" && isVerbal(folded, usage) && !isVerbal(carrier.folded, usage);

/** What is believed or lived, by its ending in the languages that share it. */
const IDEA = /.{3}is(?:m|ms|me|mes|mo|mos|mus)$/;

/** What has much of something, or nothing, in English. */
const HAVING_IT = /.{3}(?:ful|less)(?:ly)?$/;

/** "Glass" and "glasses", but not "save" for "savings" */
export const isOtherPlural = (folded: string, other: string, { otherPlurals, gerund }: Usage): boolean =>
  [folded, other].some((one) => otherPlurals.has(one)) &&
  gerund?.test(folded.replace(/s$/, "")) === gerund?.test(other.replace(/s$/, ""));

function decided(rules: readonly Rule[], word: SeenWord): boolean | undefined {
  for (const rule of rules) {
    const answer = rule(word);
    if (answer !== undefined) return answer;
  }
  return undefined;
}

/** "The company has a good name": an article, and what is said of the noun behind it. */
function isWithAdjective(text: AnalysedText, at: number, usage: Usage): boolean {
  const [article, adjective, token] = [text.tokens[at - 2], text.tokens[at - 1], text.tokens[at]!];
  return (
    usage.context !== undefined &&
    article?.sentence === token.sentence &&
    usage.determiners.has(article.folded) &&
    !adjective!.small &&
    !isVerbal(token.folded, usage) &&
    !isLikelyVerb(text, at, usage, PERHAPS)
  );
}

/** Is a verb parted from a beginning that ends its sentence? */
function isPartedFrom({ tokens }: AnalysedText, at: number, { parting }: Usage): boolean {
  if (!parting) return false;
  const { sentence } = tokens[at]!;
  let last = at;
  while (last - at < REACH && tokens[last + 1]?.sentence === sentence) last++;
  // A beginning is known by what could follow it.
  return last > at && tokens[last]!.small && parting.test(`${tokens[last]!.folded}aaaaaa`);
}

/** "The carpet was clean", "growing up, he ate": no verb, or another. */
const isOtherVerb = ({
  text: analysed,
  at,
  usage,
  token,
  variant,
  seen,
  place,
  carrier,
  isOtherForm,
}: SeenWord): boolean => {
  const { text, tokens } = analysed;
  const [before, after] = [tokens[at - 1], tokens[at + 1]];
  const isSaidOf =
    before?.sentence === token.sentence &&
    (usage.being.has(before.folded) || usage.degrees.has(before.folded)) &&
    !usage.participle?.test(token.folded);
  const isPhrasal =
    after !== undefined &&
    usage.verbParticles.has(after.folded) &&
    !variant.words.some(({ folded }) => folded === after.folded) &&
    // "Basil grew up indoors"
    (text[after.end] === "," || seen.some((other) => other.place === place + 1 && other.to < at));
  // "The building next to the shed", "the new hire's aunt"
  const isThing =
    (usage.gerund?.test(token.folded) &&
      before &&
      usage.determiners.has(before.folded) &&
      !(after && usage.of.has(after.folded))) ||
    token.folded.endsWith("'s") ||
    isWithAdjective(analysed, at, usage);
  // "The legal team lost a document", "legally, the document is void": of what the verb is made, said of something else.
  const isOfOther =
    isOtherForm &&
    usage.adverb !== undefined &&
    (usage.adverb.test(token.folded) ||
      (!isVerbal(token.folded, usage) &&
        // "Removing candle wax"
        !(usage.gerund?.test(token.folded) && seen.some(({ from }) => from === at + 2)) &&
        isBeforeNoun(analysed, at, usage, seen)));
  // "Die Pflanzen haben keine Blumen" for "Blumen pflanzen"
  const isPlural =
    before?.sentence === token.sentence &&
    usage.beforePlurals.has(before.folded) &&
    !isOtherForm &&
    usage.infinitive?.test(token.folded) === true;
  // "Insurance against cancelled flights" for "cancel insurance"
  const isSaidOfOther =
    usage.context !== undefined &&
    isVerbal(token.folded, usage) &&
    before?.sentence === token.sentence &&
    (usage.linking.has(before.folded) || usage.determiners.has(before.folded)) &&
    after?.sentence === token.sentence &&
    !after.small &&
    !seen.some(({ from }) => from === at + 1) &&
    text.slice(token.end, after.start) === " " &&
    !usage.adverb?.test(after.folded);
  // "Die Anzeige schaltet sich ab", "hij maait het gras weg": what ends the sentence makes another verb of it.
  const isOtherParted = !variant.isParted && isOtherForm && isPartedFrom(analysed, at, usage);
  // "De winkel is open" for "winkel openen"
  const isAdjective =
    before?.sentence === token.sentence &&
    usage.compounds &&
    usage.copulas.has(before.folded) &&
    carrier.folded === `${token.folded}en`;
  // "Zijn bleke tanden" for "tanden bleken"
  const isDeclined =
    usage.compounds &&
    !usage.capitals &&
    carrier.folded === `${token.folded}n` &&
    seen.some(({ from }) => from === at + 1);
  // "De schone oven" for "schoonmaken"
  const isNoParticle =
    variant.isParted &&
    isOtherForm &&
    variant.carriers[place - 1]?.role === "verb" &&
    carrier.role === "verb";
  return (
    isThing ||
    isPlural ||
    isSaidOfOther ||
    isAdjective ||
    isOtherParted ||
    isDeclined ||
    // "A modern kitchen"
    (usage.context !== undefined && isAdjectiveOf(token, carrier, usage)) ||
    isOfOther ||
    isNoParticle ||
    (isSaidOf && usage.participle !== undefined && !usage.pasts.has(token.folded)) ||
    isPhrasal
  );
};

const isVerbUsedSo = (word: SeenWord): boolean => !isOtherVerb(word) && isVerbOf(word);

const isGenitive = ({ folded }: Token, { apart, determiners }: Usage): boolean =>
  apart.has(folded) && determiners.has(folded);

/** "Una planta": in languages where the verb comes first in a keyword, what has an article is a noun. */
const isVerbOf = ({ isDerived, isOtherForm, use: told, usage, token, next, at, text }: SeenWord): boolean => {
  // "L'isola ha una parete di roccia"
  const isNoun = usage.clungArticle?.test(token.folded) && !usage.infinitive?.test(token.folded);
  const use = isNoun ? "noun" : told;
  return (
    (isDerived &&
      !(usage.headFirst && use === "noun" && token.otherStem && !usage.action.test(token.folded))) ||
    // "El alquiler de un coche": what ends like a verb is a noun in the keyword as well.
    (usage.headFirst && !isOtherForm) ||
    use !== "noun" ||
    // "De verhuur van een kamer"
    (next !== undefined &&
      usage.of.has(text.tokens[at + 1]!.folded) &&
      // "A pack of dogs chased the suitcase"
      text.tokens.slice(at + 1, next.from).every(({ small }) => small)) ||
    usage.action.test(token.folded) ||
    // "Der Bau eines Hauses"
    usage.deed?.test(token.folded) ||
    // "Der Wechsel des Anbieters"
    (usage.capitals &&
      next?.from === at + 2 &&
      !token.folded.endsWith("t") &&
      isGenitive(text.tokens[at + 1]!, usage)) ||
    // "El alquiler de una habitación"
    usage.eitherWay.has(token.folded) ||
    (!usage.capitals && next !== undefined && next.from - at === 1)
  );
};
