/** Which sentences of a page are prose: those that somebody would say, and no code, command or sample of one. */

/** What stands in programs and commands, and hardly ever in a sentence. */
const SURE = [/[{};]\s*$/u, /[{}\\`~]|=>|::|\$\(|<\/?\p{L}[^<>]*>/u, /(?:^|\s)--\p{L}[\p{L}\p{N}-]+/u];
/** One may be a name's ("iPhone", "and/or"); two make it code. */
const SIGNS = [
  /\p{L}[\p{L}\p{N}_]*\([^)\s]*\)/u,
  /[\p{L}\p{N}_]\s?(?:[=!]==?|[-+*/|&]=|&&|\|\|)\s?\S/u,
  /(?:^|\s)[$#>%]\s+\p{Ll}/u,
  /(?:^|\s)(?:~|\.{1,2})?\/[\p{L}\p{N}_.-]+\/[\p{L}\p{N}_./-]*/u,
  /\p{Ll}\p{Lu}\p{Ll}+\p{Lu}?|\p{L}_\p{L}/u,
  // An option, a folder, a file.
  /\s-\p{L}[\p{L}\p{N}]*(?=\s)/u,
  /(?:^|\s)[\p{L}\p{N}_.-]+\/(?=\s|$)/u,
  /[\p{L}\p{N}]\.\p{Ll}{2,4}\.\p{Ll}[\p{L}\p{N}]{0,3}(?![\p{L}\p{N}])/u,
];
const ENOUGH = 2;
const LEAST_LETTERS = 0.6;

/** Is it a sentence of prose? */
export function isProse(sentence: string): boolean {
  const bare = sentence.replace(/\s+/g, "");
  if (!bare) return false;
  const letters = bare.match(/[\p{L}\p{M}]/gu)?.length ?? 0;
  if (letters / bare.length < LEAST_LETTERS) return false;
  if (SURE.some((sign) => sign.test(sentence))) return false;
  return SIGNS.filter((sign) => sign.test(sentence)).length < ENOUGH;
}

/** Are its quotation marks and brackets closed? A sentence that was cut from a longer quotation has one of them alone. */
export function isClosed(sentence: string): boolean {
  const many = (mark: string) => sentence.split(mark).length - 1;
  // Behind a number it may be inches.
  const inches = sentence.match(/\p{N}"/gu)?.length ?? 0;
  if (many('"') % 2 && !inches) return false;
  // A list's "a)" closes what nobody opened.
  if (many("(") > many(")") || many("[") > many("]")) return false;
  // In German the mark that opens an English quotation closes one.
  if (many("„")) return many("„") === many("“") + many("”");
  return many("“") === many("”") && many("«") === many("»");
}
