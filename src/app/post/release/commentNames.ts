import type { Comments } from "../../../core/site/shapes";

/** How people call it whether readers may comment. */
export const COMMENT_NAMES: Record<Comments, string> = {
  open: "Open",
  approved: "Shown once approved",
  closed: "Closed",
};
