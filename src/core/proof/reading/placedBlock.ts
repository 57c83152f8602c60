/** A block where it stands in the draft: all that the parts of a reading take from it, the same objects as long as it stands there. */
import type { PlacedLink } from "../../blocks/runs";
import type { BlockFacts, CompiledShared, CoveredBlock } from "../../competitors/coverage";
import type { Block } from "../../draft/draft";
import { countsAsWords } from "../../draft/words";
import { isProse } from "../../marking/marking";
import type { BlockReading, HeadingReading, LinkReading, PictureReading, TextReading } from "./reading";

export class PlacedBlock implements BlockReading {
  /** Do its words count? Those of an H1 do not. */
  readonly counts: boolean;
  /** Words that count. */
  readonly words: number;
  readonly isProse: boolean;
  readonly links: readonly LinkReading[];
  readonly heading: HeadingReading | null;
  readonly picture: PictureReading | null;

  /** @param factsOf asks for what the block says of what competing pages share */
  constructor(
    readonly block: number,
    readonly of: Block,
    readonly reading: TextReading,
    links: readonly PlacedLink[],
    private readonly factsOf: (shared: CompiledShared) => BlockFacts,
  ) {
    const { analysed } = reading;
    this.counts = countsAsWords(of);
    this.words = this.counts ? analysed.tokens.length : 0;
    this.isProse = this.words > 0 && isProse(of);
    this.links = links.length ? links.map((link) => ({ ...link, block, of })) : NO_LINKS;
    this.heading = of.kind === "heading" ? { text: of.text, analysed, level: of.level, block } : null;
    this.picture = of.kind === "picture" ? { block, picture: of } : null;
  }

  /** What it covers of what competing pages share. */
  covered(shared: CompiledShared, answerWords: number): CoveredBlock {
    const { block: at, of } = this;
    const words = Math.min(this.words, answerWords);
    return { facts: this.factsOf(shared), words, heading: of.kind === "heading", at };
  }
}

const NO_LINKS: readonly LinkReading[] = [];
