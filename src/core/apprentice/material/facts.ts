/** Figures of competing pages, each as a few words that may be named with their source: never a sentence of theirs. */

import { saysFigure } from "../../text/figure";
import { words } from "../../text/words";
import { asPattern } from "../english/asPattern";
import { taggedWords } from "../english/tagged";
import { RUN } from "./copies";
import type { Passage } from "./passage";

export interface Fact extends Passage {
  /** Who says it. */
  site: string;
  /** The whole sentence, to tell what it is about; never said. */
  sentence: string;
}

const MOST_WORDS = RUN - 2;
/** What says how a number is meant, before it. */
const BEFORE =
  /(?:\b(?:about|around|roughly|nearly|almost|up to|at least|at most|less than|more than|under|over|from|between|only|some|every|in|since|by)\s+)?[€£$¥]?[+−-]?$/iu;
const CLAUSE =
  /[,;:()–—“”"]|\.(?=\s|$)|\s(?:but|which|because|while|when|if|so|that|who|where|is|are|was|were|has|have|had|can|will|weil|wenn|die|der|das|qui|que|che|dat)\s/iu;
const LOOSE_END =
  /\s+(?:a|an|the|this|its|their|your|our|of|in|for|to|at|on|with|and|or|than|from|by|as|per|each|every|not|only|more|less|before|after|until|while|though|into|onto|over|under)$/iu;

/**
 * Cuts out the figure with what it measures: from what says how it is meant ("about", "between") to the end of its clause.
 *
 * @returns null where no few words hold it
 */
export function factOf(sentence: string, site: string, address: string): Fact | null {
  for (const { index } of sentence.matchAll(/(?<![\p{L}\p{N}.,-])\p{N}/gu)) {
    const text = figureAt(sentence, index);
    if (text) return { kind: "competitor-fact", ref: address || site, text, quote: text, site, sentence };
  }
  return null;
}

function figureAt(sentence: string, digit: number): string | null {
  const from = digit - (BEFORE.exec(sentence.slice(0, digit))?.[0].length ?? 0);
  const rest = sentence.slice(digit);
  const clause = CLAUSE.exec(rest.replace(/(?<=\p{N})[.,:](?=\p{N})/gu, "0"));
  const end = digit + (clause?.index ?? rest.length);
  const cut = words(sentence.slice(from, end)).slice(0, MOST_WORDS);
  if (!cut.length) return null;
  let text = sentence
    .slice(from, Math.max(from + cut.at(-1)!.end, tail(sentence, from + cut.at(-1)!.end)))
    .trim();
  // A verb says something of the figure, and is theirs.
  const verb = taggedWords(text)
    .slice(2)
    .find(
      ({ tags, text: word }) =>
        tags.has("Verb") && !tags.has("Noun") && new RegExp(`\\s${asPattern(word)}(?:\\s|$)`).test(text),
    );
  if (verb) text = text.slice(0, text.lastIndexOf(` ${verb.text}`)).trim();
  for (let shorter = text.replace(LOOSE_END, ""); shorter !== text; shorter = text.replace(LOOSE_END, ""))
    text = shorter;
  return saysFigure(text) ? text : null;
}

/** Where a sign of per cent or money behind a number ends. */
const tail = (text: string, end: number): number =>
  end + (/^\s?[%‰€£$¥°]C?/u.exec(text.slice(end))?.[0].length ?? 0);
