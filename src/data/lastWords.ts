/**
 * The last changes of a post, handed to storage while its page goes: the page has no time left for the database, which answers later
 * (HTML Standard, Web storage, is synchronous). Brought into the database at the next start, or when the post is opened.
 */
import type { EditorDoc } from "../core/blocks/editorJson";
import { docJson, nodeJson } from "./bodies";
import { getPost, getStoredJson, type PostChange, savePost } from "./posts";

const PREFIX = "dune-sparrow last words ";

interface LastWords {
  change: PostChange;
  /** When (ISO). */
  at: string;
}

/** @throws Error where there is no room */
export function keepLastWords(postId: string, change: PostChange, at: string): void {
  localStorage.setItem(PREFIX + postId, JSON.stringify({ change, at } satisfies LastWords));
}

/** They are stored: forget them. */
export const dropLastWords = (postId: string): void => localStorage.removeItem(PREFIX + postId);

export function postsWithLastWords(): string[] {
  const keys = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? "");
  return keys.filter((key) => key.startsWith(PREFIX)).map((key) => key.slice(PREFIX.length));
}

/**
 * Stores the last changes of a post. Where it was changed since, they are kept as a version of it instead.
 *
 * @param versionId names that version
 */
export async function replayLastWords(postId: string, versionId: string): Promise<void> {
  const json = localStorage.getItem(PREFIX + postId);
  if (json === null) return;
  const words = parsed(json);
  const post = await getPost(postId);
  if (post && words) {
    const { change, at } = words;
    if (at >= post.updatedAt) await savePost(postId, change, at);
    else if (change.doc && docJson(change.doc.content.map(nodeJson)) !== (await getStoredJson(postId))) {
      // Hardly ever: two tabs wrote the post, one right after the other.
      const { keepVersion, newVersion } = await import("./versionTexts");
      await keepVersion(newVersion(versionId, post, at, "written as the page was left"), change.doc);
    }
  }
  dropLastWords(postId);
}

function parsed(json: string): LastWords | null {
  try {
    const words = JSON.parse(json) as LastWords | null;
    const doc = words?.change?.doc as EditorDoc | undefined;
    if (typeof words?.at !== "string" || (doc && !Array.isArray(doc.content))) return null;
    return words;
  } catch {
    return null;
  }
}
