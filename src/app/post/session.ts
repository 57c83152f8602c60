/** The document of the open post: as JSON until the editor is first needed, then as the editor holds it. */
import type { Editor } from "@tiptap/core";
import type { Block } from "../../core/draft/draft";
import type { EditorDoc, EditorNode } from "../../core/draft/editorJson";
import { blocksFromNode } from "../../core/draft/fromEditor";

/** A block with the key under which the proof worker knows it: a new key whenever its content is new. */
export interface KeyedBlock {
  key: string;
  block: Block;
}

export class PostSession {
  editor: Editor | null = null;
  private doc: EditorDoc;
  private listeners = new Set<() => void>();
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
    return this.editor && !this.editor.isDestroyed ? (this.editor.getJSON() as EditorDoc) : this.doc;
  }

  blocks(): KeyedBlock[] {
    const out: KeyedBlock[] = [];
    if (this.editor && !this.editor.isDestroyed) {
      this.editor.state.doc.forEach((node) => {
        out.push(...this.remember(node, () => node.toJSON() as EditorNode, String(node.attrs.id ?? "")));
      });
    } else {
      for (const node of this.doc.content)
        out.push(...this.remember(node, () => node, String(node.attrs?.id ?? "")));
    }
    return out;
  }

  /** Where a block stands in the editor: the position of its top-level node, and the block itself. */
  placeOf(index: number): { pos: number; block: Block } | null {
    if (!this.editor || this.editor.isDestroyed) return null;
    let before = 0;
    let found: { pos: number; block: Block } | null = null;
    this.editor.state.doc.forEach((node, pos) => {
      const own = this.known.get(node)?.length ?? 0;
      if (!found && index < before + own)
        found = { pos, block: this.known.get(node)![index - before]!.block };
      before += own;
    });
    return found;
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
