import type { Profile } from "../../proof/profile";
import { analyseText } from "../../text/analyse";
import { compileKeyword } from "../../text/keyword";
import { findKeyword } from "../../text/match";
import type { LanguagePack } from "../../text/packs/pack";
import type { AnswerCheck } from "./check";

/** Whether a text says a keyword, in any form that the proof counts. */
export function saysKeyword(text: string, keyword: string, pack: LanguagePack, profile: Profile): boolean {
  const compiled = compileKeyword(keyword, pack);
  return (
    compiled !== null &&
    findKeyword(analyseText(text, pack), compiled, profile.matching, pack, true).length > 0
  );
}

/** The request's keyword, or else the post's. */
export const keywordOf = ({
  input,
  material,
}: {
  input: Readonly<Record<string, unknown>>;
  material: { keyword: string };
}): string => {
  const { keyword, keywords } = input;
  if (typeof keyword === "string" && keyword.trim()) return keyword;
  if (Array.isArray(keywords) && typeof keywords[0] === "string") return keywords[0];
  return material.keyword;
};

export const keywordSaid: AnswerCheck = {
  id: "keyword",
  look: ({ text, input, material, profile }) => {
    const keyword = keywordOf({ input, material });
    return !keyword || saysKeyword(text, keyword, material.pack, profile)
      ? []
      : [`The keyword “${keyword}” is not in it.`];
  },
};
