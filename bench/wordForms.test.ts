/** Forms of words by lexicons that others made: what the packs read, held as docs/scoring.md promises. */
import { describe, expect, it } from "vitest";
import { evaluatePlurals } from "./plurals";
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

describe("plurals are read as their singular", () => {
  it.each(evaluatePlurals().map((figure) => [figure.language, figure] as const))(
    "in %s",
    (_language, { pairs, read, apart }) => {
      expect(pairs).toBeGreaterThan(300);
      // Some pairs are two words by chance, and named here where the test fails.
      expect(read, apart.join(" ")).toBeGreaterThan(0.97);
    },
  );
});
