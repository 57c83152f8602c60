/** A block where it stands in the draft: all that the parts of a reading take from it, the same objects as long as it stands there. */
import type { PlacedLink } from "../../blocks/runs";
import type { Block } from "../../draft/draft";
import { countsAsWords } from "../../draft/words";
import { isProse } from "../../marking/marking";
import type { BlockReading, HeadingReading, LinkReading, PictureReading, TextReading } from "./reading";

export class PlacedBlock implements BlockReading {
  /** Words that count, 0 where those of its kind do not. */
  readonly words: number;
  readonly isProse: boolean;
  readonly links: readonly LinkReading[];
  readonly heading: HeadingReading | null;
  readonly picture: PictureReading | null;

  constructor(
    readonly block: number,
    readonly of: Block,
    readonly reading: TextReading,
    links: readonly PlacedLink[],
  ) {
    const { analysed } = reading;
    this.words = countsAsWords(of) ? analysed.tokens.length : 0;
    this.isProse = this.words > 0 && isProse(of);
    this.links = links.length ? links.map((link) => ({ ...link, block, of })) : NO_LINKS;
    this.heading = of.kind === "heading" ? { text: of.text, analysed, level: of.level, block } : null;
    this.picture = of.kind === "picture" ? { block, picture: of } : null;
  }
}

const NO_LINKS: readonly LinkReading[] = [];
