/** Adjectives that say by their gender that they belong to another noun: "vino con un'etichetta rossa" for "vino rosso". */
import type { Usage } from "../packs/usage";
import type { Apart } from "./nouns";

/** Do two forms of one word tell different genders, whatever their number? */
export function areOfTwoGenders(one: string, other: string, { genders = [] }: Usage): boolean {
  const [first, second] = [one, other].map((word) => word.replace(/(?<=..)s$/, "")) as [string, string];
  return genders.some(([masculine, feminine]) =>
    [
      [first, second],
      [second, first],
    ].some(([he, she]) => {
      const base = he!.slice(0, he!.length - masculine.length);
      return he === base + masculine && she === base + feminine;
    }),
  );
}

/** A noun keeps its gender, and so does what is said of it. */
export const isOfOtherGender: Apart = ({ tokens }, seen, { words, carriers }, usage) => {
  if (!usage.genders || words.length !== 2 || carriers.length !== 2) return false;
  if (carriers[0]!.role !== "head") return false;
  const said = seen.find(({ place }) => place === 1);
  return said !== undefined && areOfTwoGenders(tokens[said.from]!.folded, carriers[1]!.folded, usage);
};
