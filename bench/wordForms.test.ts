/** Forms of words by lexicons that others made: what the packs read, held as docs/scoring.md promises. */
import { describe, expect, it } from "vitest";
import { evaluateForms } from "./wordForms";

describe("forms of words are read as the word", () => {
  it.each(
    evaluateForms().map(({ common }) => [common.lexicon.language, common.lexicon.what, common] as const),
  )("in %s, of %s", (_language, _what, { pairs, alone, beside }) => {
    expect(pairs).toBeGreaterThan(2000);
    expect(alone).toBeGreaterThan(0.9);
    expect(beside).toBeGreaterThan(0.95);
  });
});
