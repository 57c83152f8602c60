/** A text of a person read into what stands in it: headings, sentences of its paragraphs, list items. */
import type { Block } from "../../draft/draft";
import { draftFromMarkdown } from "../../draft/fromMarkdown";
import type { LanguagePack } from "../../text/packs/pack";
import { sentences } from "../../text/sentences";
import type { OriginKind } from "../shapes";
import { type Passage, standingQuote } from "./passage";

export interface ProseSection {
  /** Empty for what stands before the first heading. */
  heading: string;
  level: number;
  sentences: Passage[];
}

const PROSE = /^(?:paragraph|listItem|quote|note)$/;

/**
 * @param source the text itself, so that quotes stand in it
 * @param ref of what stands before the first heading
 */
export function proseSections(
  blocks: readonly Block[],
  { source, kind, ref, pack }: { source: string | null; kind: OriginKind; ref: string; pack: LanguagePack },
): ProseSection[] {
  const sections: ProseSection[] = [{ heading: "", level: 1, sentences: [] }];
  for (const block of blocks) {
    if (block.kind === "heading") {
      if (block.text.trim()) sections.push({ heading: block.text.trim(), level: block.level, sentences: [] });
      continue;
    }
    if (!PROSE.test(block.kind) || !block.text.trim()) continue;
    const section = sections.at(-1)!;
    for (const { start, end } of sentences(block.text, pack)) {
      const text = block.text.slice(start, end).replace(/\s+/gu, " ");
      section.sentences.push({
        kind,
        ref: section.heading ? `${ref}, ${section.heading}` : ref,
        text,
        quote: source === null ? text : standingQuote(text, source),
      });
    }
  }
  return sections.filter(({ heading, sentences: all }) => heading || all.length);
}

/** Markdown, or plain paragraphs, as blocks. Rules at its top that are no front matter are part of the text. */
export function blocksOfText(text: string): readonly Block[] {
  try {
    return draftFromMarkdown(text).blocks;
  } catch {
    return draftFromMarkdown(`\n${text}`).blocks;
  }
}
