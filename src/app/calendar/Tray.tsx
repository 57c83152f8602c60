/** Posts that have no minute yet, like type in its case: taken onto a day by hand, or chosen for the free slots. */
import { useDraggable } from "@dnd-kit/core";
import type { Post } from "../../data/model";
import { Checkbox } from "../ui/Checkbox";
import { shortDay } from "../ui/dates";

interface Props {
  posts: readonly Post[];
  picked: ReadonlySet<string>;
  onPick: (picked: ReadonlySet<string>) => void;
  onOpen: (post: Post) => void;
}

export function Tray({ posts, picked, onPick, onOpen }: Props) {
  if (!posts.length)
    return <p className="text-ink-2">Every post is scheduled or live. New ones are started on the Desk.</p>;
  return (
    <ul
      aria-label="Posts that are not scheduled"
      className="grid grid-cols-[repeat(auto-fill,minmax(16rem,1fr))] gap-2"
    >
      {posts.map((post) => (
        <TrayPost
          key={post.id}
          post={post}
          isPicked={picked.has(post.id)}
          onPick={(on) => {
            const next = new Set(picked);
            if (on) next.add(post.id);
            else next.delete(post.id);
            onPick(next);
          }}
          onOpen={() => onOpen(post)}
        />
      ))}
    </ul>
  );
}

interface TrayPostProps {
  post: Post;
  isPicked: boolean;
  onPick: (on: boolean) => void;
  onOpen: () => void;
}

function TrayPost({ post, isPicked, onPick, onOpen }: TrayPostProps) {
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({ id: post.id });
  const name = post.title || "Untitled post";
  return (
    <li
      ref={setNodeRef}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
      className={`relative flex items-start gap-2 rounded border border-rule bg-sheet px-2 py-1.5 ${isDragging ? "z-40 shadow-md" : ""}`}
    >
      <Checkbox className="mt-1" label={`Choose “${name}”`} checked={isPicked} onChange={onPick} />
      <button
        type="button"
        {...listeners}
        className="min-w-0 flex-1 cursor-grab touch-none text-left"
        onClick={onOpen}
      >
        <span className="block truncate font-serif text-[15px]">{name}</span>
        <span className="block text-[12px] text-ink-2">
          {post.due ? `due ${shortDay(post.due, new Date())}` : "no due date"}
        </span>
      </button>
    </li>
  );
}
