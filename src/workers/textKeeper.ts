/** The text of the post that is being written, as the worker that stores it holds it: it is told what changed only. */
import type { EditorNode } from "../core/draft/editorJson";
import { docJson, nodeJson } from "../data/bodies";
import { saveTextJson } from "../data/posts";

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

export class TextKeeper {
  private held: { postId: string; revision: number; nodes: readonly string[] } | null = null;

  /**
   * Stores the text with a change.
   *
   * @returns false where the text that it is a change of is not held: then it must be told whole
   * @throws where it cannot be stored
   */
  async keep({ postId, revision, since, head, tail, nodes, at }: TextChange): Promise<boolean> {
    const { held } = this;
    if (since !== null && !(held?.postId === postId && held.revision === since)) return false;
    const before = since === null || !held ? [] : held.nodes;
    const now = [...before.slice(0, head), ...nodes.map(nodeJson), ...before.slice(before.length - tail)];
    this.held = { postId, revision, nodes: now };
    await saveTextJson(postId, docJson(now), at);
    return true;
  }
}
