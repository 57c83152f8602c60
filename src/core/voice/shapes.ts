/** A voice: how a brand sounds, as it is kept and exchanged. */
import * as is from "../declare";

export const PERSONS = ["I", "we", "you", "none"] as const;
export const TENSES = ["present", "past", "any"] as const;
/** Traits on scales from −2 to 2: the first word, or the second. */
export const TRAITS = [
  { id: "formality", low: "casual", high: "formal" },
  { id: "warmth", low: "matter-of-fact", high: "warm" },
  { id: "play", low: "serious", high: "playful" },
  { id: "detail", low: "brief", high: "detailed" },
] as const;
export type TraitId = (typeof TRAITS)[number]["id"];

const trait = () => is.whole({ minimum: -2, maximum: 2 });

export const voiceShape = is.shape({
  id: is.id(),
  name: is.someText(200),
  audience: is.text(2000),
  person: is.oneOf(PERSONS),
  tense: is.oneOf(TENSES),
  traits: is.shape({ formality: trait(), warmth: trait(), play: trait(), detail: trait() }),
  /** Words that are not to be used, each with what to say instead; empty where there is nothing. */
  banned: is.list(is.shape({ word: is.someText(200), instead: is.text(200) }), 500),
  /** Words that are liked. */
  preferred: is.list(is.someText(200), 500),
  /** Texts that sound as it should. */
  samples: is.list(is.text(100_000), 50),
});
export type Voice = is.Static<typeof voiceShape>;
