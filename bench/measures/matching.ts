import { adversarialPairs } from "../matching/adversarial";
import { type Judgement, judge } from "../matching/judge";
import { matchingTable } from "../matching/table";
import { type Figure, type Measure, versionOf } from "./measure";

const AIM = 0.95;
const both = (what: string, { precision, recall }: Judgement): Figure[] => [
  { what: `${what}: precision`, value: precision, aim: AIM },
  { what: `${what}: recall`, value: recall, aim: AIM },
];

export const matching: Measure = {
  title: "Matching a keyword",
  says: "Pairs of a keyword and a sentence, and whether a reader would say that the one is about the other. Rules were made by the table and by the open half of the hard pairs; nobody made one by the held-out half.",
  data: () =>
    `bench/matching/table.ts (${matchingTable.length} pairs, ${versionOf("bench/matching/table.ts")}), bench/matching/adversarial (1,000 pairs, ${versionOf("bench/matching/adversarial")})`,
  figures() {
    const languages = Object.entries(adversarialPairs);
    return [
      ...both("table, seven languages", judge(matchingTable)),
      ...both("hard pairs, open half", judge(languages.flatMap(([, { open }]) => open))),
      ...both("hard pairs, held-out half", judge(languages.flatMap(([, { heldOut }]) => heldOut))),
      ...languages.flatMap(([language, { heldOut }]) => both(`held-out half, ${language}`, judge(heldOut))),
    ];
  },
};
