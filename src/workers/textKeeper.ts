/** The text of the post that is being written, as the worker that stores it holds it: it is told what changed only. */

import type { EditorNode } from "../core/blocks/editorJson";
import { commonEnds } from "../core/draft/commonEnds";
import { docJson, nodeJson } from "../data/bodies";
import { writeJournal } from "../data/journal";
import { saveTextJson } from "../data/textsAsJson";

/** What changed of a text since the revision that was told last. */
export interface TextChange {
  postId: string;
  revision: number;
  /** The revision that it is a change of; null where `nodes` are the whole text. */
  since: number | null;
  /** Top-level nodes that stay at the beginning and at the end, and those between. */
  head: number;
  tail: number;
  nodes: readonly EditorNode[];
  /** When it was written (ISO). */
  at: string;
}

interface Held {
  postId: string;
  revision: number;
  /** JSON of its top-level nodes. */
  nodes: readonly string[];
}

export class TextKeeper {
  private held: Held | null = null;
  /** The text as it was last stored whole, which a journal follows from. */
  private stored: { postId: string; nodes: readonly string[]; at: string } | null = null;

  /**
   * Stores the text with a change.
   *
   * @returns false where the text that it is a change of is not held: then it must be told whole
   * @throws where it cannot be stored
   */
  async keep(change: TextChange): Promise<boolean> {
    const held = this.take(change);
    if (!held) return false;
    const { postId, nodes } = held;
    const { at } = change;
    this.stored = { postId, nodes, at };
    await saveTextJson(postId, docJson(nodes), at);
    return true;
  }

  /**
   * Notes a change in the journal, which costs as much as what changed since the text was stored, and not as much as the text.
   *
   * @returns as `keep`
   */
  async note(change: TextChange): Promise<boolean> {
    // There is no text yet that a journal could follow from.
    if (this.stored?.postId !== change.postId) return this.keep(change);
    const held = this.take(change);
    if (!held) return false;
    const { head, tail } = commonEnds(this.stored.nodes, held.nodes);
    await writeJournal({
      postId: held.postId,
      base: this.stored.at,
      head,
      tail,
      nodes: held.nodes.slice(head, held.nodes.length - tail),
      at: change.at,
    });
    return true;
  }

  /** What is held with a change; null where it is a change of something else. Done before anything is waited for, so in order. */
  private take({ postId, revision, since, head, tail, nodes }: TextChange): Held | null {
    const { held } = this;
    if (since !== null && !(held?.postId === postId && held.revision === since)) return null;
    const before = since === null || !held ? [] : held.nodes;
    const now = [...before.slice(0, head), ...nodes.map(nodeJson), ...before.slice(before.length - tail)];
    this.held = { postId, revision, nodes: now };
    return this.held;
  }
}
