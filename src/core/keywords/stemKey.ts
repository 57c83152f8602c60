import { languagePack } from "../text/language";
import { analyseText } from "../text/match";

/** One key for all keywords that say the same: the stems of their content words in any order ("bikes for family" = "family bike"). */
export function stemKey(keyword: string, language: string): string {
  const { tokens } = analyseText(keyword, languagePack(language));
  const content = tokens.filter((token) => !token.small);
  return (content.length ? content : tokens)
    .map((token) => token.stem)
    .sort()
    .join(" ");
}
