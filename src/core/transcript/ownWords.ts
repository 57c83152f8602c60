/** How much of a text is a speaker's own words: runs of words that were said in that order. */
import type { Block } from "../draft/draft";
import { countsAsWords } from "../draft/words";
import { fold } from "../text/fold";
import { words } from "../text/words";
import type { Spoken } from "./mend";
import { labelOf } from "./toDoc";

/** So many words in a row are somebody's own; fewer stand together in anybody's text. */
const RUN = 3;

/** What was said, made ready to be looked for. */
export interface SaidWords {
  runs: ReadonlySet<string>;
  /** What stands before a paragraph to say who speaks: it is neither said nor added. */
  labels: readonly string[];
}

const folded = (text: string): string[] => words(text).map((word) => fold(word.text));

/** @param sentences of a recording */
export function saidWords(sentences: readonly Pick<Spoken, "text" | "speaker">[]): SaidWords {
  const all = sentences.flatMap(({ text }) => folded(text));
  const runs = new Set<string>();
  for (let i = 0; i + RUN <= all.length; i++) runs.add(all.slice(i, i + RUN).join(" "));
  return { runs, labels: [...new Set(sentences.map(({ speaker }) => speaker))].filter(Boolean).map(labelOf) };
}

export interface OwnWords {
  /** Words looked at, and how many of them stand in runs that were said. */
  words: number;
  own: number;
  /** Spans of each block that were not said, by its place. */
  others: { block: number; start: number; end: number }[];
}

/** @param blocks of a draft; headings are the writer's, and are not looked at */
export function ownWordsOf(blocks: readonly Block[], said: SaidWords): OwnWords {
  const result: OwnWords = { words: 0, own: 0, others: [] };
  blocks.forEach((block, at) => {
    if (!countsAsWords(block) || block.kind === "heading") return;
    const own = ownIn(block.text, said);
    result.words += own.words;
    result.own += own.own;
    for (const span of own.others) result.others.push({ block: at, ...span });
  });
  return result;
}

/** The same for one text. */
export function ownIn(
  text: string,
  { runs, labels }: SaidWords,
): { words: number; own: number; others: { start: number; end: number }[] } {
  const label = labels.find((one) => text.startsWith(one)) ?? "";
  const cut = words(text).filter(({ start }) => start >= label.length);
  const all = cut.map((word) => fold(word.text));
  const said = new Uint8Array(all.length);
  for (let i = 0; i + RUN <= all.length; i++)
    if (runs.has(all.slice(i, i + RUN).join(" "))) said.fill(1, i, i + RUN);
  const others: { start: number; end: number }[] = [];
  for (let i = 0; i < cut.length; i++) {
    if (said[i]) continue;
    const from = i;
    while (i + 1 < cut.length && !said[i + 1]) i++;
    others.push({ start: cut[from]!.start, end: cut[i]!.end });
  }
  return { words: all.length, own: said.reduce((sum, one) => sum + one, 0), others };
}
