import { Command } from "cmdk";
import { Dialog } from "radix-ui";
import type { ReactNode } from "react";
import { type NavigateFunction, useNavigate } from "react-router";
import { listName } from "../../data/listOfPost";
import type { Post } from "../../data/model";
import { STAGE_IDS, stageName } from "../../data/stages";
import { copyPost } from "../posts/copyPost";
import { startPost } from "../posts/createPost";
import { deleteWithUndo } from "../posts/deleteWithUndo";
import { useAppDispatch, useAppSelector } from "../store/hooks";
import { selectLists, selectPosts } from "../store/selectors";
import type { AppDispatch, AppThunk } from "../store/thunk";
import { attemptRead } from "../ui/attemptRead";
import { chooseTheme } from "../ui/chooseTheme";
import { commandItem } from "../ui/commandItem";
import { count } from "../ui/figures";
import { overPage } from "../ui/layers";
import { THEMES, type Theme } from "../ui/theme";

interface Action {
  name: string;
  /** Other words that find it. */
  also?: string;
  run: (navigate: NavigateFunction, dispatch: AppDispatch) => void;
}

const goTo =
  (to: string, state?: unknown) =>
  (navigate: NavigateFunction): void =>
    void navigate(to, { state });

const ACTIONS: readonly Action[] = [
  { name: "New post", run: (navigate, dispatch) => attemptRead(dispatch(startPost(navigate))) },
  { name: "Guided start of a post", also: "new post steps", run: goTo("/start") },
  { name: "Go to the Desk", run: goTo("/") },
  { name: "Look up keywords", run: goTo("/keywords/look-ups") },
  {
    name: "Import a keyword file",
    also: "import csv",
    run: goTo("/keywords/look-ups", { importing: true }),
  },
  { name: "Go to the lists", run: goTo("/keywords/lists") },
  { name: "Compare the lists", also: "overlap", run: goTo("/keywords/overlap") },
  { name: "Go to the calendar", also: "schedule plan month week", run: goTo("/calendar") },
  { name: "Open the drawer", also: "suggestions apprentice generated", run: goTo("/drawer") },
  { name: "Go to the ideas", run: goTo("/keywords/ideas") },
  { name: "Settings", also: "go to settings site name address language", run: goTo("/settings") },
  { name: "Settings: scoring profile", also: "weights thresholds", run: goTo("/settings#scoring") },
  ...(Object.keys(THEMES) as Theme[]).map((theme) => ({
    name: `Appearance: ${THEMES[theme].toLowerCase()}`,
    also: "theme dark light night",
    run: () => chooseTheme(theme),
  })),
  { name: "Settings: voices", also: "brand tone banned words samples", run: goTo("/settings#voices") },
  { name: "Settings: connections", also: "search service", run: goTo("/settings#connections") },
  {
    name: "Settings: workspace file",
    also: "backup export restore demo empty",
    run: goTo("/settings#workspace"),
  },
];

/** What can be done with the post that is open. */
const actionsOf = (post: Post): Action[] => [
  ...STAGE_IDS.map((stage) => ({
    name: `Go to ${stageName(stage)}`,
    also: "stage",
    run: goTo(`/post/${post.id}/${stage}`),
  })),
  {
    name: "Export this post",
    also: "download html markdown copy for a blog",
    run: goTo(`/post/${post.id}/release`, { goal: { field: "export" } }),
  },
  {
    name: "New post from this one",
    also: "copy duplicate",
    run: (navigate, dispatch) => attemptRead(dispatch(copy(post, navigate))),
  },
  {
    name: "Delete this post",
    run: (navigate, dispatch) => attemptRead(dispatch(leaveAndDelete(post, navigate))),
  },
];

/** What was written last is stored first: undoing brings it back. */
const leaveAndDelete =
  (post: Post, navigate: NavigateFunction): AppThunk<Promise<void>> =>
  async (_dispatch, _getState, { saver }) => {
    await navigate("/");
    await saver.flush();
    await deleteWithUndo(post);
  };

const copy =
  (post: Post, navigate: NavigateFunction): AppThunk<Promise<void>> =>
  async (dispatch) => {
    await navigate(`/post/${await dispatch(copyPost(post))}/write`);
  };

/** Finds posts, lists and actions by typing. */
export function CommandField({ onClose }: { onClose: () => void }) {
  const posts = useAppSelector(selectPosts);
  const lists = useAppSelector(selectLists);
  const open = useAppSelector((state) => state.openPost.post);
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const entry = (value: string, name: string, more: string, run: Action["run"]) => (
    <Command.Item
      key={value}
      value={value}
      className={commandItem}
      onSelect={() => {
        onClose();
        run(navigate, dispatch);
      }}
    >
      <bdi className="truncate">{name}</bdi>
      <span className="ml-auto shrink-0 text-ink-2">{more}</span>
    </Command.Item>
  );
  const item = ({ name, also = "", run }: Action, of = "") => entry(`${of}${name} ${also}`, name, "", run);
  return (
    <Dialog.Root open onOpenChange={(shown) => !shown && onClose()}>
      <Dialog.Portal container={overPage()}>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-shade" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed left-1/2 top-20 z-50 w-[36rem] max-w-[94vw] -translate-x-1/2 rounded border border-rule bg-sheet p-2 shadow-lg short:top-2"
        >
          <Dialog.Title className="sr-only">Find a post or an action</Dialog.Title>
          <Command label="Find a post or an action">
            <Command.Input placeholder="A title, a keyword, a list, an action" className="field-box mb-2" />
            <Command.List className="max-h-[min(24rem,60vh)] overflow-y-auto">
              <Command.Empty className="px-3 py-2 text-ink-2">Nothing found.</Command.Empty>
              {open && (
                <Group heading={`This post: ${open.title || "Untitled post"}`}>
                  {actionsOf(open).map((action) => item(action, "this post "))}
                </Group>
              )}
              <Group heading="Actions">{ACTIONS.map((action) => item(action))}</Group>
              <Group heading="Posts">
                {posts.map((post) =>
                  entry(
                    `${post.title} ${post.keyword} ${post.id}`,
                    post.title || "Untitled post",
                    post.keyword,
                    goTo(`/post/${post.id}/${post.stage}`),
                  ),
                )}
              </Group>
              <Group heading="Keyword lists">
                {lists.map((list) =>
                  entry(
                    `list ${listName(list)} ${list.id}`,
                    listName(list),
                    count(list.count, "keyword"),
                    goTo(`/keywords/lists/${list.id}`),
                  ),
                )}
              </Group>
              <Group heading="New post from">
                {posts.map((post) =>
                  entry(`new from ${post.title} ${post.id}`, post.title || "Untitled post", "", (to) =>
                    attemptRead(dispatch(copy(post, to))),
                  ),
                )}
              </Group>
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

const Group = ({ heading, children }: { heading: string; children: ReactNode }) => (
  <Command.Group
    heading={heading}
    className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:py-1 [&_[cmdk-group-heading]]:text-ink-2"
  >
    {children}
  </Command.Group>
);
