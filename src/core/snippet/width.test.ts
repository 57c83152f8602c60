import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { create } from "fontkit";
import { describe, expect, it } from "vitest";
import { cutToWidth, textWidth } from "./width";

const file = createRequire(import.meta.url).resolve("@fontsource/arimo/files/arimo-latin-400-normal.woff2");
const font = create(readFileSync(file));

/** The same width by another reader, from another file of the font. */
function independentWidth(text: string, size: number): number {
  let units = 0;
  for (const char of text) units += font.glyphForCodePoint(char.codePointAt(0)!).advanceWidth;
  return (units * size) / font.unitsPerEm;
}

describe("textWidth", () => {
  it.each([
    "Electric cargo bike for families: how to choose one you will still love in five years",
    "The quick brown fox jumps over the lazy dog",
    "PRICES FROM 1,200 TO 9,999 & more – “really?”",
    "iiiiiiiiiiiiiiiiiiiiiiiiiiiiii|||",
    "Ünïcode çafé ñ ß æ",
    "",
  ])("of %j is that of an independent reading of the font", (text) => {
    for (const char of text) expect(font.hasGlyphForCodePoint(char.codePointAt(0)!)).toBe(true);
    for (const size of [14, 20]) expect(textWidth(text, size)).toBeCloseTo(independentWidth(text, size), 6);
  });

  it("measures composed and decomposed letters alike, marks and joiners as nothing, ideographs as one em", () => {
    expect(textWidth("cafe\u0301", 20)).toBe(textWidth("café", 20));
    expect(textWidth("a\u200d\u200b", 20)).toBe(textWidth("a", 20));
    expect(textWidth("東京", 20)).toBe(40);
  });
});

describe("cutToWidth", () => {
  it("leaves what fits alone", () => {
    expect(cutToWidth("Short", 20, 580)).toMatchObject({ text: "Short", cut: false });
  });
  it("cuts at a word's end, so that the whole fits with its ellipsis", () => {
    const text = "Electric cargo bike for families: how to choose one you will still love in five years";
    const { text: shown, cut } = cutToWidth(text, 20, 580);
    expect(cut).toBe(true);
    expect(shown).toMatch(/\w …$/);
    expect(text.startsWith(shown.slice(0, -2))).toBe(true);
    expect(textWidth(shown, 20)).toBeLessThanOrEqual(580);
  });
  it("cuts inside a word that is wider than the room", () => {
    const { text } = cutToWidth("w".repeat(200), 20, 100);
    expect(text).toMatch(/^w+ …$/);
    expect(textWidth(text, 20)).toBeLessThanOrEqual(100);
  });
});
