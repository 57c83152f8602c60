/** One line of the list of posts: a heading, or a post. */
import type { CSSProperties } from "react";
import type { Publishing } from "./attention";
import type { Row } from "./deskRows";
import { PostRow } from "./PostRow";
import { stateOf } from "./postState";

export type Line = { heading: string; posts: number } | { row: Row };

export const keyOf = (line: Line): string =>
  "heading" in line ? `heading ${line.heading}` : line.row.post.id;

/** In pixels; the long list must have it before a line is drawn. */
export const heightOf = (line: Line): number => ("heading" in line ? 29 : 53);

interface Props {
  line: Line;
  publishing: Publishing;
  /** Its place in the list, from 0, and how many lines there are. */
  place: number;
  of: number;
  /** Where it stands, in a list that draws what is in sight. */
  style?: CSSProperties;
}

export function PostLine({ line, publishing, place, of, style = { height: heightOf(line) } }: Props) {
  const counted = { "aria-setsize": of, "aria-posinset": place + 1 };
  return "heading" in line ? (
    <li {...counted} className="inset-x-0" style={style}>
      <h2 className="flex h-full items-center gap-2 border-b border-rule bg-paper px-3 text-[13px]">
        {line.heading} <span className="figures font-normal text-ink-2">{line.posts}</span>
      </h2>
    </li>
  ) : (
    <li {...counted} className="inset-x-0 border-b border-rule" style={style}>
      <PostRow {...line.row} state={stateOf(line.row.post, publishing)} />
    </li>
  );
}
