/** What is said of a draft of which nothing is known. */
import type { DraftMeta } from "./metaShape";

export type { DraftMeta } from "./metaShape";

export const emptyMeta: DraftMeta = {
  title: "",
  metaTitle: "",
  description: "",
  slug: "",
  canonical: "",
  language: "en",
  keyword: "",
  supporting: [],
  tags: [],
  category: "",
  author: "",
  date: "",
  socialPicture: "",
  titleSuffix: "",
};
