/**
 * Keeps the text of a post while keys go on, in a worker: a save of a long text on the page's own thread would cost the keys around it.
 * What the worker cannot do, or not in time, is done here.
 */

import type { EditorDoc, EditorNode } from "../../core/blocks/editorJson";
import { commonEnds } from "../../core/draft/commonEnds";
import { savePost } from "../../data/posts";
import type { Workers } from "../../workers/clients";

/** Milliseconds; a save takes a few. */
const PATIENCE = 1500;

/** A text as it is at a moment: what did not change since another moment is told by identity, and only the rest is written out. */
export interface TextNow {
  nodes: readonly object[];
  /** Nodes from one place to another, as JSON. */
  write(from: number, to: number): EditorNode[];
}

export class TextKeeping {
  /** The text that the worker holds, or will hold once it has read what it was sent. */
  private told: { postId: string; revision: number; nodes: readonly object[] } | null = null;
  private revisions = 0;
  /** A worker that failed once is not waited for again. */
  private failed = false;
  /** The text that is stored is the one that the worker stored last: what is noted follows from it. */
  private follows = false;

  /** @param worker that stores texts */
  constructor(private readonly worker: Workers["save"]) {}

  /** Starts the worker, so that the first save need not wait for it. */
  ready(): void {
    if (!this.failed) this.worker.start();
  }

  /** Stores the text whole. @throws where it cannot be stored */
  async keep(postId: string, text: TextNow, at: string): Promise<void> {
    this.follows = await this.reached("keep", postId, text, at);
    if (this.follows) return;
    const doc: EditorDoc = { type: "doc", content: text.write(0, text.nodes.length) };
    await savePost(postId, { doc }, at);
  }

  /** The text was stored by somebody else: what is noted next cannot follow from what the worker stored. */
  storedElsewhere(): void {
    this.follows = false;
  }

  /** Stores what changed since it was stored whole, so that little is lost with the browser itself. */
  async note(postId: string, text: TextNow, at: string): Promise<void> {
    if (this.follows && this.told?.postId === postId) await this.reached("note", postId, text, at);
    else this.follows = await this.reached("keep", postId, text, at);
  }

  /** @returns whether the worker has stored it */
  private async reached(how: "keep" | "note", postId: string, text: TextNow, at: string): Promise<boolean> {
    if (this.failed) return false;
    try {
      return (
        (await this.tell(how, postId, text, at, false)) || (await this.tell(how, postId, text, at, true))
      );
    } catch {
      // Nothing that it is still at may come after what is stored here.
      this.worker.end();
      this.told = null;
      this.failed = true;
      return false;
    }
  }

  private async tell(
    how: "keep" | "note",
    postId: string,
    text: TextNow,
    at: string,
    whole: boolean,
  ): Promise<boolean> {
    const before = !whole && this.told?.postId === postId ? this.told : null;
    const { head, tail } = commonEnds(before?.nodes ?? [], text.nodes);
    const revision = ++this.revisions;
    // The worker reads in order: what is told next follows from this.
    this.told = { postId, revision, nodes: text.nodes };
    const taken = await within(
      PATIENCE,
      this.worker.api[how]({
        postId,
        revision,
        since: before?.revision ?? null,
        head,
        tail,
        nodes: text.write(head, text.nodes.length - tail),
        at,
      }),
    );
    if (!taken && this.told.revision === revision) this.told = null;
    return taken;
  }
}

function within<T>(ms: number, promise: Promise<T>): Promise<T> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new Error("It took too long.")), ms);
    promise.then(resolve, reject).finally(() => clearTimeout(timer));
  });
}
