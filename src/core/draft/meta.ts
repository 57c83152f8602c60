/** What is said of a draft besides its text. */

export interface DraftMeta {
  title: string;
  metaTitle: string;
  description: string;
  slug: string;
  /** Full address of the post. */
  canonical: string;
  /** BCP 47. */
  language: string;
  keyword: string;
  supporting: string[];
  tags: string[];
  category: string;
  author: string;
  /** ISO 8601 date, or empty. */
  date: string;
  /** The picture that a shared link shows, as a picture block names its own; empty where it shows the lead picture. */
  socialPicture: string;
  /** What the site adds behind every meta title, its leading blank included. */
  titleSuffix: string;
}

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
