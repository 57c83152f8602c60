/** What is said of a draft besides its text. */
import * as is from "../declare";

const line = () => is.text(100_000);

export const metaShape = is.shape({
  title: line(),
  metaTitle: line(),
  description: line(),
  slug: line(),
  /** Full address of the post. */
  canonical: line(),
  /** BCP 47. */
  language: line(),
  keyword: line(),
  supporting: is.list(is.text(2000)),
  tags: is.list(is.text(2000)),
  category: line(),
  author: line(),
  /** ISO 8601 date, or empty. */
  date: line(),
  /** The picture that a shared link shows, as a picture block names its own; empty where it shows the lead picture. */
  socialPicture: is.later(line()),
  /** What the site adds behind every meta title, its leading blank included. */
  titleSuffix: line(),
});
export type DraftMeta = is.Static<typeof metaShape>;
