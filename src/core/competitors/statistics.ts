/** Statistics: sentences with a figure and a unit, per cent or date, and the source that is linked near. */

import { linksOf } from "../blocks/runs";
import type { Block } from "../draft/draft";
import { analyseText } from "../text/analyse";
import { saysFigure } from "../text/figure";
import { fold } from "../text/fold";
import type { LanguagePack } from "../text/packs/pack";
import { isClosed, isProse } from "../text/proseSentence";
import { sentences } from "../text/sentences";
import { saysSomething } from "../text/wordContext";
import { words } from "../text/words";
import { compare } from "./topics";

export interface Statistic {
  sentence: string;
  page: { title: string; address: string };
  /** A link in the same sentence, or else in the same block. */
  source: { text: string; address: string } | null;
}

/** Enough for any page that a person would read for its figures. */
const MOST_OF_A_PAGE = 40;
const LONGEST = 400;
/** Words besides figures, units and small words. */
const LEAST_SAID = 2;

export function statisticsOf(
  blocks: readonly Block[],
  page: Statistic["page"],
  pack: LanguagePack,
): Statistic[] {
  const statistics: Statistic[] = [];
  for (const block of blocks) {
    if (block.kind === "heading" || block.kind === "code" || !/\p{N}/u.test(block.text)) continue;
    const links = linksOf(block.runs).filter(({ link }) => /^https?:/i.test(link.href));
    for (const { start, end } of sentences(block.text, pack)) {
      const sentence = block.text.slice(start, end);
      // A cell or label is no sentence.
      if (sentence.length > LONGEST || !/\s\S+\s/.test(sentence) || !saysFigure(sentence)) continue;
      // A question, what introduces a list, and a label say nothing by themselves.
      if (/[?:]["'\u2019\u201D)]*\s*$/.test(sentence)) continue;
      if (block.kind === "cell" && !/[.!…]["'\u2019\u201D»)]*\s*$/.test(sentence)) continue;
      if (!isProse(sentence) || !isClosed(sentence)) continue;
      if (!saysOfWhat(sentence, pack) || !saysForWhom(sentence, pack)) continue;
      const near = links.find((link) => link.start >= start && link.end <= end) ?? links[0];
      statistics.push({
        sentence,
        page,
        source: near ? { text: near.text, address: near.link.href } : null,
      });
      if (statistics.length >= MOST_OF_A_PAGE) return statistics;
    }
  }
  return statistics;
}

/** "It takes 24 hours" says how much and not of what. */
function saysOfWhat(sentence: string, { smallWords, measures }: LanguagePack): boolean {
  const said = words(fold(sentence)).filter(
    ({ text }) => !smallWords.has(text) && !measures.has(text) && !/^\p{N}/u.test(text),
  );
  return said.length >= LEAST_SAID;
}

/** Who speaks in a forum: "tilly_w: The shop read it out". */
const SPEAKER = /^[^\s:]+:\s/;

/**
 * Whoever takes it over must be able to say whose figure it is: "It was 40 km", "Mine lasted two years", "Grandmother, 60 km away" do not say.
 */
function saysForWhom(sentence: string, pack: LanguagePack): boolean {
  const text = analyseText(sentence, pack);
  const first = text.tokens[0];
  const persons = pack.usage?.persons;
  return (
    !SPEAKER.test(sentence) &&
    !(first && (pack.leans(sentence.slice(first.start, first.end)) || persons?.has(first.folded))) &&
    !pack.pointing.test(fold(sentence)) &&
    (!pack.usage || saysSomething(text, pack.usage))
  );
}

/** Sourced ones first; the same sentence once. */
export function sortStatistics(all: readonly Statistic[]): Statistic[] {
  const byText = new Map<string, Statistic>();
  for (const one of all) {
    const earlier = byText.get(one.sentence);
    if (!earlier || (!earlier.source && one.source)) byText.set(one.sentence, one);
  }
  return [...byText.values()].sort(
    (a, b) =>
      Number(b.source !== null) - Number(a.source !== null) ||
      compare(a.page.address, b.page.address) ||
      compare(a.sentence, b.sentence),
  );
}
