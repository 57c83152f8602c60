import { linksOf } from "../blocks/runs";
import type { Block } from "../draft/draft";

/** What blocks say, without ids, source positions and the numbers of list items. */
export const said = (blocks: readonly Block[]) =>
  blocks.map(({ id: _id, runs, within, ids: _ids, ...rest }) => ({
    ...rest,
    links: linksOf(runs).map(({ link, text }) => [link.href, text]),
    path: within.map((c) =>
      Object.entries(c)
        .filter(([key]) => key !== "id" && key !== "start")
        .map(([key, value]) => `${key} ${value}`)
        .join(", "),
    ),
  }));
