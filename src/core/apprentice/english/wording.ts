/** Plainer words, spoken and written forms: one word for another where nothing else of the sentence changes. */

/** From long words to plain ones. Only pairs that fit in every sentence; the first letter keeps its case. */
const PLAINER: readonly [RegExp, string][] = [
  [/\bin order to\b/gi, "to"],
  [/\bdue to the fact that\b/gi, "because"],
  [/\bin the event that\b/gi, "if"],
  [/\bin spite of the fact that\b/gi, "although"],
  [/\bwith regard to\b/gi, "about"],
  [/\bwith respect to\b/gi, "about"],
  [/\bin relation to\b/gi, "about"],
  [/\bregarding\b/gi, "about"],
  [/\bconcerning\b/gi, "about"],
  [/\bprior to\b/gi, "before"],
  [/\bsubsequent to\b/gi, "after"],
  [/\bsubsequently\b/gi, "later"],
  [/\bat this point in time\b/gi, "now"],
  [/\bat the present time\b/gi, "now"],
  [/\bin the near future\b/gi, "soon"],
  [/\ba (?:large|significant|considerable) number of\b/gi, "many"],
  [/\ba majority of\b/gi, "most"],
  [/\bthe majority of\b/gi, "most"],
  [/\bapproximately\b/gi, "about"],
  [/\bsufficient\b/gi, "enough"],
  [/\bnumerous\b/gi, "many"],
  [/\badditional\b/gi, "more"],
  [/\bnecessitates\b/gi, "needs"],
  [/\bnecessitate\b/gi, "need"],
  [/\butili[sz]es\b/gi, "uses"],
  [/\butili[sz]ed\b/gi, "used"],
  [/\butili[sz]ing\b/gi, "using"],
  [/\butili[sz]e\b/gi, "use"],
  [/\bfacilitates\b/gi, "helps"],
  [/\bfacilitate\b/gi, "help"],
  [/\bcommences\b/gi, "begins"],
  [/\bcommenced\b/gi, "began"],
  [/\bcommence\b/gi, "begin"],
  [/\bterminates\b/gi, "ends"],
  [/\bterminated\b/gi, "ended"],
  [/\bterminate\b/gi, "end"],
  [/\bendeavou?rs\b/gi, "tries"],
  [/\bendeavou?r\b/gi, "try"],
  [/\bascertain\b/gi, "find out"],
  [/\bdemonstrates\b/gi, "shows"],
  [/\bdemonstrated\b/gi, "showed"],
  [/\bdemonstrate\b/gi, "show"],
  [/\bpurchasing\b/gi, "buying"],
  [/\bpurchased\b/gi, "bought"],
  [/\bto purchase\b/gi, "to buy"],
  [/\bobtains\b/gi, "gets"],
  [/\bobtained\b/gi, "got"],
  [/\bobtain\b/gi, "get"],
  [/\brequires\b/gi, "needs"],
  [/\brequired to\b/gi, "asked to"],
  [/\bassists\b/gi, "helps"],
  [/\bto assist\b/gi, "to help"],
  [/\bfrequently\b/gi, "often"],
  [/\bnevertheless\b/gi, "still"],
  [/\bconsequently\b/gi, "so"],
  [/\bfurthermore\b/gi, "also"],
  [/\bmoreover\b/gi, "also"],
  [/\bis able to\b/gi, "can"],
  [/\bare able to\b/gi, "can"],
  [/\bin close proximity to\b/gi, "near"],
  [/\bthe optimal\b/gi, "the best"],
  [/\bindividuals\b/gi, "people"],
];

const CONTRACTED: readonly [RegExp, string][] = [
  [/\b(do|does|did|is|are|was|were|has|have|had|would|could|should) not\b/gi, "$1n’t"],
  [/\bcannot\b/gi, "can’t"],
  [/\bwill not\b/gi, "won’t"],
  [/\b(it|that|there|he|she|what) is(?= [a-z])/gi, "$1’s"],
  [/\b(you|we|they) are(?= [a-z])/gi, "$1’re"],
  [/\b(you|we|they|I) have(?= (?:been|seen|had|got|tried|done|gone)\b)/gi, "$1’ve"],
  [/\b(you|we|they|it|I) will(?= [a-z])/gi, "$1’ll"],
  [/\bI am(?= [a-z])/g, "I’m"],
  [/\bfor example\b/gi, "say"],
];
const WRITTEN_OUT: readonly [RegExp, string][] = [
  [
    /\b(it|that|he|she)['’]s(?= (?:not |never |always |also )?(?:been|had|got|become|gone|taken|made|come)\b)/gi,
    "$1 has",
  ],
  [/\bcan['’]t\b/gi, "cannot"],
  [/\bwon['’]t\b/gi, "will not"],
  [/\bshan['’]t\b/gi, "shall not"],
  [/\b(do|does|did|is|are|was|were|has|have|had|would|could|should)n['’]t\b/gi, "$1 not"],
  [/\b(you|we|they)['’]re\b/gi, "$1 are"],
  [/\bI['’]m\b/g, "I am"],
  [/\b(you|we|they|I)['’]ve\b/gi, "$1 have"],
  [/\b(you|we|they|it|I|he|she|that)['’]ll\b/gi, "$1 will"],
  [
    /\b(it|that|there|what)['’]s(?= (?:a|an|the|not|no|very|so|too|in|on|at|about|like|hard|easy|worth|how|why|what|one|always|never|often|also|only|still|all)\b)/gi,
    "$1 is",
  ],
  [/\bkids\b/gi, "children"],
  [/\bpretty (?=(?:good|big|small|easy|hard|quick|cheap|quiet|heavy)\b)/gi, "fairly "],
  [/\bokay\b|\bOK\b/g, "acceptable"],
];
const MILDER: readonly [RegExp, string][] = [
  [/\byou must\b/gi, "it is best to"],
  [/\byou have to\b/gi, "it helps to"],
  [/\bnever\b(?= [a-z]+ (?:a|the|your|it)\b)/gi, "try not to"],
];

const keepingCase = (instead: string) => (whole: string, first: unknown) => {
  const text = instead.replace("$1", typeof first === "string" ? first : "");
  return /^\p{Lu}/u.test(whole) ? text.replace(/^\p{Ll}/u, (letter) => letter.toUpperCase()) : text;
};
const replaced = (text: string, pairs: readonly [RegExp, string][]): string =>
  pairs.reduce((now, [what, instead]) => now.replace(what, keepingCase(instead)), text);

/** "However, it" reads "But it": a plain word that joins takes no comma. */
export const plainer = (text: string): string =>
  replaced(text, PLAINER)
    .replace(/(^|[.!?]\s+)However,\s/gu, "$1But ")
    .replace(/;\s+however,\s/giu, ", but ")
    .replace(/(^|[.!?]\s+)(But|So),\s/gu, "$1$2 ");

/** A long sentence cut where a new one begins. */
export const inShortSentences = (text: string): string =>
  text
    .replace(/;\s+(\p{Ll})/gu, (_whole, letter: string) => `. ${letter.toUpperCase()}`)
    .replace(
      /,\s+(and|but|so)\s+(it|they|we|you|he|she|there|this|that)\s+(?=[a-z])/giu,
      (_whole, word: string, next: string) =>
        word.toLowerCase() === "and"
          ? `. ${next[0]!.toUpperCase()}${next.slice(1)} `
          : `. ${word[0]!.toUpperCase()}${word.slice(1)} ${next} `,
    );

export const asSpoken = (text: string): string => replaced(text, CONTRACTED);
export const asWritten = (text: string): string => replaced(text, WRITTEN_OUT);
export const milder = (text: string): string => replaced(text, MILDER);
