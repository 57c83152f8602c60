/** A marking: something that can be underlined in a text, by a rule that looks at one block alone. */
import type { Block } from "../draft/draft";
import type { AnalysedText } from "../text/analyse";
import type { LanguagePack } from "../text/packs/pack";

export interface Span {
  start: number;
  end: number;
}

export interface Marking {
  id: string;
  name: string;
  /** Spans in the block's text, in order, none over another; none in a language that the rule does not know. */
  find(text: AnalysedText, pack: LanguagePack): Span[];
}

/** Blocks whose text is read as sentences. */
export const isProse = ({ kind }: Block): boolean =>
  kind === "paragraph" || kind === "listItem" || kind === "quote" || kind === "cell";
