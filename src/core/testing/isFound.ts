/** Whether a keyword is found in a text, as a post has it; by its language's code. */
import { defaultProfile } from "../proof/profile";
import { analyseText } from "../text/analyse";
import { compileKeyword } from "../text/keyword";
import { languagePack } from "../text/language";
import { findKeyword } from "../text/match";

/** @param whole the text is one field, over which a keyword may be scattered */
export function isFound(language: string, keyword: string, text: string, whole = false): boolean {
  const pack = languagePack(language);
  const compiled = compileKeyword(keyword, pack)!;
  return findKeyword(analyseText(text, pack), compiled, defaultProfile.matching, pack, whole).length > 0;
}
