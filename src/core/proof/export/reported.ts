/** A report as it goes out: of one post or of many. */
import { byWorth, type Finding } from "../finding";
import { groups } from "../groups";
import type { Profile } from "../profile";
import { shownGains } from "../shownGains";

export interface Reported {
  /** What it is the report of: a title, or a file. */
  name: string;
  /** Its address or path; empty for none. */
  address: string;
  keyword: string;
  score: number;
  words: number;
  minutes: number;
  /** Scores of the competing pages; null where there are none. */
  benchmark: { average: number; best: number } | null;
  findings: readonly Finding[];
  /** What must be known to read the score rightly. */
  notes: readonly string[];
}

export interface Out {
  reports: readonly Reported[];
  profile: Pick<Profile, "name" | "version">;
  /** ISO date on which it was made. */
  date: string;
}

export const round = (n: number, digits = 1): string => n.toFixed(digits);

export const STATE_WORDS: Record<Finding["state"], string> = {
  judged: "",
  waiting: "waiting",
  "not-applicable": "not applicable",
  "set-aside": "set aside",
};

/** What a finding earned, in words. */
export const earned = ({ state, share, weight }: Pick<Finding, "state" | "share" | "weight">): string =>
  state === "judged" ? `${round(share * weight, 2)} of ${weight}` : STATE_WORDS[state];

/** What each of a report's findings still has to gain, in words that add up; nothing where it has none. */
export function gainWords(findings: readonly Finding[]): (finding: Finding) => string {
  const gains = shownGains(findings);
  return ({ id }) => (gains.has(id) ? `+${round(gains.get(id)!)}` : "");
}

/** Findings of a report by group, in the order of the strip; groups without any left out. */
export const grouped = (findings: readonly Finding[]): { name: string; findings: Finding[] }[] =>
  groups
    .map(({ id, name }) => ({ name, findings: findings.filter((f) => f.group === id) }))
    .filter(({ findings: members }) => members.length > 0);

export const worthMost = (findings: readonly Finding[]): Finding | undefined => byWorth(findings)[0];

export const setAside = (findings: readonly Finding[]): Finding[] =>
  findings.filter(({ state }) => state === "set-aside");
