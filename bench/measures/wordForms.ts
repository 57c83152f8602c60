import { evaluateForms } from "../wordForms";
import { type Measure, versionOf } from "./measure";

export const wordForms: Measure = {
  title: "Forms of words",
  says: "Share of the forms in lexicons that others made that are read as their word, beside other words of a keyword; of common words.",
  data: () =>
    `packages of lexicons as package-lock.json has them; bench/commonVerbs.json (${versionOf("bench/commonVerbs.json")})`,
  figures: () =>
    evaluateForms().map(({ common: { lexicon, beside } }) => ({
      what: `${lexicon.language}, ${lexicon.what}`,
      value: beside,
      aim: 0.95,
    })),
};
