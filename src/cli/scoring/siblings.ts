/**
 * What the files of one site know of each other: their meta titles. Two files are posts of one site where their canonical addresses say so:
 * one host, two addresses. Files that name no address may be anything, versions of one post among them, and are not held against each other.
 */
import type { DraftMeta } from "../../core/draft/draft";
import { TitleIndex } from "../../core/proof/titleIndex";
import { type FileText, readMeta } from "./readFile";

/** What one file tells the others; null where it names no address. */
export interface Sibling {
  host: string;
  path: string;
  metaTitle: string;
}

export interface Siblings {
  /** Titles of posts of the same site that may be too near to this one's. */
  titlesOf(own: Sibling | null): string[];
}

export function siblingOf({ canonical, metaTitle, title }: DraftMeta): Sibling | null {
  if (!URL.canParse(canonical)) return null;
  const { host, pathname } = new URL(canonical);
  return { host, path: pathname, metaTitle: metaTitle || title };
}

/** What a file tells the others, read for as little as it takes: most name no address, and then nothing of them has to be. */
export function siblingOfText(text: FileText): Sibling | null {
  if (!/canonical/i.test(text.source)) return null;
  try {
    return siblingOf(readMeta(text));
  } catch {
    // Scoring says why.
    return null;
  }
}

/** @param nearShare see the check of titles */
export function createSiblings(all: Iterable<Sibling>, nearShare: number): Siblings {
  const byHost = new Map<string, TitleIndex<Sibling>>();
  for (const one of all) {
    const index = byHost.get(one.host) ?? new TitleIndex<Sibling>(nearShare);
    byHost.set(one.host, index);
    index.add(one.metaTitle, one);
  }
  return {
    titlesOf: (own) =>
      own === null
        ? []
        : (byHost.get(own.host)?.near(own.metaTitle) ?? [])
            .filter(({ path }) => path !== own.path)
            .map(({ metaTitle }) => metaTitle),
  };
}
