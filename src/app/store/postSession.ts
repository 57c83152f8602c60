/** The document of the open post: as JSON until the editor is first needed, then as the editor holds it. */
import type { Editor } from "@tiptap/core";
import { closeHistory } from "@tiptap/pm/history";
import type { Node } from "@tiptap/pm/model";
import type { EditorDoc, EditorNode } from "../../core/blocks/editorJson";
import { commonEnds } from "../../core/draft/commonEnds";
import type { Block } from "../../core/draft/draft";
import { blocksFromNode } from "../../core/draft/fromEditor";
import type { TextNow } from "./textKeeping";

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

/** A document looked over. */
interface Look {
  of: Node | EditorDoc;
  keyed: readonly KeyedBlock[];
  blocks: readonly Block[];
  /** Of the top-level nodes that the blocks are in; none without the editor. */
  positions: readonly number[];
}

export class PostSession {
  editor: Editor | null = null;
  /** A change of the document waits to be saved; what comes with it until then needs no word of its own. */
  waiting = false;
  private doc: EditorDoc;
  private listeners = new Set<() => void>();
  private looked: Look | null = null;
  /** JSON by top-level node: of a long document, a key changes one. */
  private written = new WeakMap<object, EditorNode>();
  /** Blocks by top-level node: the editor's nodes never change in place, so their identity is the key. */
  private read = new WeakMap<object, KeyedBlock[]>();
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

  /** The text as it is now; the editor's nodes never change in place. */
  text(): TextNow {
    const doc = this.editor && !this.editor.isDestroyed ? this.editor.state.doc : null;
    if (!doc) {
      const { content } = this.doc;
      return { nodes: content, write: (from, to) => content.slice(from, to) };
    }
    const { children } = doc;
    return { nodes: children, write: (from, to) => children.slice(from, to).map((node) => this.write(node)) };
  }

  private write(node: Node): EditorNode {
    const cached = this.written.get(node);
    if (cached) return cached;
    const json = node.toJSON() as EditorNode;
    this.written.set(node, json);
    return json;
  }

  /** The blocks with their keys: the same list for the same document, as the two below. */
  keyed(): readonly KeyedBlock[] {
    return this.look().keyed;
  }

  blocks(): readonly Block[] {
    return this.look().blocks;
  }

  /** Where a block stands in the editor: the position of its top-level node, and the block itself. */
  placeOf(index: number): Place | null {
    const { keyed, positions } = this.look();
    const pos = positions[index];
    return pos === undefined ? null : { pos, block: keyed[index]!.block };
  }

  /** Looks a document over once: a report asks for hundreds of places, and many ask for the blocks. */
  private look(): Look {
    const doc = this.editor && !this.editor.isDestroyed ? this.editor.state.doc : null;
    const of = doc ?? this.doc;
    if (this.looked?.of === of) return this.looked;
    const keyed: KeyedBlock[] = [];
    const positions: number[] = [];
    doc?.forEach((node, pos) => {
      for (const one of this.blocksOf(node)) {
        keyed.push(one);
        positions.push(pos);
      }
    });
    if (!doc)
      for (const node of this.doc.content)
        keyed.push(...this.remember(node, () => node, String(node.attrs?.id ?? "")));
    this.looked = { of, keyed, blocks: keyed.map(({ block }) => block), positions };
    return this.looked;
  }

  private blocksOf(node: Node): KeyedBlock[] {
    return this.remember(node, () => this.write(node), String(node.attrs.id ?? ""));
  }

  private remember(node: object, json: () => EditorNode, id: string): KeyedBlock[] {
    const hit = this.read.get(node);
    if (hit) return hit;
    const blocks = blocksFromNode(json(), id || `k${this.nextKey}`).map((block) => ({
      key: `k${this.nextKey++}`,
      block,
    }));
    this.read.set(node, blocks);
    return blocks;
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
    this.editor?.destroy();
  }

  subscribe(listener: () => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  private changed(): void {
    for (const listener of this.listeners) listener();
  }
}
