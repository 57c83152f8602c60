/**
 * Turns the advance widths of Arimo (metric-compatible with Arial) into the compact table that core/snippet reads.
 * Run with `npm run widths` after the font package moves; the result is committed.
 */
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
import opentype from "opentype.js";

const root = join(dirname(fileURLToPath(import.meta.url)), "..");
const files = join(
  dirname(createRequire(import.meta.url).resolve("@fontsource/arimo/package.json")),
  "files",
);

const widths = new Map<number, number>();
let unitsPerEm = 0;
for (const file of readdirSync(files).filter((f) => /-400-normal\.woff$/.test(f))) {
  const { buffer } = new Uint8Array(readFileSync(join(files, file)));
  const font = opentype.parse(buffer);
  unitsPerEm = font.unitsPerEm;
  for (const code of Object.keys(font.tables.cmap.glyphIndexMap).map(Number)) {
    const index = font.charToGlyphIndex(String.fromCodePoint(code));
    if (index !== 0) widths.set(code, font.glyphs.get(index).advanceWidth ?? 0);
  }
}

/** Runs of neighbouring code points: [first, width, width, …]. */
const runs: number[][] = [];
let previous = -2;
for (const code of [...widths.keys()].sort((a, b) => a - b)) {
  if (code !== previous + 1) runs.push([code]);
  runs.at(-1)!.push(widths.get(code)!);
  previous = code;
}

const classes: Record<string, RegExp> = {
  upper: /^\p{Lu}$/u,
  lower: /^\p{Ll}$/u,
  digit: /^\p{Nd}$/u,
  otherLetter: /^\p{Lo}$/u,
  symbol: /^[\p{S}\p{P}]$/u,
};
const averages = Object.fromEntries(
  Object.entries(classes).map(([name, pattern]) => {
    const members = [...widths].filter(([code]) => pattern.test(String.fromCodePoint(code)));
    return [name, Math.round(members.reduce((sum, [, w]) => sum + w, 0) / members.length)];
  }),
);

writeFileSync(
  join(root, "src/core/snippet/widths.json"),
  `${JSON.stringify({ font: "Arimo 400", unitsPerEm, averages, runs })}\n`,
);
console.log(
  `${widths.size} characters in ${runs.length} runs, ${unitsPerEm} units per em; averages ${JSON.stringify(averages)}`,
);
