/** The score that the open post would have with an answer taken. */
import type { Answer } from "../../core/apprentice/shapes";
import type { EditorNode } from "../../core/blocks/editorJson";
import type { DraftMeta } from "../../core/draft/draft";
import type { SuggestionEntry } from "../../data/model";
import { openContext } from "../posts/openContext";
import type { AppThunk } from "../store/thunk";
import { nodesOf } from "./nodes";

/** Fields of the post that an answer would write; null where it writes none. */
export function metaOf(task: string, { parts }: Answer): Partial<DraftMeta> | null {
  const text = (field: string) => parts.find((part) => part.field === field)?.text;
  if (task === "titles") return { title: text("title") ?? "" };
  if (task === "meta") return { metaTitle: text("title") ?? "", description: text("description") ?? "" };
  return null;
}

const WRITES_TEXT = new Set(["opening", "section", "continue", "list-above", "answer"]);

/** @returns null where the answer changes nothing that is scored */
export const scoreWith =
  (entry: Pick<SuggestionEntry, "task">, answer: Answer): AppThunk<Promise<number | null>> =>
  async (_dispatch, getState, { workers, opened }) => {
    const state = getState();
    const { post } = state.openPost;
    const text = opened.text;
    if (!post || text?.postId !== post.id) return null;
    const meta = metaOf(entry.task, answer);
    const nodes: EditorNode[] = WRITES_TEXT.has(entry.task) ? nodesOf(answer.parts) : [];
    if (!meta && !nodes.length) return null;
    const { content } = text.json();
    const doc = {
      type: "doc" as const,
      content: entry.task === "opening" ? [...nodes, ...content] : [...content, ...nodes],
    };
    const { site, profile } = state.session;
    const report = await workers.proof.score(
      { ...post, ...meta },
      site,
      doc,
      openContext(post, state),
      profile,
    );
    return report.score;
  };
