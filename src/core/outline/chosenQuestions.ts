import type { OutlineItem } from "./outline";

/** The questions of an outline that the post is to answer: its FAQ, and headings that ask. */
export const chosenQuestions = (items: readonly OutlineItem[]): string[] =>
  [
    ...new Set(items.filter(({ faq, text }) => faq || /\?\s*$/.test(text)).map(({ text }) => text.trim())),
  ].filter(Boolean);
