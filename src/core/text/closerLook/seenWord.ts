import type { AnalysedText, Token } from "../analyse";
import type { Carrier, Variant } from "../keyword";
import type { Usage } from "../packs/usage";
import type { Use } from "../usage";
import type { Sight } from "./sight";

/** A word where it is seen, and what is known of it there. */
export interface SeenWord {
  text: AnalysedText;
  usage: Usage;
  variant: Variant;
  /** Where all of the keyword's content words are. */
  seen: readonly Sight[];
  at: number;
  /** Of the keyword's content words, which it is. */
  place: number;
  token: Token;
  /** What it is there for in the keyword. */
  carrier: Carrier;
  use: Use | undefined;
  /** The content word that comes after it, and the one right before it. */
  next: Sight | undefined;
  last: Sight | undefined;
  isOtherForm: boolean;
  /** A verb that is made of the noun, or the noun of it. */
  isDerived: boolean;
  /** In a form that only a verb has, where the keyword has another. */
  isVerbForm: boolean;
  /** The keyword's word says what is done. */
  isAction: boolean;
  /** The keyword's word is a thing, whose verb says something else. */
  isThing: boolean;
}
