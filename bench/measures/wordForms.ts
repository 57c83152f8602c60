import { evaluatePlurals } from "../plurals";
import { evaluateForms } from "../wordForms";
import { type Measure, versionOf } from "./measure";

export const wordForms: Measure = {
  title: "Forms of words",
  says: "Share of the forms in lexicons that others made that are read as their word, beside other words of a keyword; of common words. Plurals: share of the pairs of a word and its plural by rule, among the 20,000 commonest words of an encyclopaedia, some of which are two words by chance.",
  data: () =>
    `packages of lexicons and lists as package-lock.json has them; bench/commonVerbs.json (${versionOf("bench/commonVerbs.json")})`,
  figures: () => [
    ...evaluateForms().map(({ common: { lexicon, beside } }) => ({
      what: `${lexicon.language}, ${lexicon.what}`,
      value: beside,
      aim: 0.95,
    })),
    ...evaluatePlurals().map(({ language, read }) => ({
      what: `${language}, plurals`,
      value: read,
      aim: 0.97,
    })),
  ],
};
