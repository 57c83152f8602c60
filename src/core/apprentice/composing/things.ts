/** Noun phrases of English texts: what a text speaks of. */

import { fold } from "../../text/fold";
import { english } from "../../text/packs/en";
import { inside } from "../english/sentence";
import { type TaggedWord, taggedWords } from "../english/tagged";
import type { Passage } from "../material/passage";
import { contentStemSet } from "../methods/likeness";

export interface Thing {
  /** As it stands there. */
  text: string;
  from: Passage;
  /** How many of the passages speak of it. */
  uses: number;
}

/** Nouns that name a kind of text, a measure or anything at all. */
const EMPTY =
  /^(?:guides?|tips?|ways?|things?|reasons?|posts?|articles?|checklists?|mistakes?|beginners?|questions?|answers?|lots?|kinds?|sorts?|types?|parts?|bits?|ones?|people|everyone|anyone|someone|nobody|year|years|day|days|week|weeks|month|months|time|times|hour|hours|minute|minutes|number|way|lot|best|top|story|intro|introduction|basics|overview|examples?|ideas?|steps?|facts?|part|end|place|case|point|points|matter|difference|thanks|something|anything|everything|nothing|half|couple|degrees?|percent|spoonful|handful|side|top|bottom|middle|front|size|amount|pair|piece|rest|bit|chance|fact|sign|moment|use|look|care|help|feed|none|hers|ours|theirs|mine|yours|winters?|summers?|autumns?|seasons?|hands?|towns?|owners?|famil(?:y|ies)|customers?|clients?|parents?|neighbours?|neighbors?|friends?|colleagues?|visitors?|freelancers?|clerks?|team|teams|staff|card|name|end|life|world|person|kid|kids|child|children|adults?|man|men|woman|women|home|homes|contracts?|reader|readers|update|news|review|reviews|today|tomorrow|yesterday|tonight|morning|evening|who|what|that|which|etc)$/i;
const NOT_FIRST =
  /^(?:more|most|many|much|few|several|other|own|same|such|new|good|better|best|great|big|little|small|right|wrong|real|whole|last|first|next|first-time|right|sure|able|due|common|complete|ultimate|simple|easy|quick|essential|perfect|top|free|every|each|any|some|all|both|no|early|late|different|important|available)$/i;

/**
 * @param passages English
 * @returns the phrases, those that most passages speak of first, longer ones before what stands in them
 */
export function thingsOf(passages: readonly Passage[], where: "titles" | "sentences" = "sentences"): Thing[] {
  const things = new Map<string, Thing & { stems: Set<string> }>();
  for (const from of passages) {
    const here = new Set<string>();
    for (const text of phrasesIn(from.text, where)) {
      const stems = contentStemSet(text, english.pack());
      if (!stems.size) continue;
      const key = [...stems].sort().join(" ");
      if (here.has(key)) continue;
      here.add(key);
      const there = things.get(key);
      if (there) there.uses++;
      else
        things.set(key, {
          text,
          from: { ...from, quote: from.quote.includes(text) ? text : from.quote },
          uses: 1,
          stems,
        });
    }
  }
  return [...things.values()]
    .sort((a, b) => b.uses - a.uses || Math.min(3, b.stems.size) - Math.min(3, a.stems.size))
    .map(({ text, from, uses }) => ({ text, from, uses }));
}

const NOT_LAST = /^(?:back|out|up|off|down|over|away|in|on|around)$/i;
const MOST_WORDS = 4;
/** Names, people, days and numbers: a post is seldom about them. */
const NO_THING = ["Pronoun", "Date", "Value", "ProperNoun", "Person", "Actor", "Holiday", "Place"];

/** Runs of adjectives and nouns that end on a noun. */
function phrasesIn(text: string, where: "titles" | "sentences"): string[] {
  const phrases: string[] = [];
  let run: { text: string; noun: boolean }[] = [];
  const close = () => {
    while (run.length && (!run.at(-1)!.noun || NOT_LAST.test(run.at(-1)!.text))) run.pop();
    while (run.length && (NOT_FIRST.test(run[0]!.text) || (run.length > 1 && isVerbAlone(run[0]!.text))))
      run.shift();
    if (
      run.length &&
      run.length <= MOST_WORDS &&
      !EMPTY.test(run.at(-1)!.text) &&
      !english.pack().measures.has(fold(run.at(-1)!.text)) &&
      !(run.length === 1 && run[0]!.text.length < 4)
    )
      phrases.push(run.map((word) => word.text).join(" "));
    run = [];
  };
  // Signs between words end a phrase; what something does without is not its subject.
  for (const piece of text.split(/[,.;:!?()"“”–—/]+|\s[-–]\s|\bwithout\b\s+\S+/u)) {
    const words = taggedWords(piece.trim());
    if (where === "titles" && isDoing(words)) phrases.push(inside(words[0]!.text));
    for (const { text: word, tags } of words) {
      const plain = word.replace(/^['‘’]|['’]$/gu, "");
      const noun = tags.has("Noun") && !tags.has("Pronoun") && !NO_THING.some((tag) => tags.has(tag));
      const before = tags.has("Adjective") || tags.has("Gerund");
      // A plural that the tagger takes for a verb: "cargo bike locks".
      const perhaps =
        where === "titles" &&
        tags.has("PresentTense") &&
        !tags.has("Copula") &&
        !tags.has("Auxiliary") &&
        plain.length > 3 &&
        /[^s]s$/.test(plain) &&
        run.some((one) => one.noun);
      if (
        (noun || before || perhaps) &&
        /^[\p{L}\p{N}][\p{L}\p{N}'’-]*$/u.test(plain) &&
        !/['’]s$/u.test(plain) &&
        !/^\p{N}+$/u.test(plain)
      )
        run.push({
          text: plain,
          noun: noun || perhaps || (tags.has("Gerund") && run.some((one) => one.noun)),
        });
      else close();
    }
    close();
  }
  return phrases;
}

/** "Reminds trustees": taken for a noun beside another, though alone it is a verb. */
const isVerbAlone = (word: string): boolean =>
  /[^s]s$/.test(word) && (taggedWords(word)[0]?.tags.has("PresentTense") ?? false);

/** "Hiring your first tester" is about hiring. */
const isDoing = ([first, second]: readonly TaggedWord[]): boolean =>
  (first?.tags.has("Gerund") ?? false) &&
  first!.text.length > 5 &&
  /^(?:a|an|the|my|your|our|their|his|her|its)$/i.test(second?.text ?? "");
