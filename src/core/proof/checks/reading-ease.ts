import { sumsOf } from "../../text/prose";
import { readingEase as easeOf } from "../../text/readability";
import { type Check, judged, notApplicable, waiting } from "../check";

export const readingEase: Check = {
  id: "reading-ease",
  group: "reading",
  name: "Reading ease",
  effort: "longer",
  place: "body",
  says: "The text is as easy to read as its readers expect, by the formula of Flesch (1948) or the language's own: shorter sentences and shorter words read easier.",
  judge(reading) {
    const { pack, prose } = reading;
    if (!pack.readability) return notApplicable("There is no formula for the language of this draft.");
    if (!prose.length) return waiting("There is no text yet.");
    const sums = sumsOf(prose.map((block) => reading.proseOf(block)));
    const ease = easeOf(sums, pack);
    if (ease === null) return waiting("There is no text yet.");
    const { audience, bands, fallOff } = reading.profile.checks["reading-ease"];
    const [from, to] = bands[audience];
    const off = ease < from ? from - ease : ease > to ? ease - to : 0;
    const { source, constant, perWord, perSyllable } = pack.readability;
    const perSentence = sums.words / sums.sentences;
    const perWordSyllables = sums.syllables / sums.words;
    const said = `Reading ease ${ease.toFixed(0)} (${source}): ${perSentence.toFixed(1)} words a sentence, ${perWordSyllables.toFixed(2)} syllables a word`;
    const why =
      ease < from
        ? `hard for ${READERS[audience]}, ${from} or more is better`
        : ease > to
          ? `plainer than ${READERS[audience]} need, ${to} or less is usual`
          : `right for ${READERS[audience]}`;
    return judged(1 - off / fallOff, `${said}: ${why}.`, [], {
      formula: `${constant} − ${perWord} · ${perSentence.toFixed(3)} − ${perSyllable} · ${perWordSyllables.toFixed(4)} = ${ease.toFixed(2)}; band ${from} to ${to}, nothing ${fallOff} points outside it.`,
    });
  },
};

const READERS = { general: "general readers", expert: "experts", easy: "readers who want it easy" };
