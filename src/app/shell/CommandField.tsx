import { Command } from "cmdk";
import { Dialog } from "radix-ui";
import { useNavigate } from "react-router";
import { listName } from "../../data/listOfPost";
import { startPost } from "../desk/createPost";
import { listsAdapter } from "../store/listsSlice";
import { postsAdapter } from "../store/postsSlice";
import { useApp } from "../store/store";
import { commandItem } from "../ui/commandItem";
import { count } from "../ui/figures";

const { selectAll: selectLists } = listsAdapter.getSelectors();
const { selectAll } = postsAdapter.getSelectors();

/** Finds posts and actions by typing. */
export function CommandField({ onClose }: { onClose: () => void }) {
  const posts = useApp((state) => selectAll(state.posts.posts));
  const lists = useApp((state) => selectLists(state.lists));
  const navigate = useNavigate();
  const go = (to: string) => {
    onClose();
    void navigate(to);
  };
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/20" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed left-1/2 top-20 z-50 w-[36rem] -translate-x-1/2 rounded border border-rule bg-sheet p-2 shadow-lg"
        >
          <Dialog.Title className="sr-only">Find a post or an action</Dialog.Title>
          <Command label="Find a post or an action">
            <Command.Input placeholder="A title, a keyword, a list, an action" className="field-box mb-2" />
            <Command.List className="max-h-96 overflow-y-auto">
              <Command.Empty className="px-3 py-2 text-ink-2">Nothing found.</Command.Empty>
              <Command.Group
                heading="Actions"
                className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:py-1 [&_[cmdk-group-heading]]:text-ink-2"
              >
                <Command.Item
                  className={commandItem}
                  onSelect={() => {
                    onClose();
                    void startPost(navigate);
                  }}
                >
                  New post
                </Command.Item>
                <Command.Item className={commandItem} onSelect={() => go("/")}>
                  Go to the Desk
                </Command.Item>
                <Command.Item className={commandItem} onSelect={() => go("/keywords/look-ups")}>
                  Look up keywords
                </Command.Item>
                <Command.Item className={commandItem} onSelect={() => go("/keywords/lists")}>
                  Go to the lists
                </Command.Item>
                <Command.Item className={commandItem} onSelect={() => go("/keywords/overlap")}>
                  Compare the lists
                </Command.Item>
                <Command.Item className={commandItem} onSelect={() => go("/keywords/ideas")}>
                  Go to the ideas
                </Command.Item>
                <Command.Item className={commandItem} onSelect={() => go("/settings")}>
                  Go to Settings
                </Command.Item>
              </Command.Group>
              <Command.Group
                heading="Posts"
                className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:py-1 [&_[cmdk-group-heading]]:text-ink-2"
              >
                {posts.map((post) => (
                  <Command.Item
                    key={post.id}
                    value={`${post.title} ${post.keyword} ${post.id}`}
                    className={commandItem}
                    onSelect={() => go(`/post/${post.id}/${post.stage}`)}
                  >
                    <span className="truncate">{post.title || "Untitled post"}</span>
                    <span className="ml-auto shrink-0 text-ink-2">{post.keyword}</span>
                  </Command.Item>
                ))}
              </Command.Group>
              <Command.Group
                heading="Keyword lists"
                className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:py-1 [&_[cmdk-group-heading]]:text-ink-2"
              >
                {lists.map((list) => (
                  <Command.Item
                    key={list.id}
                    value={`list ${listName(list)} ${list.id}`}
                    className={commandItem}
                    onSelect={() => go(`/keywords/lists/${list.id}`)}
                  >
                    <span className="truncate">{listName(list)}</span>
                    <span className="ml-auto shrink-0 text-ink-2">{count(list.count, "keyword")}</span>
                  </Command.Item>
                ))}
              </Command.Group>
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
