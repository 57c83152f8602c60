import type { Draft } from "../../draft/draft";
import { headingIdsOf } from "../../draft/headingIds";
import type { Placed } from "./reading";

/**
 * Ids that a fragment of the page may name (HTML Standard, "find a potential indicated element").
 *
 * @param named headings and other blocks with ids, in order
 */
export function fragmentIds(named: readonly Placed[], headingIds: Draft["headingIds"]): ReadonlySet<string> {
  const ids = new Set<string>(["", "top"]);
  for (const { of } of named) for (const id of of.ids ?? []) ids.add(id);
  if (headingIds === "derived") {
    const headings = named.flatMap(({ of, block }) =>
      of.kind === "heading" ? [{ text: of.text, at: block }] : [],
    );
    for (const id of headingIdsOf(headings).values()) ids.add(id);
  }
  return ids;
}
