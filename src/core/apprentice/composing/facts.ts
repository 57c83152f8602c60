/** A fact of a competing page as a sentence: the figure, and whose it is. */
import type { Fact } from "../material/facts";
import type { Chance } from "../methods/seeded";
import type { Sentence } from "./parts";

const FRAMES = [
  (site: string, fact: string) => `${site} gives a figure for this: “${fact}”.`,
  (site: string, fact: string) => `For comparison, ${site} speaks of “${fact}”.`,
  (site: string, fact: string) => `A figure to check against your own: “${fact}”, according to ${site}.`,
];

export const factSentence = (fact: Fact, chance: Chance): Sentence => ({
  text: chance.pick(FRAMES)!(fact.site || "one page", fact.text),
  from: [fact],
});
