import { likeness } from "../../competitors/keyPhrases";
import type { Block } from "../../draft/draft";
import type { AnalysedText } from "../../text/analyse";
import { paragraphThresholds } from "../checks/paragraphLength";
import { thresholdsIn } from "../thresholds";
import type { ChangedLine, FixRule } from "./fixRule";
import { partOf } from "./parts";

/** Splits every paragraph that is too long between two sentences, where what is said changes most. */
export const longParagraphs: FixRule = {
  id: "long-paragraphs",
  check: "paragraph-length",
  name: "Split long paragraphs",
  safe: false,
  suggest(reading) {
    const { mostWords } = thresholdsIn(reading.profile, "paragraph-length", paragraphThresholds);
    const lines: ChangedLine[] = [];
    const blocks = new Map<number, Block[]>();
    for (const { block: at, of: block, reading: text } of reading.prose.flat()) {
      if (block.kind !== "paragraph" || text.analysed.tokens.length <= mostWords) continue;
      const cuts = cutsOf(text.analysed, mostWords);
      if (!cuts.length) continue;
      const bounds = [0, ...cuts, block.text.length];
      const parts = bounds
        .slice(1)
        .map((end, i) => partOf(block, bounds[i]!, end, i ? `${block.id}~${i}` : block.id));
      blocks.set(at, parts);
      lines.push({
        before: opening(block.text),
        after: parts.map(({ text }) => opening(text)).join(" ¶ "),
      });
    }
    return lines.length ? [{ lines, change: { blocks } }] : [];
  },
};

const opening = (text: string): string => (text.length > 60 ? `${text.slice(0, 58).trimEnd()}…` : text);

/** Offsets before the sentences that begin a new paragraph: halves, and halves of these, as long as they are too long. */
function cutsOf({ tokens }: AnalysedText, mostWords: number): number[] {
  const firsts = tokens.flatMap(({ sentence }, i) => (i && tokens[i - 1]!.sentence === sentence ? [] : [i]));
  const stems = (from: number, to: number) =>
    tokens
      .slice(from, to)
      .filter(({ small }) => !small)
      .map(({ stem }) => stem);
  const cut = (from: number, to: number): number[] => {
    if (to - from <= mostWords) return [];
    const inside = firsts.filter((first) => first > from && first < to);
    let best: { first: number; worth: number } | null = null;
    for (const first of inside) {
      // Halves are better than crumbs; between equal halves, the break in what is said decides.
      const balance = Math.abs((first - from) / (to - from) - 0.5) * 2;
      const worth = 1 - likeness(stems(from, first), stems(first, to)) - balance;
      if (!best || worth > best.worth) best = { first, worth };
    }
    return best ? [...cut(from, best.first), best.first, ...cut(best.first, to)] : [];
  };
  return cut(0, tokens.length).map((first) => tokens[first]!.start);
}
