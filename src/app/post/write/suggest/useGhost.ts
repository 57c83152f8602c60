/** Going on from the cursor: the text arrives behind it, and is accepted, changed or dropped. */
import type { Editor } from "@tiptap/core";
import { closeHistory } from "@tiptap/pm/history";
import { TextSelection } from "@tiptap/pm/state";
import { useCallback, useEffect, useRef, useState } from "react";
import { changeSuggestion, getSuggestion } from "../../../../data/drawer";
import { askApprentice, stopAsking } from "../../../apprentice/ask";
import { useAppDispatch, useAppStore } from "../../../store/hooks";
import { attemptRead } from "../../../ui/attemptRead";
import { toast } from "../../../ui/toast";
import { markToReview } from "../../markToReview";
import { ghostOf, growGhost, showGhost } from "../editor/ghost";

export type GhostState = "none" | "arriving" | "there";

export interface GhostControl {
  state: GhostState;
  begin: () => void;
  /** Takes it in; to be changed, what was taken in is selected. */
  accept: (toChange: boolean) => void;
  drop: () => void;
}

export function useGhost(editor: Editor | null): GhostControl {
  const dispatch = useAppDispatch();
  const store = useAppStore();
  const [state, setState] = useState<GhostState>("none");
  const entry = useRef<string | null>(null);

  const drop = useCallback(() => {
    const id = entry.current;
    entry.current = null;
    if (id) dispatch(stopAsking(id));
    if (editor) showGhost(editor.view, null);
    setState("none");
  }, [dispatch, editor]);

  const begin = useCallback(() => {
    if (!editor || entry.current) return;
    const { $to } = editor.state.selection;
    // In the middle of a paragraph nothing can go on: it does at its end.
    const pos = $to.parent.isTextblock ? $to.end() : $to.pos;
    const before = editor.state.doc.textBetween(0, pos, "\n\n", " ");
    const { writer } = store.getState().session;
    // A hand cannot write while somebody types.
    const source = writer.kind === "connected" && writer.address ? "connected" : "stand-in";
    const { id, done } = dispatch(
      askApprentice({
        task: "continue",
        input: { before },
        seed: 1 + (before.length % 1000),
        source,
        postId: store.getState().openPost.post?.id ?? "",
      }),
    );
    entry.current = id;
    setState("arriving");
    showGhost(editor.view, { pos, text: "…" });
    const stop = store.subscribe(() => {
      const text = store.getState().apprentice[id];
      const ghost = ghostOf(editor.state);
      if (entry.current === id && text && ghost && ghost.text !== text) growGhost(editor.view, text);
    });
    const settle = async () => {
      await done;
      stop();
      if (entry.current !== id) return;
      const kept = await getSuggestion(id);
      const text = kept?.answers[0]?.text ?? "";
      const ghost = ghostOf(editor.state);
      if (!text || !ghost) {
        drop();
        toast(kept?.missing[0] ?? "Nothing came of it.");
        return;
      }
      growGhost(editor.view, text);
      setState("there");
      if (kept?.missing.length && kept.state !== "whole") toast(kept.missing[0]!);
    };
    attemptRead(settle());
  }, [dispatch, drop, editor, store]);

  const accept = useCallback(
    (toChange: boolean) => {
      const id = entry.current;
      const ghost = editor && ghostOf(editor.state);
      if (!editor || !id || !ghost) return;
      entry.current = null;
      dispatch(stopAsking(id));
      showGhost(editor.view, null);
      const words = ghost.text.replace(/\s+/g, " ").trim();
      const before = editor.state.doc.textBetween(Math.max(0, ghost.pos - 1), ghost.pos, "\n", " ");
      const text = /\S$/.test(before) ? ` ${words}` : words;
      const tr = closeHistory(editor.state.tr.insertText(text, ghost.pos));
      const end = ghost.pos + text.length;
      tr.setSelection(
        TextSelection.create(tr.doc, toChange ? ghost.pos + (text.length - words.length) : end, end),
      );
      editor.view.dispatch(tr.scrollIntoView());
      editor.view.focus();
      dispatch(markToReview([editor.state.doc.resolve(ghost.pos).parent.textContent]));
      attemptRead(changeSuggestion(id, { taken: "the text" }));
      setState("none");
    },
    [dispatch, editor],
  );

  useEffect(() => {
    if (!editor) return;
    const { ghostText } = editor.storage as unknown as {
      ghostText: { onAccept: () => void; onDrop: () => void };
    };
    ghostText.onAccept = () => accept(false);
    ghostText.onDrop = drop;
  }, [editor, accept, drop]);
  // Whoever leaves the sheet leaves it: what had arrived is in the drawer.
  useEffect(() => drop, [drop]);
  return { state, begin, accept, drop };
}
