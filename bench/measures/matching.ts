import { type Judgement, judge } from "../matching/judge";
import { adversarialPairs, glosses, matchingTable, type PairSet, typedPairs } from "../matching/pairSets";
import { type Figure, type Measure, versionOf } from "./measure";

const AIM = 0.95;
const PAIRS = "bench/matching/pairs";
const both = (what: string, { precision, recall }: Judgement): Figure[] => [
  { what: `${what}: precision`, value: precision, aim: AIM },
  { what: `${what}: recall`, value: recall, aim: AIM },
];

type Sets = typeof adversarialPairs;
const rowsIn = (sets: Sets, set: keyof PairSet) => Object.values(sets).flatMap((pairs) => pairs[set]);
const countOf = (sets: Sets, set: keyof PairSet): number => rowsIn(sets, set).length;

/** A set by its files, with how many pairs it has and their version. */
function set(pairs: number, ...files: string[]): string {
  const version = versionOf(...files.map((file) => `${PAIRS}/${file}`));
  return `${PAIRS}/${files.join(" and ")} (${pairs.toLocaleString("en")} pairs, ${version})`;
}

export const matching: Measure = {
  title: "Matching a keyword",
  says: "Pairs of a keyword and a sentence, and whether a reader would say that the one is about the other. Rules were made by the table and by the open hard pairs; nobody made one by the second set. Keywords as people type them (“reset password”) stand beside sentences as people write them; most match. Glosses of a dictionary were drawn by chance, not written as traps. Until 2026-11-29 05:00 every second keyword of the first set was held out as well.",
  data: () =>
    [
      set(matchingTable.length, "table.txt"),
      set(countOf(adversarialPairs, "open"), "first", "more"),
      set(countOf(adversarialPairs, "heldOut"), "second"),
      set(countOf(typedPairs, "open"), "typed"),
      set(countOf(typedPairs, "heldOut"), "typedSecond.txt"),
      set(glosses.open.length, "glosses.txt"),
      set(glosses.heldOut.length, "glossesSecond.txt"),
    ].join(", "),
  figures() {
    const languages = Object.entries(adversarialPairs);
    return [
      ...both("table, seven languages", judge(matchingTable)),
      ...both("hard pairs, open", judge(rowsIn(adversarialPairs, "open"))),
      ...both("hard pairs, second set, held out", judge(rowsIn(adversarialPairs, "heldOut"))),
      ...languages.flatMap(([language, { heldOut }]) => both(`second set, ${language}`, judge(heldOut))),
      ...both("keywords as typed, open", judge(rowsIn(typedPairs, "open"))),
      ...both("keywords as typed, held out", judge(rowsIn(typedPairs, "heldOut"))),
      ...both("English glosses, drawn by chance, open", judge(glosses.open)),
      ...both("English glosses, drawn by chance, held out", judge(glosses.heldOut)),
    ];
  },
};
