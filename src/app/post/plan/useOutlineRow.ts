/** What one line of the outline does: its text, level and place change, its note opens, and keys reach all of it. */

import {
  ArrowDown,
  ArrowUp,
  Heading2,
  IndentDecrease,
  IndentIncrease,
  type LucideIcon,
  MessageCircleQuestion,
  Trash2,
} from "lucide-react";
import { useEffect, useRef, useState } from "react";
import type { OutlineChanges, OutlineItem } from "../../../core/outline/outline";
import { useAppDispatch } from "../../store/hooks";
import { outlineItemChanged, outlineItemNudged } from "../../store/openPostSlice";
import { useOutlineKeys } from "./useOutlineKeys";

/** Something in the row's menu. */
export interface RowTool {
  name: string;
  icon: LucideIcon;
  off?: boolean;
  run: () => void;
}

interface Options {
  /** It is to take the focus. */
  focused: boolean;
  readOnly: boolean;
  onFocused: () => void;
  onEnter: () => void;
  onRemove: () => void;
}

export function useOutlineRow(item: OutlineItem, options: Options) {
  const { focused, readOnly, onFocused, onEnter, onRemove } = options;
  const dispatch = useAppDispatch();
  const heading = useRef<HTMLInputElement>(null);
  const note = useRef<HTMLTextAreaElement>(null);
  const { faq = false, level } = item;
  const hasNote = item.note !== "";
  const [noting, setNoting] = useState(hasNote);
  // A note that comes from elsewhere, as from the competing pages, is shown.
  useEffect(() => {
    if (hasNote) setNoting(true);
  }, [hasNote]);

  const change = (changes: OutlineChanges) => dispatch(outlineItemChanged({ id: item.id, changes }));
  const nudge = (direction: -1 | 1) => dispatch(outlineItemNudged({ id: item.id, direction }));
  const openNote = () => {
    setNoting(true);
    // Once it is drawn.
    requestAnimationFrame(() => note.current?.focus());
  };

  const { editing, setEditing, onKeyDown } = useOutlineKeys(heading, {
    readOnly,
    deeper: !faq && level === 2 ? () => change({ level: 3 }) : null,
    higher: !faq && level === 3 ? () => change({ level: 2 }) : null,
    up: () => nudge(-1),
    down: () => nudge(1),
    add: onEnter,
    remove: onRemove,
    note: openNote,
  });
  useEffect(() => {
    if (!focused) return;
    heading.current?.focus();
    // What was just added is there to be filled.
    if (!item.text) setEditing(true);
    onFocused();
  }, [focused, onFocused, item.text, setEditing]);

  const tools: RowTool[] = [
    { name: "Make it an H3", icon: IndentIncrease, off: faq || level === 3, run: () => change({ level: 3 }) },
    { name: "Make it an H2", icon: IndentDecrease, off: faq || level === 2, run: () => change({ level: 2 }) },
    { name: "Move up", icon: ArrowUp, run: () => nudge(-1) },
    { name: "Move down", icon: ArrowDown, run: () => nudge(1) },
    faq
      ? {
          name: "Out of the FAQ, as a heading",
          icon: Heading2,
          run: () => change({ faq: undefined, level: 2 }),
        }
      : { name: "Into the FAQ", icon: MessageCircleQuestion, run: () => change({ faq: true, level: 3 }) },
    { name: "Delete", icon: Trash2, run: onRemove },
  ];
  return {
    heading,
    note,
    noting,
    toggleNote: () => (noting ? setNoting(false) : openNote()),
    editing,
    setEditing,
    onKeyDown,
    change,
    setBudget: (typed: string) => {
      const words = Math.round(Number(typed));
      change({ budget: typed && words > 0 ? Math.min(words, MOST_WORDS) : undefined });
    },
    tools,
  };
}

export const MOST_WORDS = 100_000;
