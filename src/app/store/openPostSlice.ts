/** The post that is open: its fields, its outline with undo, its report, and whether it is saved. The document itself is in PostSession. */
import { createSlice, type PayloadAction } from "@reduxjs/toolkit";
import type { EditorDoc } from "../../core/blocks/editorJson";
import {
  changedItem,
  moveItem,
  nudgeItem,
  type OutlineChanges,
  type OutlineItem,
  settled,
} from "../../core/outline/outline";
import { noPiece, type Piece } from "../../core/outline/piece";
import type { Report } from "../../core/proof/report";
import { liveSlugAfter } from "../../core/release/liveAddress";
import type { Competitors, Post, Recording } from "../../data/model";

export type Saving = { state: "saved" } | { state: "saving" } | { state: "failed"; message: string };

export interface OpenPostState {
  post: Post | null;
  outline: OutlineItem[];
  /** Earlier outlines, the latest last; and those undone. */
  past: OutlineItem[][];
  future: OutlineItem[][];
  /** The text of the outline that is being typed. */
  typing: string | null;
  piece: Piece;
  /** The competing pages in force; null where none are kept. */
  competitors: Competitors | null;
  /** The post that it was copied from, as that is now; null where it is no copy. */
  source: { post: Post; doc: EditorDoc } | null;
  /** What was said in the recording that the post began with; null where there is none. */
  recording: Recording | null;
  report: Report | null;
  revision: number;
  /** Grows with each answer of the proof: what looks at the whole text follows this, not every key. */
  rests: number;
  saving: Saving;
  /** Another tab writes this post. */
  readOnly: boolean;
}

const initialState: OpenPostState = {
  post: null,
  outline: [],
  past: [],
  future: [],
  typing: null,
  piece: noPiece,
  competitors: null,
  source: null,
  recording: null,
  report: null,
  revision: 0,
  rests: 0,
  saving: { state: "saved" },
  readOnly: false,
};
const MOST_UNDO = 100;

/**
 * @param typing names the text that is being typed: what is typed into it in one go is one step of undo
 */
function change(state: OpenPostState, next: OutlineItem[], typing: string | null = null): void {
  if (typing === null || state.typing !== typing)
    state.past = [...state.past.slice(-MOST_UNDO + 1), state.outline];
  state.typing = typing;
  state.future = [];
  state.outline = settled(next);
}

const slice = createSlice({
  name: "openPost",
  initialState,
  reducers: {
    postOpened: (
      _state,
      { payload }: PayloadAction<Pick<OpenPostState, "outline"> & Partial<OpenPostState> & { post: Post }>,
    ) => ({ ...initialState, ...payload }),
    postClosed: () => initialState,
    postEdited: (state, { payload }: PayloadAction<Partial<Omit<Post, "id">>>) => {
      const { post } = state;
      if (!post) return;
      if (payload.slug !== undefined) {
        const liveSlug = liveSlugAfter(post, payload.slug);
        if (liveSlug === undefined) delete post.liveSlug;
        else post.liveSlug = liveSlug;
      }
      Object.assign(post, payload);
    },
    /** Somebody else has stored the post: its fields are as they are there. */
    postFollowed: (state, { payload }: PayloadAction<Post>) => {
      if (state.post?.id === payload.id) state.post = payload;
    },
    /** It is decided what becomes of the address that readers know. */
    addressSettled: (state) => {
      if (state.post) delete state.post.liveSlug;
    },
    outlineItemAdded: (state, { payload: { item, at } }: PayloadAction<{ item: OutlineItem; at: number }>) =>
      change(state, state.outline.toSpliced(at, 0, item)),
    outlineItemChanged: (state, { payload }: PayloadAction<{ id: string; changes: OutlineChanges }>) =>
      change(
        state,
        state.outline.map((item) => (item.id === payload.id ? changedItem(item, payload.changes) : item)),
        Object.keys(payload.changes).every((key) => key === "text" || key === "note" || key === "budget")
          ? `${payload.id} ${Object.keys(payload.changes).join()}`
          : null,
      ),
    /** The whole outline anew, as one step of undo. */
    outlineReplaced: (state, { payload }: PayloadAction<OutlineItem[]>) => change(state, payload),
    pieceChanged: (state, { payload }: PayloadAction<Partial<Piece>>) => {
      Object.assign(state.piece, payload);
    },
    competitorsChanged: (state, { payload }: PayloadAction<Competitors | null>) => {
      state.competitors = payload;
    },
    recordingChanged: (state, { payload }: PayloadAction<Recording | null>) => {
      state.recording = payload;
    },
    outlineItemRemoved: (state, { payload }: PayloadAction<string>) =>
      change(
        state,
        state.outline.filter((item) => item.id !== payload),
      ),
    outlineItemMoved: (state, { payload }: PayloadAction<{ id: string; to: number }>) =>
      change(state, moveItem(state.outline, payload.id, payload.to)),
    outlineItemNudged: (state, { payload }: PayloadAction<{ id: string; direction: -1 | 1 }>) =>
      change(state, nudgeItem(state.outline, payload.id, payload.direction)),
    outlineUndone: (state) => {
      const previous = state.past.pop();
      state.typing = null;
      if (!previous) return;
      state.future.push(state.outline);
      state.outline = previous;
    },
    outlineRedone: (state) => {
      const next = state.future.pop();
      if (!next) return;
      state.past.push(state.outline);
      state.outline = next;
    },
    reportArrived: (
      state,
      { payload }: PayloadAction<{ postId: string; revision: number; report: Report }>,
    ) => {
      state.rests++;
      // An answer about an older draft, or another post, is of no use any more.
      if (state.post?.id !== payload.postId || payload.revision < state.revision) return;
      state.revision = payload.revision;
      // Sealed already, so that the store does not go through every finding to do it: nobody changes a report.
      state.report = Object.freeze(payload.report);
    },
    reportFailed: (state) => {
      state.rests++;
    },
    savingMoved: (state, { payload }: PayloadAction<Saving>) => {
      state.saving = payload;
    },
    readOnlyChanged: (state, { payload }: PayloadAction<boolean>) => {
      state.readOnly = payload;
    },
  },
});

export const {
  postOpened,
  postClosed,
  postEdited,
  postFollowed,
  addressSettled,
  outlineItemAdded,
  outlineItemChanged,
  outlineItemRemoved,
  outlineItemMoved,
  outlineItemNudged,
  outlineReplaced,
  outlineUndone,
  outlineRedone,
  pieceChanged,
  competitorsChanged,
  recordingChanged,
  reportArrived,
  reportFailed,
  savingMoved,
  readOnlyChanged,
} = slice.actions;
export const openPost = slice.reducer;

/** Actions after which the outline must be saved. */
export const outlineActions = [
  outlineItemAdded,
  outlineItemChanged,
  outlineItemRemoved,
  outlineItemMoved,
  outlineItemNudged,
  outlineReplaced,
  outlineUndone,
  outlineRedone,
] as const;
