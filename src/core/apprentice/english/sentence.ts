/** Sentences as they are written: a capital, one stop, one blank. */

const CLOSED = /[.!?…]["'”’)\]]*$/u;

/** @returns the text with a capital at its beginning and a stop at its end; "" of an empty one */
export function asSentence(text: string, stop: "." | "?" = "."): string {
  const bare = oneSpace(text).replace(/[\s,;:–—-]+$/u, "");
  if (!bare) return "";
  const capital = capitalised(bare);
  return CLOSED.test(capital) ? capital : `${capital}${stop}`;
}

/** Also where a quotation mark or bracket stands before the letter. */
export const capitalised = (text: string): string =>
  text.replace(
    /^(["'“‘([]*)(\p{Ll})/u,
    (_whole, before: string, letter: string) => before + letter.toUpperCase(),
  );

export const oneSpace = (text: string): string => text.replace(/\s+/gu, " ").trim();

/** Names and abbreviations keep their capital inside a sentence: "E-bikes" does not, "MOT" and "iPhone" do, and so does "I". */
const KEEPS_CAPITAL = /^(?:\p{Lu}[\p{Lu}\p{N}.&-]|\p{Lu}(?:[\s'’]|$)|\p{Ll}*\p{Lu}\p{Ll}*\p{Lu})/u;

/**
 * A title, heading or note as it stands inside a sentence: without a capital that only its place gave it.
 *
 * @param isName whether its first word is one that always has a capital
 */
export function inside(text: string, isName: (word: string) => boolean = () => false): string {
  const bare = oneSpace(text).replace(/[.!?…:;,\s]+$/u, "");
  const [first = ""] = bare.split(/[\s-]/);
  if (KEEPS_CAPITAL.test(bare) || isName(first.replace(/['’]s$/u, ""))) return bare;
  return bare.replace(/^\p{Lu}/u, (letter) => letter.toLowerCase());
}

/** "a", "a and b", "a, b and c". */
export function listed(texts: readonly string[], word = "and"): string {
  if (texts.length < 2) return texts[0] ?? "";
  // "What it is, and tools": a clause ends with a comma.
  if (texts.length === 2 && /^(?:what|how|why|when|where|which|who|whether) /.test(texts[0]!))
    return `${texts[0]}, ${word} ${texts[1]}`;
  // "Flour and water, and warmth": the comma says what belongs together.
  const joint =
    texts.length > 2 || texts.some((text) => / (?:and|or) /.test(text)) ? `, ${word} ` : ` ${word} `;
  if (texts.some((text) => / (?:and|or) /.test(text)))
    return `${texts.slice(0, -1).join(", ")}${joint}${texts.at(-1)}`;
  return `${texts.slice(0, -1).join(", ")} ${word} ${texts.at(-1)}`;
}
