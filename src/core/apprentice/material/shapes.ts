/** What the apprentice may draw on, as it comes in: from a file, or gathered from a workspace. All of it may be absent. */
import * as is from "../../declare";
import { voiceShape } from "../../voice/shapes";

const says = <Of extends object>(of: Of, description: string): Of => ({ ...of, description });

export const outlineLineShape = is.shape({
  level: is.optional(is.oneOf([2, 3])),
  text: is.text(1000),
  note: is.optional(is.text(20_000)),
  faq: is.optional(is.flag()),
});
export type OutlineLine = is.Static<typeof outlineLineShape>;

export const writtenPostShape = is.shape({
  title: says(is.text(1000), "Its title"),
  text: is.optional(says(is.text(), "Its text, as Markdown or plain paragraphs")),
  description: is.optional(is.text(5000)),
  address: is.optional(is.text(4000)),
});
export type WrittenPost = is.Static<typeof writtenPostShape>;

const pageTextShape = is.shape({
  address: is.optional(is.text(4000)),
  site: is.optional(is.text(1000)),
  title: is.optional(is.text(1000)),
  text: says(is.text(), "What stands on it, as Markdown or plain paragraphs"),
});

export const materialShape = is.shape({
  keyword: is.optional(says(is.text(500), "Target keyword of the post")),
  supporting: is.optional(says(is.list(is.text(500), 200), "Its supporting keywords")),
  title: is.optional(says(is.text(1000), "Title of the post")),
  audience: is.optional(says(is.text(1000), "Who the post is for")),
  goal: is.optional(says(is.text(2000), "What the post should achieve")),
  tones: is.optional(is.list(is.text(100), 20)),
  avoid: is.optional(says(is.list(is.text(500), 200), "What the post should not say")),
  outline: is.optional(says(is.list(outlineLineShape, 500), "Headings in order, each with its note")),
  notes: is.optional(says(is.list(is.text(5000), 500), "Notes: what is to be said, a line each")),
  post: is.optional(says(writtenPostShape, "The post, as far as it is written")),
  posts: is.optional(says(is.list(writtenPostShape, 2000), "Other posts of the site")),
  pages: is.optional(
    says(
      is.list(pageTextShape, 60),
      "Competing pages: their facts may be named with their source, their sentences are never used",
    ),
  ),
  /** What was read out of competing pages already; read out of `pages` where absent. */
  topics: is.optional(
    is.list(is.shape({ label: is.text(1000), pages: is.whole(), of: is.whole(), level: is.whole() }), 500),
  ),
  facts: is.optional(
    is.list(is.shape({ sentence: is.text(5000), site: is.text(1000), address: is.text(4000) }), 500),
  ),
  questions: is.optional(says(is.list(is.text(1000), 500), "Questions that readers ask")),
  transcript: is.optional(says(is.text(), "What was said: plain, or as captions with times")),
  description: is.optional(says(is.text(20_000), "What the product or the firm is, in a few lines")),
  voice: is.optional(voiceShape),
});
export type MaterialSource = is.Static<typeof materialShape>;
