/** Longest keyword that is taken for one, in characters: what is longer is a sentence that slipped into the column. */
export const LONGEST_KEYWORD = 200;

const PLAIN = /^[!-~]+(?: [!-~]+)*$/;
const OPENING = /^["“[]/;
/** Control and format characters, but not the joiners that some scripts are spelled with. */
const INVISIBLE = /(?![\u200C\u200D])[\p{Cc}\p{Cf}]/gu;

/**
 * A keyword as it is kept and shown: composed (Unicode NFC), on one line, with single blanks, without what cannot be
 * seen and without the quotes or brackets that some tools put around it. Capitals stay; comparing is the stem key's.
 *
 * @returns the empty string where nothing is left
 */
export function normaliseKeyword(text: string): string {
  const clean = PLAIN.test(text)
    ? text
    : text.normalize("NFC").replace(/\s+/g, " ").replace(INVISIBLE, "").trim();
  if (!OPENING.test(clean)) return clean;
  const bare = /^(?:"(.*)"|“(.*)”|\[(.*)\])$/.exec(clean);
  return bare ? (bare[1] ?? bare[2] ?? bare[3] ?? "").trim() : clean;
}
