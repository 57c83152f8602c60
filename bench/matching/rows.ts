/** A keyword and a sentence, and whether a reader would say that the sentence is about the keyword. */
export interface MatchingRow {
  language: string;
  keyword: string;
  sentence: string;
  matches: boolean;
}

/**
 * @param text "language: keyword" on a line, and below it a line for each sentence: after "=" one that matches, after "≠" one that does not
 */
export function rowsOf(text: string): MatchingRow[] {
  const rows: MatchingRow[] = [];
  let language = "";
  let keyword = "";
  for (const line of text.split("\n").filter(Boolean)) {
    const sign = line[0];
    if (sign === "=" || sign === "≠")
      rows.push({ language, keyword, sentence: line.slice(2), matches: sign === "=" });
    else {
      const at = line.indexOf(": ");
      language = line.slice(0, at);
      keyword = line.slice(at + 2);
    }
  }
  return rows;
}
