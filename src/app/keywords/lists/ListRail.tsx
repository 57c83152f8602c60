/** All lists: choose one, or drop keywords on one. */
import { useDroppable } from "@dnd-kit/core";
import { useVirtualizer } from "@tanstack/react-virtual";
import { useRef, useState } from "react";
import { Link } from "react-router";
import { foldPlain } from "../../../core/text/fold";
import { listName } from "../../../data/listOfPost";
import type { ListHead, Post } from "../../../data/model";
import { count, whole } from "../../ui/figures";
import { Tooltip } from "../../ui/Tooltip";

const ROW = 52;

export function ListRail({
  lists,
  posts,
  currentId,
  search,
}: {
  lists: ListHead[];
  posts: Record<string, Post>;
  currentId: string | undefined;
  search: string;
}) {
  const [query, setQuery] = useState("");
  const folded = foldPlain(query);
  const shown = lists.filter((list) => {
    const post = list.postId ? posts[list.postId] : undefined;
    return foldPlain(`${listName(list)} ${list.target} ${post?.title ?? ""}`).includes(folded);
  });
  const scroller = useRef<HTMLDivElement>(null);
  const virtual = useVirtualizer({
    count: shown.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: 6,
  });
  return (
    <>
      <input
        type="search"
        aria-label="Search lists"
        placeholder="Search lists"
        className="field-box mb-2"
        value={query}
        onChange={(event) => setQuery(event.target.value)}
      />
      <div
        ref={scroller}
        className="h-[calc(100vh-216px)] min-h-40 small:h-44 overflow-y-auto border border-rule bg-sheet"
      >
        {shown.length === 0 && (
          <p className="p-3 text-ink-2">
            {folded
              ? `No list has “${query.trim()}” in its name, target or post.`
              : "No lists yet: make one from a look-up, or a new one here."}
          </p>
        )}
        <ul aria-label="Keyword lists" className="relative" style={{ height: virtual.getTotalSize() }}>
          {virtual.getVirtualItems().map(({ index, start }) => {
            const list = shown[index]!;
            return (
              <Entry
                key={list.id}
                list={list}
                post={list.postId ? posts[list.postId] : undefined}
                current={list.id === currentId}
                to={`/keywords/lists/${list.id}${search}`}
                top={start}
                place={index + 1}
                of={shown.length}
              />
            );
          })}
        </ul>
      </div>
    </>
  );
}

function Entry({
  list,
  post,
  current,
  to,
  top,
  place,
  of,
}: {
  list: ListHead;
  post: Post | undefined;
  current: boolean;
  to: string;
  top: number;
  place: number;
  of: number;
}) {
  const { setNodeRef, isOver } = useDroppable({ id: list.id, disabled: current });
  return (
    <li
      ref={setNodeRef}
      aria-setsize={of}
      aria-posinset={place}
      className={`absolute inset-x-0 border-b border-rule ${isOver ? "outline-2 -outline-offset-2 outline-proof" : ""}`}
      style={{ top, height: ROW }}
    >
      <Link
        to={to}
        aria-current={current ? "page" : undefined}
        className={`block h-full px-3 py-1.5 ${current ? "bg-proof-wash" : "hover:bg-paper"}`}
      >
        <span className="flex items-baseline gap-2">
          <span className={`min-w-0 flex-1 truncate ${current ? "font-semibold" : ""}`}>
            {listName(list)}
          </span>
          <Tooltip says={`${whole(list.searches)} searches a month`}>
            <span className="figures text-[12px] text-ink-2">{list.count}</span>
          </Tooltip>
        </span>
        <span className="block truncate text-[12px] text-ink-2">
          {post ? post.title || "An untitled post" : `no post · ${count(list.count, "keyword")}`}
        </span>
      </Link>
    </li>
  );
}
