/**
 * Keeps the text of a post while keys go on, in a worker: a save of a long text on the page's own thread would cost the keys around it.
 * What the worker cannot do, or not in time, is done here.
 */
import { commonEnds } from "../../core/draft/commonEnds";
import type { EditorDoc, EditorNode } from "../../core/draft/editorJson";
import { savePost } from "../../data/posts";
import { endSaveWorker, saveWorker } from "../../workers/clients";

/** Milliseconds; a save takes a few. */
const PATIENCE = 1500;

/** The text that the worker holds. */
let told: { postId: string; revision: number; content: readonly EditorNode[] } | null = null;
let revisions = 0;
/** A worker that failed once is not waited for again. */
let failed = false;

/** Starts the worker, so that the first save need not wait for it. */
export const readyToKeep = (): void => {
  if (!failed) saveWorker();
};

export async function keepText(postId: string, doc: EditorDoc, at: string): Promise<void> {
  if (failed) return savePost(postId, { doc }, at);
  const before = told?.postId === postId ? told : null;
  // Until it is known that this one arrived, nothing can follow from it.
  told = null;
  try {
    if (!(before && (await tell(postId, doc, at, before))) && !(await tell(postId, doc, at, null)))
      throw new Error("The worker does not take the text.");
  } catch {
    // Nothing that it is still at may come after this.
    endSaveWorker();
    failed = true;
    await savePost(postId, { doc }, at);
  }
}

async function tell(postId: string, doc: EditorDoc, at: string, before: typeof told): Promise<boolean> {
  const { head, tail } = commonEnds(before?.content ?? [], doc.content);
  const revision = ++revisions;
  const taken = await within(
    PATIENCE,
    saveWorker().keep({
      postId,
      revision,
      since: before?.revision ?? null,
      head,
      tail,
      nodes: doc.content.slice(head, doc.content.length - tail),
      at,
    }),
  );
  if (taken) told = { postId, revision, content: doc.content };
  return taken;
}

function within<T>(ms: number, promise: Promise<T>): Promise<T> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new Error("It took too long.")), ms);
    promise.then(resolve, reject).finally(() => clearTimeout(timer));
  });
}
