/** What is done with the outline as a whole, each with its message and, where something goes, its undo. */

import { useNavigate } from "react-router";
import type { OutlineItem } from "../../../core/outline/outline";
import { outlineToText } from "../../../core/outline/outlineText";
import { writeUp } from "../../../core/outline/writeUp";
import { freshId } from "../../../data/freshId";
import { useAppDispatch } from "../../store/hooks";
import { outlineItemAdded, outlineItemRemoved, outlineUndone } from "../../store/openPostSlice";
import { count } from "../../ui/figures";
import { toast } from "../../ui/toast";
import { usePostSession } from "../SessionContext";
import type { Goal } from "../useGo";

/** @param onFocus gets the id of the line that the cursor goes to; null where there is none */
export function useOutlineActions(outline: readonly OutlineItem[], onFocus: (id: string | null) => void) {
  const dispatch = useAppDispatch();
  const session = usePostSession();
  const navigate = useNavigate();
  return {
    add: (at: number, level: 2 | 3, asFaq = false) => {
      const item: OutlineItem = {
        id: freshId(),
        level,
        text: "",
        note: "",
        ...(asFaq && { faq: true as const }),
      };
      dispatch(outlineItemAdded({ item, at }));
      onFocus(item.id);
    },
    remove: (item: OutlineItem, at: number) => {
      dispatch(outlineItemRemoved(item.id));
      onFocus(outline[at - 1]?.id ?? outline[at + 1]?.id ?? null);
      toast(`Deleted “${item.text || "an empty heading"}”.`, {
        action: { label: "Undo", onClick: () => dispatch(outlineUndone()) },
      });
    },
    /** Adds the headings that the draft does not have, and goes to the first of them. */
    addToDraft: () => {
      const before = session.json();
      const { doc, added, first } = writeUp(outline, before);
      if (added) session.setDoc(doc);
      toast(
        added
          ? `Added ${count(added, "heading")} to the draft. Existing text is unchanged.`
          : "Every heading is in the draft already.",
        {
          ...(added && { action: { label: "Undo", onClick: () => session.setDoc(before) } }),
        },
      );
      void navigate("../write", {
        relative: "path",
        ...(first !== null && { state: { goal: { node: first } satisfies Goal } }),
      });
    },
    copyAsText: async () => {
      try {
        await navigator.clipboard.writeText(outlineToText(outline));
        toast("Copied the outline as text.");
      } catch {
        toast.error("The browser did not allow copying. The brief holds the outline as text too.");
      }
    },
  };
}
