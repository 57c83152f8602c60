/** Prints how many forms of words the packs read as those words, as the table of docs/scoring.md: `npm run evaluate:forms`. */
import { evaluateForms } from "../bench/wordForms";

for (const { common, all } of evaluateForms()) {
  const { language, what, source } = common.lexicon;
  const figures = [common, all].flatMap(({ words, pairs, alone, beside }) => [
    words,
    pairs,
    alone.toFixed(3),
    beside.toFixed(3),
  ]);
  console.log(`| ${[language, what, source, ...figures].join(" | ")} |`);
}
