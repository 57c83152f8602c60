/** The document of the open post: as JSON until the editor is first needed, then as the editor holds it. */
import type { Editor } from "@tiptap/core";
import { closeHistory } from "@tiptap/pm/history";
import type { Node } from "@tiptap/pm/model";
import { commonEnds } from "../../core/draft/commonEnds";
import type { Block } from "../../core/draft/draft";
import type { EditorDoc, EditorNode } from "../../core/draft/editorJson";
import { blocksFromNode } from "../../core/draft/fromEditor";
import { restOf } from "./restOf";

/** A block with the key under which the proof worker knows it: a new key whenever its content is new. */
export interface KeyedBlock {
  key: string;
  block: Block;
}

/** A block, and the position of its top-level node in the editor. */
interface Place {
  pos: number;
  block: Block;
}

/** Milliseconds after which typing counts as rested, and after which it must be looked over though it goes on. */
const REST = 300;
const LONGEST = 10_000;

export class PostSession {
  editor: Editor | null = null;
  /** Grows each time typing has come to rest: what looks at the whole document follows this, not every key. */
  rests = 0;
  /** A change of the document waits to be saved; what comes with it until then needs no word of its own. */
  waiting = false;
  private doc: EditorDoc;
  private listeners = new Set<() => void>();
  private restListeners = new Set<() => void>();
  private places: { doc: Node; of: readonly Place[] } | null = null;
  private rest = restOf(
    () => REST,
    () => LONGEST,
    () => {
      this.rests++;
      for (const listener of this.restListeners) listener();
    },
  );
  /** JSON by top-level node: of a long document, a key changes one. */
  private written = new WeakMap<object, EditorNode>();
  /** Blocks by top-level node: the editor's nodes never change in place, so their identity is the key. */
  private known = new WeakMap<object, KeyedBlock[]>();
  private nextKey = 1;

  constructor(
    readonly postId: string,
    doc: EditorDoc,
  ) {
    this.doc = doc;
  }

  json(): EditorDoc {
    if (!this.editor || this.editor.isDestroyed) return this.doc;
    return { type: "doc", content: this.editor.state.doc.children.map((node) => this.write(node)) };
  }

  private write(node: Node): EditorNode {
    const known = this.written.get(node);
    if (known) return known;
    const json = node.toJSON() as EditorNode;
    this.written.set(node, json);
    return json;
  }

  blocks(): KeyedBlock[] {
    const out: KeyedBlock[] = [];
    if (this.editor && !this.editor.isDestroyed) {
      for (const node of this.editor.state.doc.children) out.push(...this.blocksOf(node));
    } else {
      for (const node of this.doc.content)
        out.push(...this.remember(node, () => node, String(node.attrs?.id ?? "")));
    }
    return out;
  }

  /** Where a block stands in the editor: the position of its top-level node, and the block itself. */
  placeOf(index: number): Place | null {
    if (!this.editor || this.editor.isDestroyed) return null;
    return this.placesIn(this.editor.state.doc)[index] ?? null;
  }

  /** Every block's place, found once for a document: a report asks for hundreds. */
  private placesIn(doc: Node): readonly Place[] {
    if (this.places?.doc === doc) return this.places.of;
    const of: Place[] = [];
    doc.forEach((node, pos) => {
      for (const { block } of this.blocksOf(node)) of.push({ pos, block });
    });
    this.places = { doc, of };
    return of;
  }

  private blocksOf(node: Node): KeyedBlock[] {
    return this.remember(node, () => this.write(node), String(node.attrs.id ?? ""));
  }

  private remember(node: object, json: () => EditorNode, id: string): KeyedBlock[] {
    const hit = this.known.get(node);
    if (hit) return hit;
    const made = blocksFromNode(json(), id || `k${this.nextKey}`).map((block) => ({
      key: `k${this.nextKey++}`,
      block,
    }));
    this.known.set(node, made);
    return made;
  }

  /** Replaces the document, as one step of undo where the editor is there. */
  setDoc(doc: EditorDoc): void {
    this.doc = doc;
    if (this.editor && !this.editor.isDestroyed) this.editor.commands.setContent(doc, { emitUpdate: true });
    else this.changed();
  }

  /** The same with a document that has most nodes in common with the one there: only what differs is replaced. */
  replaceDoc(doc: EditorDoc): void {
    const { editor } = this;
    if (!editor || editor.isDestroyed) {
      this.setDoc(doc);
      return;
    }
    const [before, after] = [this.json().content, doc.content];
    const { head, tail } = commonEnds(before, after);
    if (head === before.length && head === after.length) return;
    const { doc: now, schema, tr } = editor.state;
    const sizeOf = (from: number, to: number) =>
      now.children.slice(from, to).reduce((sum, { nodeSize }) => sum + nodeSize, 0);
    const from = sizeOf(0, head);
    const to = from + sizeOf(head, before.length - tail);
    const nodes = after.slice(head, after.length - tail).map((node) => schema.nodeFromJSON(node));
    editor.view.dispatch(closeHistory(tr.replaceWith(from, to, nodes)));
  }

  /** Takes over an editor, whose changes count from here on. */
  attach(editor: Editor): void {
    this.editor = editor;
    editor.on("update", () => this.changed());
  }

  /** Ends the session; what it held can still be read for a save that is under way. */
  end(): void {
    this.doc = this.json();
    this.listeners.clear();
    this.restListeners.clear();
    this.rest.stop();
    this.editor?.destroy();
  }

  subscribe(listener: () => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  readonly subscribeRests = (listener: () => void): (() => void) => {
    this.restListeners.add(listener);
    return () => this.restListeners.delete(listener);
  };

  private changed(): void {
    for (const listener of this.listeners) listener();
    this.rest.note();
  }
}
