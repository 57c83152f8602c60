/** A draft that earns all of every check that can be judged without competing pages. */
import type { Draft } from "../draft/draft";
import { draftFromMarkdown } from "../draft/fromMarkdown";

const SENTENCES = [
  "Humidity gets into every corner of a yard, so a sheltered position comes first.",
  "We carefully clean the aluminium frame with warm water and a softer brush every month.",
  "Salt from winter roads attacks the transmission faster than any mountain ever does.",
  "A drop of quality oil on every single link keeps the noise away for several weeks.",
  "Your fingers usually discover a loose component earlier than your eyes.",
  "Inspect the tyres before a longer journey and again on the evening of your return.",
  "Most families regularly carry two children and a bag of apples on top.",
  "The hydraulic brakes should respond after a third of the lever, not later.",
  "Document what you actually did, and the next owner will thank you.",
  "A decent cover costs considerably less than a new saddle and survives for years.",
];

/** @param n words at least, in paragraphs of three sentences; `from` turns the order so that no two sections are alike */
function prose(n: number, from: number): string {
  const paragraphs: string[] = [];
  for (let words = 0, i = from; words < n; i += 3) {
    const three = [0, 1, 2].map((k) => SENTENCES[(i + k) % SENTENCES.length]!);
    paragraphs.push(three.join(" "));
    words += three.join(" ").split(" ").length;
  }
  return paragraphs.join("\n\n");
}

export const STRONG_KEYWORD = "cargo bike care";

const MARKDOWN = `---
title: Cargo bike care through the whole year
metaTitle: Cargo bike care through the whole year, month by month
description: Cargo bike care in an hour a month. What to wash, what to oil and what to leave to a workshop, with a list for each season of the year.
slug: cargo-bike-care
keyword: ${STRONG_KEYWORD}
canonical: https://brackenford.example/blog/cargo-bike-care
---

Cargo bike care takes an hour a month. ${prose(90, 0)}

![A hand oils the chain of a long bike in a yard](chain-and-oil.jpg "Oil for every link")

## Cargo bike care in spring

${prose(180, 1)} Good cargo bike care begins with [our plan for the workshop hour](/blog/workshop-hour).

## What to do in summer

${prose(180, 4)} Read [how to fold a rain cover](/blog/rain-cover) before the first storm. Cargo bike care in the heat means shade.

![Cargo bike care with warm water in a yard](wash-day.jpg)

## Autumn, leaf by leaf

${prose(180, 7)} In autumn, cargo bike care means leaves in the drain.

## When winter comes

${prose(120, 2)} Cargo bike care in the cold is [a matter of small habits](/blog/small-habits). The [guide to winter roads](https://roads.example/winter) says how salt is spread.
`;

export const strongDraft = (): Draft => {
  const draft = draftFromMarkdown(MARKDOWN);
  return {
    ...draft,
    blocks: draft.blocks.map((block) => (block.kind === "picture" ? { ...block, bytes: 120 * 1024 } : block)),
  };
};
export const strongMarkdown = MARKDOWN;
