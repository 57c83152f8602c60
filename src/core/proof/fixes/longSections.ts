import { keyPhrases, likeness } from "../../competitors/keyPhrases";
import type { Block, HeadingLevel } from "../../draft/draft";
import { countsAsWords } from "../../draft/words";
import { foldPlain } from "../../text/fold";
import { sentences } from "../../text/sentences";
import { headingThresholds } from "../checks/headingQuality";
import { sectionThresholds } from "../checks/sectionLength";
import type { DraftReading, SectionReading } from "../reading/reading";
import { thresholdsIn } from "../thresholds";
import type { ChangedLine, FixRule } from "./fixRule";

/** A part with fewer words needs no heading of its own. */
const LEAST_WORDS = 50;
const DEEPEST = 4;

/** Splits every section that is too long between two blocks, under a heading made of what is said there and not before. */
export const longSections: FixRule = {
  id: "long-sections",
  check: "section-length",
  name: "Split long sections",
  safe: false,
  toCheck: true,
  suggest(reading) {
    const { mostWords } = thresholdsIn(reading.profile, "section-length", sectionThresholds);
    const lines: ChangedLine[] = [];
    const blocks = new Map<number, Block[]>();
    const taken = new Set(reading.headings.map(({ text }) => foldPlain(text)));
    reading.sections.forEach((section, i) => {
      if (section.words <= mostWords) return;
      const next = reading.sections[i + 1];
      const end = next?.heading ?? reading.draft.blocks.length;
      for (const { at, heading } of splits(reading, section, end, mostWords, taken)) {
        const before = reading.draft.blocks[at]!;
        const level = levelUnder(reading, section);
        blocks.set(at, [
          {
            id: `${before.id}~h`,
            kind: "heading",
            level,
            within: [],
            text: heading,
            runs: [{ text: heading, marks: [] }],
          },
          before,
        ]);
        lines.push({ before: "", after: `H${level} ${heading}` });
      }
    });
    return lines.length ? [{ lines, change: { blocks } }] : [];
  },
};

function levelUnder(reading: DraftReading, { heading }: SectionReading): HeadingLevel {
  const own = heading === null ? undefined : reading.draft.blocks[heading];
  return Math.min(DEEPEST, (own?.kind === "heading" ? own.level : 1) + 1) as HeadingLevel;
}

/** Places of top-level blocks before which a heading goes. */
function splits(
  reading: DraftReading,
  { firstBlock }: SectionReading,
  end: number,
  mostWords: number,
  taken: Set<string>,
): { at: number; heading: string }[] {
  const { blocks } = reading.draft;
  const words = (i: number) => (countsAsWords(blocks[i]!) ? reading.analysed(i).tokens.length : 0);
  const sum = (from: number, to: number) => {
    let all = 0;
    for (let i = from; i < to; i++) all += words(i);
    return all;
  };
  const stems = (from: number, to: number) =>
    blocks.slice(from, to).flatMap((block, i) =>
      countsAsWords(block)
        ? reading
            .analysed(from + i)
            .tokens.filter(({ small }) => !small)
            .map(({ stem }) => stem)
        : [],
    );
  const cut = (from: number, to: number): number[] => {
    const all = sum(from, to);
    if (all <= mostWords) return [];
    let best: { at: number; worth: number } | null = null;
    for (let at = from + 1; at < to; at++) {
      if (blocks[at]!.within.length || blocks[at]!.kind === "divider") continue;
      const head = sum(from, at);
      if (head < LEAST_WORDS || all - head < LEAST_WORDS) continue;
      const balance = Math.abs(head / all - 0.5) * 2;
      const worth = 1 - likeness(stems(from, at), stems(at, to)) - balance;
      if (!best || worth > best.worth) best = { at, worth };
    }
    return best ? [...cut(from, best.at), best.at, ...cut(best.at, to)] : [];
  };
  const cuts = cut(firstBlock, end);
  const bounds = [firstBlock, ...cuts, end];
  const texts = bounds.slice(1).map((to, i) =>
    blocks
      .slice(bounds[i]!, to)
      .filter((block) => countsAsWords(block) && block.text)
      .flatMap(({ text }) =>
        sentences(text, reading.pack).map(({ start, end: stop }) => text.slice(start, stop)),
      ),
  );
  const [often, once] = [keyPhrases(texts, reading.pack), keyPhrases(texts, reading.pack, 1)];
  return cuts.flatMap((at, i) => {
    const { mostCharacters } = thresholdsIn(reading.profile, "heading-quality", headingThresholds);
    const heading = [often[i + 1]!, once[i + 1]!].find(
      (one) => one && one.length <= mostCharacters && !taken.has(foldPlain(one)),
    );
    if (!heading) return [];
    taken.add(foldPlain(heading));
    return [{ at, heading }];
  });
}
