import { fold } from "../../fold";

/**
 * Phrases in which a word does not mean what it means elsewhere, as people write them: "|" between them, or what begins them
 * alike before a colon ("take takes took: part|place").
 *
 * @returns each phrase as its words, folded
 */
export const setPhrases = (text: string): string[][] =>
  fold(text)
    .split("\n")
    .flatMap((line) => {
      const [openings, rests] = line.includes(": ") ? line.split(": ") : ["", line];
      const phrases = rests!.split("|").filter((phrase) => phrase.trim());
      return openings
        ? openings.split(" ").flatMap((opening) => phrases.map((rest) => `${opening} ${rest}`))
        : phrases;
    })
    .map((phrase) => phrase.trim().split(/[\s-]+/));
