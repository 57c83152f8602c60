import type { LanguagePack } from "./pack";

/** For a language without a pack: what needs no knowledge of a language still works. */
export const unpacked: LanguagePack = {
  code: "und",
  name: "a language without a pack",
  supported: false,
  stem: (folded) => folded,
  otherStem: () => undefined,
  otherKinds: () => [],
  smallWords: new Set(),
  noSmallWords: new Set(),
  leans: () => false,
  pointing: /^(?!)/,
  abbreviations: new Set(),
  vagueLinkTexts: new Set(),
  altOpening: /^(?!)/,
  months: new Set(),
  furniture: new Set(),
  capitals: new Map(),
  measures: new Set(),
  subjects: new Map(),
  stepOpening: /^(?!)/,
  comparing: /^(?!)/,
  furnitureHeadings: new Set(),
};
