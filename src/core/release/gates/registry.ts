/** All gates, in the order in which they are shown. A new one is a file beside these, and its line here. */
import type { Draft } from "../../draft/draft";
import { approved } from "./approved";
import { category } from "./category";
import { claims } from "./claims";
import { description } from "./description";
import type { GateContext, GateLevel, GateRule, Judged } from "./gate";
import { generatedText } from "./generatedText";
import { keyword } from "./keyword";
import { leadPicture } from "./leadPicture";
import { leftovers } from "./leftovers";
import { listPage } from "./listPage";
import { ownLinks } from "./ownLinks";
import { pictureWeight } from "./pictureWeight";
import { rawPaste } from "./rawPaste";
import { score } from "./score";
import { slug } from "./slug";
import { title } from "./title";

const registered = [
  title,
  keyword,
  description,
  slug,
  category,
  listPage,
  leadPicture,
  pictureWeight,
  ownLinks,
  claims,
  rawPaste,
  leftovers,
  generatedText,
  score,
  approved,
] as const;

export type GateId = (typeof registered)[number]["id"];
export const GATES: readonly GateRule<GateId>[] = registered;

/** What sites say of gates, by their ids; gates that are not named are as they come. */
export type GateLevels = Readonly<Partial<Record<string, GateLevel>>>;
export const levelOf = (
  { id, level = "must" }: Pick<GateRule, "id" | "level">,
  levels: GateLevels,
): GateLevel => levels[id] ?? level;

/** A gate with how the draft stands at it. */
export type Gate = Pick<GateRule<GateId>, "id" | "name" | "place" | "remedy"> &
  Judged & {
    /** Whether it only says so, and holds nothing back. */
    warns: boolean;
  };

/** How a draft stands at each gate that there is for it. */
export const gates = (draft: Draft, context: GateContext, levels: GateLevels = {}): Gate[] =>
  GATES.flatMap(({ judge, ...rule }) => {
    const level = levelOf(rule, levels);
    const judged = level === "off" ? null : judge(draft, context);
    const { id, name, place, remedy } = rule;
    return judged ? { id, name, place, ...(remedy && { remedy }), ...judged, warns: level === "warn" } : [];
  });

/** Those that hold a post back. */
export const holding = (all: readonly Gate[]): Gate[] => all.filter(({ passed, warns }) => !passed && !warns);
