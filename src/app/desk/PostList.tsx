/** The posts of the Desk under their headings. */
import { memo, useMemo } from "react";
import { lazyPart } from "../ui/part";
import { Tooltip } from "../ui/Tooltip";
import type { Publishing } from "./attention";
import type { Row } from "./deskRows";
import { keyOf, type Line, PostLine } from "./PostLine";
import { ROW } from "./PostRow";

/** What a word means is loaded when somebody wants to know. */
const Hint = lazyPart("The hint", async () => (await import("../ui/HintText")).HintText);

/** So many lines are drawn at once. */
const SHORT = 100;

/** What draws only the lines in sight is loaded where there are many. */
const LongPostLines = lazyPart(
  "The list of posts",
  async () => (await import("./LongPostLines")).LongPostLines,
  <div className="min-h-screen" />,
);

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
  return (
    <div className="overflow-x-auto border border-rule bg-sheet">
      <div className="min-w-[820px] small:min-w-0">
        <div className={`${ROW} h-8 border-b border-rule text-[12px] text-ink-2`} aria-hidden="true">
          <span>Post and target keyword</span>
          <Tooltip says={<Hint of="strip" />} whenCut>
            <span className="truncate small:hidden">Checks by weight</span>
          </Tooltip>
          <span className="text-right">Score</span>
          <Tooltip says={<Hint of="next" />}>
            <span className="small:hidden">Best next step</span>
          </Tooltip>
          <span className="text-right small:hidden">Words</span>
          <span className="small:hidden">Date</span>
        </div>
        {lines.length > SHORT ? (
          <LongPostLines lines={lines} publishing={publishing} />
        ) : (
          <ul aria-label="Posts">
            {lines.map((line, i) => (
              <PostLine key={keyOf(line)} line={line} publishing={publishing} place={i} of={lines.length} />
            ))}
          </ul>
        )}
      </div>
    </div>
  );
});
