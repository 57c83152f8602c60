/** Suggestions for the text: from the place of the cursor, from its heading, from what is selected. */
import type { Editor } from "@tiptap/core";
import { useMemo } from "react";
import { ApprenticeSheet, type Take } from "../../../apprentice/ApprenticeSheet";
import { useAppDispatch } from "../../../store/hooks";
import { useOpenPost } from "../../useOpenPost";
import { type AboutCursor, aboutCursor } from "./aboutCursor";
import { takeForSelection, takeIntoText } from "./takeIntoText";

export type WriteTask = "section" | "opening" | "continue" | "list-above" | "answer" | "rework";

interface Props {
  editor: Editor;
  /** The one that was asked for. */
  task: WriteTask;
  onClose: () => void;
}

export function WriteSuggestSheet({ editor, task, onClose }: Props) {
  const dispatch = useAppDispatch();
  const { post, outline, readOnly } = useOpenPost("post", "outline", "readOnly");
  // As it is when the sheet opens: the cursor rests while it is there.
  // biome-ignore lint/correctness/useExhaustiveDependencies: see above
  const cursor = useMemo(() => aboutCursor(editor, outline), [editor]);
  if (!post) return null;
  const take: Take = ({ task: of, parts }) => {
    if (of === "rework") dispatch(takeForSelection(editor, parts, cursor.range));
    else dispatch(takeIntoText(editor, parts, of === "opening" ? openingPlace(editor) : cursor.range.to));
    return "the text";
  };
  return (
    <ApprenticeSheet
      title="Suggestions for the text"
      place={task === "rework" ? "passage" : "write"}
      first={task}
      initial={(one) => inputFor(one, cursor, post.title, post.keyword)}
      ofPost
      take={(one) => (one === "rework" ? "Replace the passage" : "Put into the text")}
      onTake={take}
      readOnly={readOnly}
      onClose={onClose}
    />
  );
}

function inputFor(
  task: string,
  { before, selected, heading, note, question }: AboutCursor,
  title: string,
  keyword: string,
): Readonly<Record<string, unknown>> {
  switch (task) {
    case "section":
      return { ...(heading && { heading }), ...(note && { note }) };
    case "opening":
      return { ...(title && { title }), ...(keyword && { keyword }) };
    case "continue":
    case "list-above":
      return { before };
    case "answer":
      return question ? { question } : {};
    case "rework":
      return { text: selected, how: "plainer" };
    default:
      return {};
  }
}

/** In front of the first heading. */
function openingPlace({ state: { doc } }: Editor): number {
  let place = 0;
  for (const node of doc.children) {
    if (node.type.name === "heading" && node.attrs.level !== 1) break;
    place += node.nodeSize;
  }
  return place;
}
