/** Keywords of a preposition and one noun: "at home", "op reis", "à domicile". Without the preposition they are another matter: "buy a home". */
import type { AnalysedText, Token } from "../analyse";
import type { Usage } from "../packs/usage";
import type { Apart } from "./nouns";

const isPreposition = ({ folded }: Pick<Token, "folded">, usage: Usage): boolean =>
  [usage.governing, usage.places, usage.linking].some((words) => words.has(folded)) &&
  !usage.conjunctions.has(folded);

/** Does the noun stand behind the preposition of the keyword, with nothing between but what belongs to the noun: "at your new home"? */
function isBehind(
  { text, tokens }: AnalysedText,
  noun: number,
  isPrepositionOfIt: (folded: string) => boolean,
  usage: Usage,
): boolean {
  const { sentence } = tokens[noun]!;
  let at = noun - 1;
  // "Reading in a warm bed"
  if (tokens[at]?.small === false && tokens[at - 1]?.small) at--;
  while (tokens[at]?.sentence === sentence && !isPrepositionOfIt(tokens[at]!.folded)) {
    const { folded } = tokens[at]!;
    if (!usage.determiners.has(folded) && !usage.quantities.has(folded)) return false;
    at--;
  }
  // "Come in, the bed is made"
  return tokens[at]?.sentence === sentence && !/[,;:]/.test(text.slice(tokens[at]!.end, tokens[noun]!.start));
}

/** "Home is what he looks at" for "at home", "de reis houdt op" for "op reis" */
export const isWithoutItsPreposition: Apart = (text, seen, { words, isJoined, isParted }, usage) => {
  const [preposition, ...rest] = words;
  const last = rest.pop();
  if (isJoined || isParted || !preposition || !last || !isPreposition(preposition, usage)) return false;
  if (!rest.every(({ folded }) => usage.determiners.has(folded))) return false;
  const noun = seen.find(({ from }) => text.tokens[from]!.folded !== preposition.folded);
  return noun !== undefined && !isBehind(text, noun.from, (folded) => folded === preposition.folded, usage);
};

/** "Il monta la tente, le cheval dormait" for "monter à cheval": where verbs stand first, the three are one. */
export const isVerbWithoutIt: Apart = (text, seen, { words, carriers }, usage) => {
  const [verb, preposition, noun, ...more] = words;
  if (!usage.headFirst || more.length || !noun || carriers[0]?.role !== "verb") return false;
  if (verb!.folded !== carriers[0].folded || !isPreposition(preposition!, usage)) return false;
  const said = preposition!.folded;
  // "Pescar no rio" has an article within, "baixar a pressão" nothing else; "passar a ferro" none.
  const isBare = said === "a" && /(?<!a)o$/.test(noun.folded);
  // "Économiser de l'énergie"
  if ((usage.determiners.has(said) && !isBare) || usage.clungArticle?.test(noun.folded)) return false;
  const there = seen.find(({ place }) => place === 1);
  return (
    there !== undefined && !isBehind(text, there.from, (folded) => isWithArticle(folded, said, usage), usage)
  );
};

/** How prepositions begin that are one word with an article behind them, where that is not how they begin alone: "das" of "de", "nel" of "in". */
const WITH_ARTICLE: Readonly<Record<string, RegExp>> = { de: /^d/, di: /^de/, em: /^n/, in: /^n/ };

const isWithArticle = (folded: string, said: string, { linking, determiners }: Usage): boolean =>
  folded === said ||
  (linking.has(folded) &&
    determiners.has(folded) &&
    (WITH_ARTICLE[said]?.test(folded) ?? folded.startsWith(said)));
