import type { Post } from "../../data/model";
import { shortDay } from "../ui/dates";
import type { Publishing } from "./attention";

export interface PostState {
  /** When, in a few words; empty where nothing is said. */
  when: string;
  /** What needs somebody; empty where nothing does. */
  needs: string;
}

/** How a post stands with its readers, as its row says it. */
export function stateOf({ id, status, due, date }: Post, { changed, stuck }: Publishing): PostState {
  const day = (iso: string) => shortDay(iso, new Date());
  const needs = stuck.includes(id)
    ? "not taken by the blog"
    : changed.includes(id)
      ? "changed, not sent"
      : status === "in-review"
        ? "in review"
        : status === "approved"
          ? "approved"
          : status === "withdrawn"
            ? "withdrawn"
            : "";
  if (status === "live") return { when: day(date), needs };
  if (status === "scheduled") return { when: `for ${day(date)}`, needs };
  return { when: due ? `due ${day(due)}` : "", needs };
}
