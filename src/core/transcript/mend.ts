/** From caption lines to sentences: joined across lines, without labels and fillers where that is asked for. */
import { fold } from "../text/fold";
import type { LanguagePack } from "../text/packs/pack";
import { sentences } from "../text/sentences";
import type { Cue } from "./cues";
import type { Spoken } from "./spoken";

export type { Spoken } from "./spoken";

export interface FixOptions {
  /** Take out sounds and phrases that fill pauses, and words said twice in a row. */
  dropFillers: boolean;
}

/**
 * Joins what one speaker says until another speaks, and cuts it into sentences. Words are only ever taken out, as asked,
 * or given a capital at the start of a sentence: none is put in.
 */
export function spokenSentences(
  cues: readonly Cue[],
  { dropFillers }: FixOptions,
  pack: LanguagePack,
): Spoken[] {
  const out: Spoken[] = [];
  let turn: Cue[] = [];
  const settle = () => {
    if (turn.length) out.push(...inSentences(turn, dropFillers, pack));
    turn = [];
  };
  let speaker = "";
  for (const cue of cues) {
    if (cue.speaker && cue.speaker !== speaker) {
      settle();
      speaker = cue.speaker;
    }
    turn.push({ ...cue, speaker });
  }
  settle();
  return out;
}

function inSentences(turn: readonly Cue[], dropFillers: boolean, pack: LanguagePack): Spoken[] {
  // Where each line begins in the joined text, so that a sentence knows its time.
  const starts: { at: number; start: number }[] = [];
  let text = "";
  for (const cue of turn) {
    const said = dropFillers ? withoutFillers(cue.text, pack) : cue.text;
    if (!said) continue;
    if (text) text += " ";
    if (cue.start !== null) starts.push({ at: text.length, start: cue.start });
    text += said;
  }
  return sentences(text, pack)
    .map(({ start, end }) => ({
      text: capitalised(text.slice(start, end)),
      speaker: turn[0]!.speaker,
      start: starts.findLast(({ at }) => at <= start)?.start ?? null,
    }))
    .filter((one) => /[\p{L}\p{N}]/u.test(one.text));
}

const capitalised = (sentence: string): string =>
  sentence.replace(/^\p{Ll}/u, (letter) => letter.toUpperCase());

/** Stands where a filler began a sentence, whose next word begins it now. */
const BEGAN = "\uE000";

/** Stands where a filler was: a pause behind a small word is no comma. */
const PAUSE = "\uE001";

/** Fillers with the commas around them, and a word said twice in a row. */
export function withoutFillers(text: string, { fillers = [], smallWords }: LanguagePack): string {
  let out = text;
  if (fillers.length) {
    const any = [...fillers].sort((a, b) => b.length - a.length).map((one) => one.replace(/ /g, "\\s+"));
    out = out.replace(
      new RegExp(String.raw`(^|[\s,])(${any.join("|")})(?:[,…]|\.{3})?(?=[\s.!?]|$)`, "giu"),
      (_whole, before: string, filler: string) => `${before}${PAUSE}${/^\p{Lu}/u.test(filler) ? BEGAN : ""}`,
    );
    out = out
      .replace(
        new RegExp(`([\\p{L}'’]+)\\s*,[\\s,]*(?:${PAUSE}[\\s,]*)+`, "gu"),
        (_whole, word: string) => `${word}${smallWords.has(fold(word)) ? "" : ","} `,
      )
      .replaceAll(PAUSE, "");
  }
  return out
    .replace(/(?<![\p{L}\p{N}])([\p{L}'’]+)((?:[,\s]+\1)+)(?![\p{L}\p{N}])/giu, (whole, word: string) =>
      // "had had" and "that that" are grammar, and so is a name said twice.
      /^(?:had|that)$/i.test(fold(word)) ? whole : word,
    )
    .replace(/\s+/g, " ")
    .replace(/\s+([,.!?])/g, "$1")
    .replace(/,(?:\s*,)+/g, ",")
    .replace(new RegExp(`${BEGAN}[\\s,]*(\\p{L}?)`, "gu"), (_whole, letter: string) => letter.toUpperCase())
    .replace(/^[\s,]+/, "")
    .trim();
}
