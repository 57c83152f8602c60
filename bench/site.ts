/** A site of 2,000 posts of 800 words rendered, against writing bare trees of the same pages. */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import rehypeParse from "rehype-parse";
import rehypeStringify from "rehype-stringify";
import { unified } from "unified";
import type { Block } from "../src/core/draft/draft";
import { draftFromMarkdown } from "../src/core/draft/fromMarkdown";
import { categoriesOfLines } from "../src/core/site/makeCategories";
import { createSiteRenderer } from "../src/core/site/render";
import type { RenderedPost, SiteSource } from "../src/core/site/site";
import { SITE } from "../src/core/site/testing/siteOf";
import { at } from "./figures";

const POSTS = 2000;
const WORDS = 800;
const ROOT = join(import.meta.dirname, "..");

export interface SiteBench {
  /** Milliseconds. */
  whole: number;
  /** The same pages as trees, only written. */
  bare: number;
  /** After one post was changed, and the files that were written for it. */
  again: number;
  anew: number;
  files: number;
}

/** Rounds, each of posts of its own: nothing of an earlier one is kept for the next. */
const ROUNDS = 5;

/** Medians of all rounds, the first, in which everything is new to the machine, among them. */
export function benchSite(): SiteBench & { first: number } {
  const rounds = Array.from({ length: ROUNDS }, benchRound);
  const median = (name: "whole" | "bare" | "again") =>
    at(
      rounds.map((round) => round[name]),
      0.5,
    );
  return {
    ...rounds[0]!,
    first: rounds[0]!.whole,
    whole: median("whole"),
    bare: median("bare"),
    again: median("again"),
  };
}

function benchRound(): SiteBench {
  const source = sourceOf();
  const renderer = createSiteRenderer();
  let from = performance.now();
  const { files } = renderer(source);
  const whole = performance.now() - from;
  const changed = source.posts.with(POSTS / 2, { ...source.posts[POSTS / 2]!, title: "Changed" });
  from = performance.now();
  const { anew } = renderer({ ...source, posts: changed });
  const again = performance.now() - from;

  const reader = unified().use(rehypeParse);
  const trees = files.flatMap((one) =>
    "text" in one && one.type === "text/html" ? [reader.parse(one.text)] : [],
  );
  const writer = unified().use(rehypeStringify, { omitOptionalTags: false });
  from = performance.now();
  let length = 0;
  for (const tree of trees) length += writer.stringify(tree).length;
  const bare = performance.now() - from;
  if (!length) throw new Error("Nothing was written.");
  return { whole, bare, again, anew, files: files.length };
}

/** Posts out of paragraphs of the demo's, each another. */
function sourceOf(): SiteSource {
  const names = [
    "cargo-bike-maintenance",
    "winter-cycling-with-children",
    "cargo-bike-hire",
    "delivery-by-cargo-bike",
  ];
  const stock = names.flatMap(
    (name) => draftFromMarkdown(readFileSync(join(ROOT, `demo/posts/${name}.md`), "utf8")).blocks,
  );
  const categories = categoriesOfLines("One\n  Two\nThree\nFour\nFive", []);
  const posts = Array.from({ length: POSTS }, (_, at): RenderedPost => {
    const blocks: Block[] = [];
    for (let words = 0, i = at * 7; words < WORDS; i++) {
      const block = stock[i % stock.length]!;
      blocks.push({ ...block, id: `${i}.${block.id}` });
      words += block.text.split(/\s+/).length;
    }
    return {
      id: `p${at}`,
      title: `Post ${at} about cargo bikes`,
      metaTitle: "",
      description: "What it is about, in a sentence of some length.",
      excerpt: "",
      slug: `post-${at}`,
      canonical: "",
      language: "en",
      tags: [`tag ${at % 40}`, `other ${at % 7}`],
      categories: [categories[at % categories.length]!.id],
      author: ["Ottilie Marsh", "Dev Raman", "Pia Lindqvist"][at % 3]!,
      published: new Date(Date.UTC(2020, 0, 1 + at)).toISOString(),
      updated: "",
      leadPicture: null,
      leadWidth: "text",
      socialPicture: "",
      location: null,
      comments: "",
      mailed: false,
      syndicateTo: [],
      syndicated: [],
      translationOf: "",
      blocks,
    };
  });
  return {
    site: { ...SITE, categories },
    posts,
    redirects: [],
    pictures: new Map(),
    downloads: new Map(),
  };
}
