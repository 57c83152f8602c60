import { adversarialPairs } from "../matching/adversarial";
import { glosses } from "../matching/glosses";
import { type Judgement, judge } from "../matching/judge";
import { matchingTable } from "../matching/table";
import { typedPairs } from "../matching/typedPairs";
import { type Figure, type Measure, versionOf } from "./measure";

const AIM = 0.95;
const both = (what: string, { precision, recall }: Judgement): Figure[] => [
  { what: `${what}: precision`, value: precision, aim: AIM },
  { what: `${what}: recall`, value: recall, aim: AIM },
];

type Sets = typeof adversarialPairs;
const rowsIn = (sets: Sets, set: "open" | "heldOut") => Object.values(sets).flatMap((pairs) => pairs[set]);
const countOf = (sets: Sets, set: "open" | "heldOut"): string =>
  rowsIn(sets, set).length.toLocaleString("en");

export const matching: Measure = {
  title: "Matching a keyword",
  says: "Pairs of a keyword and a sentence, and whether a reader would say that the one is about the other. Rules were made by the table and by the open hard pairs; nobody made one by the second set. Keywords as people type them (“reset password”) stand beside sentences as people write them; most match. Glosses of a dictionary were drawn by chance, not written as traps. Until 2026-11-29 05:00 every second keyword of the first set was held out as well.",
  data: () =>
    `bench/matching/table.ts (${matchingTable.length} pairs, ${versionOf("bench/matching/table.ts")}), bench/matching/adversarial and more (${countOf(adversarialPairs, "open")} pairs, ${versionOf("bench/matching/adversarial")}, ${versionOf("bench/matching/more")}), bench/matching/second (${countOf(adversarialPairs, "heldOut")} pairs, ${versionOf("bench/matching/second")}), bench/matching/typed and typedSecond.ts (${countOf(typedPairs, "open")} and ${countOf(typedPairs, "heldOut")} pairs, ${versionOf("bench/matching/typed")}, ${versionOf("bench/matching/typedSecond.ts")}), bench/matching/glosses.ts (${glosses.open.length} and ${glosses.heldOut.length} pairs, ${versionOf("bench/matching/glosses.ts")})`,
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
