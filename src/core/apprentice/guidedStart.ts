/** A post that is being started step by step: what a person said so far, and what was made of it. */
import * as is from "../declare";

export const START_STEPS = ["about", "title", "outline", "draft"] as const;
export type StartStep = (typeof START_STEPS)[number];

export const guidedStartShape = is.shape({
  id: is.id(),
  createdAt: is.text(200),
  /** Where it was left. */
  step: is.oneOf(START_STEPS),
  /** What the post is about. */
  about: is.text(5000),
  /** What it is to say, a line each. */
  points: is.text(5000),
  goal: is.text(2000),
  audience: is.text(1000),
  keyword: is.text(500),
  /** Words; null where nobody has said. */
  length: is.numberOrNull({ minimum: 0, maximum: 100_000 }),
  /** Id of the voice; empty for the site's. */
  voice: is.text(100),
  pictures: is.flag(),
  title: is.text(1000),
  /** Headings with their notes, as Markdown (core/outline/outlineText). */
  outline: is.text(50_000),
  opening: is.text(50_000),
  /** Entries of the drawer that its steps asked for. */
  entries: is.list(is.id(), 200),
});
export type GuidedStart = is.Static<typeof guidedStartShape>;

export const newStart = (id: string, createdAt: string): GuidedStart => ({
  id,
  createdAt,
  step: "about",
  about: "",
  points: "",
  goal: "",
  audience: "",
  keyword: "",
  length: null,
  voice: "",
  pictures: true,
  title: "",
  outline: "",
  opening: "",
  entries: [],
});

/** Whether anything was said in it: one in which nothing was is not worth coming back to. */
export const isBegun = ({ about, points, keyword, title, outline, opening }: GuidedStart): boolean =>
  [about, points, keyword, title, outline, opening].some((text) => text.trim());
