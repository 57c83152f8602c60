/** A request to the apprentice with what came of it, as the drawer keeps it. */
import { Unsafe } from "@sinclair/typebox";
import * as is from "../declare";
import { answerShape, SOURCES } from "./shapes";

export const ENTRY_STATES = ["arriving", "whole", "stopped", "failed"] as const;

export const suggestionShape = is.shape({
  id: is.id(),
  kind: is.exactly("suggestion"),
  /** The post that it is for; empty for none. */
  postId: is.text(100),
  createdAt: is.text(200),
  task: is.text(100),
  source: is.oneOf(SOURCES),
  /** What was asked, without the material of the workspace. */
  request: Unsafe<Readonly<Record<string, unknown>>>({ type: "object" }),
  seed: is.whole({ minimum: 0, maximum: 4_294_967_295 }),
  /** "arriving" while its writer writes; it stays so where the page was closed over it. */
  state: is.oneOf(ENTRY_STATES),
  /** What has arrived of a text that is being written. */
  arrived: is.text(),
  answers: is.list(answerShape, 100),
  /** What would have made it better, and what went wrong, a sentence each. */
  missing: is.list(is.text(4000), 100),
  /** Where it was taken to, in words; empty while it is not. */
  taken: is.text(1000),
});
/** What was suggested, kept to be taken later. */
export type SuggestionEntry = is.Static<typeof suggestionShape>;
