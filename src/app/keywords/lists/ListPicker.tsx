/** Chooses a list by typing, or makes a new one of what is typed. */

import { Command } from "cmdk";
import { Popover } from "radix-ui";
import { type ReactNode, useState } from "react";
import { listName } from "../../../data/listOfPost";
import { useAppSelector } from "../../store/hooks";
import { selectLists, selectPostEntities } from "../../store/selectors";
import { commandItem } from "../../ui/commandItem";
import { count } from "../../ui/figures";
import { overPage } from "../../ui/layers";

interface Props {
  trigger: ReactNode;
  label: string;
  /** A list that is not offered. */
  without?: string;
  /** Shown first. */
  first?: string | undefined;
  /** Name for a new list where nothing is typed; no new list where it is left out. */
  newName?: string;
  onList: (id: string) => void;
  onNew?: (name: string) => void;
}

export function ListPicker({ trigger, label, without, first, newName, onList, onNew }: Props) {
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState("");
  const lists = useAppSelector(selectLists);
  const posts = useAppSelector(selectPostEntities);
  const offered = lists
    .filter(({ id }) => id !== without)
    .sort((a, b) => Number(b.id === first) - Number(a.id === first));
  const done = (act: () => void) => {
    setOpen(false);
    setTyped("");
    act();
  };
  const name = typed.trim() || newName || "";
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>{trigger}</Popover.Trigger>
      <Popover.Portal container={overPage()}>
        <Popover.Content
          aria-label={label}
          align="end"
          side="top"
          sideOffset={6}
          className="z-50 w-[26rem] rounded border border-rule bg-sheet p-2 shadow-lg"
        >
          <Command label={label} shouldFilter>
            <Command.Input
              value={typed}
              onValueChange={setTyped}
              maxLength={120}
              placeholder={onNew ? "Name of a list, new or old" : "Name of a list"}
              className="field-box mb-2"
            />
            <Command.List className="max-h-72 overflow-y-auto">
              <Command.Empty className="px-3 py-2 text-ink-2">No list has this name.</Command.Empty>
              {onNew && (
                <Command.Item
                  forceMount
                  value={`new list ${name}`}
                  className={commandItem}
                  onSelect={() => done(() => onNew(name))}
                >
                  New list “{name}”
                </Command.Item>
              )}
              {offered.map((list) => {
                const post = list.postId ? posts[list.postId] : undefined;
                return (
                  <Command.Item
                    key={list.id}
                    value={`${listName(list)} ${post?.title ?? ""} ${list.id}`}
                    className={commandItem}
                    onSelect={() => done(() => onList(list.id))}
                  >
                    <span className="min-w-0 flex-1 truncate">{listName(list)}</span>
                    <span className="shrink-0 text-[12px] text-ink-2">
                      {count(list.count, "keyword")}
                      {post ? ", has a post" : ""}
                    </span>
                  </Command.Item>
                );
              })}
            </Command.List>
          </Command>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
