/** The posts of the Desk under their headings. Only the rows in sight are drawn: a site may have a thousand posts. */
import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { memo, useLayoutEffect, useMemo, useRef, useState } from "react";
import { hintOf } from "../ui/glossary";
import { Tooltip } from "../ui/Tooltip";
import type { Publishing } from "./attention";
import type { Row } from "./deskRows";
import { PostRow, ROW } from "./PostRow";
import { stateOf } from "./postState";

const HEADING = 29;
const POST = 53;

type Line = { heading: string; posts: number } | { row: Row };

export const PostList = memo(function PostList({
  groups,
  publishing,
}: {
  groups: readonly (readonly [string, Row[]])[];
  publishing: Publishing;
}) {
  const lines = useMemo(
    () =>
      groups.flatMap(([heading, rows]): Line[] => [
        { heading, posts: rows.length },
        ...rows.map((row): Line => ({ row })),
      ]),
    [groups],
  );
  const list = useRef<HTMLUListElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(list.current?.offsetTop ?? 0), []);
  const virtual = useWindowVirtualizer({
    count: lines.length,
    estimateSize: (i) => ("heading" in lines[i]! ? HEADING : POST),
    getItemKey: (i) => {
      const line = lines[i]!;
      return "heading" in line ? `heading ${line.heading}` : line.row.post.id;
    },
    overscan: 8,
    scrollMargin: top,
  });
  return (
    <div className="overflow-x-auto border border-rule bg-sheet">
      <div className="min-w-[820px] small:min-w-0">
        <div className={`${ROW} h-8 border-b border-rule text-[12px] text-ink-2`} aria-hidden="true">
          <span>Post and target keyword</span>
          <Tooltip says={hintOf("strip")} whenCut>
            <span className="truncate small:hidden">Checks by weight</span>
          </Tooltip>
          <span className="text-right">Score</span>
          <Tooltip says={hintOf("next")}>
            <span className="small:hidden">Best next step</span>
          </Tooltip>
          <span className="text-right small:hidden">Words</span>
          <span className="small:hidden">Date</span>
        </div>
        <ul ref={list} aria-label="Posts" className="relative" style={{ height: virtual.getTotalSize() }}>
          {virtual.getVirtualItems().map(({ index, key, start, size }) => {
            const line = lines[index]!;
            const counted = { "aria-setsize": lines.length, "aria-posinset": index + 1 };
            const style = { top: start - top, height: size };
            return "heading" in line ? (
              <li key={key} {...counted} className="absolute inset-x-0" style={style}>
                <h2 className="flex h-full items-center gap-2 border-b border-rule bg-paper px-3 text-[13px]">
                  {line.heading} <span className="figures font-normal text-ink-2">{line.posts}</span>
                </h2>
              </li>
            ) : (
              <li key={key} {...counted} className="absolute inset-x-0 border-b border-rule" style={style}>
                <PostRow {...line.row} state={stateOf(line.row.post, publishing)} />
              </li>
            );
          })}
        </ul>
      </div>
    </div>
  );
});
