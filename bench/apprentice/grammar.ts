/**
 * Rules of written English that can be told without understanding: judged with another tagger than the apprentice writes with, so that
 * it does not mark its own work.
 */
import model from "wink-eng-lite-web-model";
import winkNLP from "wink-nlp";

const nlp = winkNLP(model);
const { its } = nlp;

export interface Fault {
  rule: string;
  text: string;
}

interface Word {
  text: string;
  pos: string;
}

const wordsOf = (text: string): Word[] => {
  const doc = nlp.readDoc(text);
  const texts = doc.tokens().out() as string[];
  const tags = doc.tokens().out(its.pos) as string[];
  return texts.map((word, i) => ({ text: word, pos: tags[i]! }));
};

/** Rules that need the tagger, which errs; what a person wrote is not judged by them. */
const TAGGED = new Set(["has a verb", "subject and verb agree", "no article before a plural"]);

/**
 * A sentence of prose.
 *
 * @param own whether the words are the apprentice's, and not those of the material as they stand there
 */
export function sentenceFaults(text: string, own: boolean): Fault[] {
  const words = wordsOf(text);
  const faults: [string, boolean][] = [
    ["begins with a capital", !/^["'“‘(]?[\p{Lu}\p{N}]/u.test(text)],
    [
      "ends with a stop",
      !/[.!?][”"’')]*$/u.test(text) && !/^(?:Hello|Good morning|Dear readers),$|:$/.test(text),
    ],
    [
      "has a verb",
      !/^(?:Hello|Good morning|Dear readers),$/.test(text) &&
        !/:/.test(text) &&
        !words.some(({ pos }) => pos === "VERB" || pos === "AUX"),
    ],
    ...phraseRules(text, words),
  ];
  return told(faults, text, own);
}

const told = (faults: readonly [string, boolean][], text: string, own: boolean): Fault[] =>
  faults.filter(([rule, broken]) => broken && (own || !TAGGED.has(rule))).map(([rule]) => ({ rule, text }));

/** A title, heading or entry of a list. */
export function headingFaults(text: string, own: boolean): Fault[] {
  const faults: [string, boolean][] = [
    ["begins with a capital", !/^["'“‘(]?[\p{Lu}\p{N}]/u.test(text)],
    ["ends on no sign", /[,;:–—-]$/.test(text)],
    ...phraseRules(text, wordsOf(text)),
  ];
  return told(faults, text, own);
}

const AN = /^(?:hour|honest|honou?r|heir|[aeiou](?!ne\b|nce\b|ni[^nm]|s[eu]|u[rk]|we\b|ur[io])|8|11\b|18\b)/i;

function phraseRules(text: string, words: readonly Word[]): [string, boolean][] {
  return [
    [
      "no template left open",
      /\$\{|\{\{|…|undefined|\bnull\b|\bNaN\b|\[object|\(\)/.test(text.replace(/…”?$/u, "")),
    ],
    [
      "no word dangles",
      /\b(?:and|or|but|the|a|an|of|to about)[.!?,;:]/i.test(text) || /\b(?:and|or|the|a|an|of)$/i.test(text),
    ],
    ["no word twice", /\b(\p{L}+) \1\b/iu.test(text.replace(/\b(?:had had|that that)\b/gi, ""))],
    [
      "a or an",
      [...text.matchAll(/\b(an?) ([\p{L}\p{N}-]+)/giu)].some(
        ([, article, next]) =>
          (article!.toLowerCase() === "an") !== AN.test(next!) && !/^(?:U[KS]|MOT|I|[A-Z])\b/.test(next!),
      ),
    ],
    ["one blank at a time", /\s{2,}|\s[,.;:!?]/.test(text)],
    [
      "quotes and brackets closed",
      ["“”", "()"].some(([open, close]) => text.split(open!).length !== text.split(close!).length),
    ],
    ["subject and verb agree", disagrees(words)],
    [
      "no article before a plural",
      words.some(
        ({ text: word, pos }, i) =>
          /^an?$/i.test(word) &&
          pos === "DET" &&
          words[i + 1]?.text !== "few" &&
          isPlural(nounBehind(words, i)),
      ),
    ],
    [
      "no plural behind one",
      /\b(?:each|every|another) (?:\p{L}+ )?\p{L}+[^s'’i]s\b(?! (?:day|week|month|year))/iu.test(text) &&
        !/\b(?:each|every) \p{L}+ (?:brings|means|needs|makes|takes|has|is|goes|gets|lasts|costs|pays|comes|begins|hits|helps)/iu.test(
          text,
        ),
    ],
  ];
}

const isPlural = (word: Word | undefined): boolean =>
  word !== undefined &&
  word.pos === "NOUN" &&
  /[^suiy]s$/.test(word.text) &&
  !/^(?:lens|gas|bus|series|news|species|means|basics)$/i.test(word.text);

/** The last noun of the phrase that an article opens, where nothing but nouns and adjectives stand between. */
function nounBehind(words: readonly Word[], at: number): Word | undefined {
  let last: Word | undefined;
  for (let i = at + 1; i < words.length && /^(?:NOUN|ADJ|PROPN|ADV)$/.test(words[i]!.pos); i++)
    last = words[i];
  return last;
}

/** A noun right before its verb, at the head of a sentence or behind a determiner, with no preposition before it that may own it. */
function disagrees(words: readonly Word[]): boolean {
  return words.some(({ text: verb }, at) => {
    const singular = /^(?:is|was|has|does|costs|takes|needs|comes|helps|makes)$/.test(verb);
    const plural = /^(?:are|were|have|do|cost|take|need|come|help|make)$/.test(verb);
    const noun = words[at - 1];
    if ((!singular && !plural) || !noun || !/^(?:NOUN|PRON)$/.test(noun.pos)) return false;
    if (words[at]!.pos !== "AUX" && words[at]!.pos !== "VERB") return false;
    // Of a chain only the first noun is the subject, and after an auxiliary the verb has no number.
    const before = words.slice(0, at - 1).map(({ text }) => text.toLowerCase());
    if (
      before.some((word) =>
        /^(?:of|for|with|in|on|at|from|to|and|or|than|about|by|who|which|that|not|do|does|did|can|will|should|would|could|must|may|might|if|when|how|what|let|make|see|help)$/.test(
          word,
        ),
      )
    )
      return false;
    if (noun.pos === "PRON")
      return singular ? /^(?:we|you|they|these|those)$/i.test(noun.text) : /^(?:he|she|it)$/i.test(noun.text);
    return singular
      ? isPlural(noun)
      : noun.pos === "NOUN" &&
          !/s$|^(?:people|children|men|women|feet|teeth|data|staff|police|half|most|rest|number|lot|team|family)$/i.test(
            noun.text,
          );
  });
}
