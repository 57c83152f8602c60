/** All gates, in the order in which they are shown. A new one is a file beside these, and its line here. */
import type { Draft } from "../../draft/draft";
import { description } from "./description";
import type { GateContext, GateRule, Judged } from "./gate";
import { generatedText } from "./generatedText";
import { keyword } from "./keyword";
import { leadPicture } from "./leadPicture";
import { leftovers } from "./leftovers";
import { rawPaste } from "./rawPaste";
import { slug } from "./slug";
import { title } from "./title";

const registered = [
  title,
  keyword,
  description,
  slug,
  leadPicture,
  rawPaste,
  leftovers,
  generatedText,
] as const;

export type GateId = (typeof registered)[number]["id"];
export const GATES: readonly GateRule<GateId>[] = registered;

/** A gate with how the draft stands at it. */
export type Gate = Pick<GateRule<GateId>, "id" | "name" | "place" | "remedy"> & Judged;

/** How a draft stands at each gate that there is for it. */
export const gates = (draft: Draft, context: GateContext): Gate[] =>
  GATES.flatMap(({ id, name, place, remedy, judge }) => {
    const judged = judge(draft, context);
    return judged ? { id, name, place, ...(remedy && { remedy }), ...judged } : [];
  });
