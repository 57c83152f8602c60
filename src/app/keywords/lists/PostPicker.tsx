import { Command } from "cmdk";
import { Popover } from "radix-ui";
import { useState } from "react";
import type { KeywordList } from "../../../core/keywords/list";
import type { Post } from "../../../data/model";
import { Button } from "../../ui/Button";
import { commandItem } from "../../ui/commandItem";
import { overPage } from "../../ui/layers";

/** Which post a list belongs to: one at most. */
export function PostPicker({
  list,
  posts,
  onPost,
}: {
  list: KeywordList;
  posts: Record<string, Post>;
  onPost: (id: string | null) => void;
}) {
  const [open, setOpen] = useState(false);
  const post = list.postId ? posts[list.postId] : undefined;
  const choose = (id: string | null) => {
    setOpen(false);
    onPost(id);
  };
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <Button
          className="max-w-80"
          aria-label={`Post of this list: ${post ? post.title || "untitled" : "none"}`}
        >
          <span className="truncate">{post ? post.title || "An untitled post" : "no post yet"}</span>
        </Button>
      </Popover.Trigger>
      <Popover.Portal container={overPage()}>
        <Popover.Content
          aria-label="Choose the post of this list"
          align="start"
          sideOffset={6}
          className="z-50 w-[28rem] rounded border border-rule bg-sheet p-2 shadow-lg"
        >
          <Command label="Choose the post of this list">
            <Command.Input placeholder="Title or keyword of a post" className="field-box mb-2" />
            <Command.List className="max-h-72 overflow-y-auto">
              <Command.Empty className="px-3 py-2 text-ink-2">No post has these words.</Command.Empty>
              {list.postId && (
                <Command.Item className={commandItem} onSelect={() => choose(null)}>
                  No post: the post it leaves keeps no keywords
                </Command.Item>
              )}
              {Object.values(posts)
                .filter(({ id }) => id !== list.postId)
                .map(({ id, title, keyword }) => (
                  <Command.Item
                    key={id}
                    value={`${title} ${keyword} ${id}`}
                    className={commandItem}
                    onSelect={() => choose(id)}
                  >
                    <span className="min-w-0 flex-1 truncate">{title || "An untitled post"}</span>
                    <span className="max-w-40 shrink-0 truncate text-[12px] text-ink-2">{keyword}</span>
                  </Command.Item>
                ))}
            </Command.List>
          </Command>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
