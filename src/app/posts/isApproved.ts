import type { EditorDoc } from "../../core/blocks/editorJson";
import { GATES, levelOf } from "../../core/release/gates/registry";
import type { Post, Site } from "../../data/model";
import { reviewsOf } from "../../data/reviews";
import { contentHash } from "./contentHash";

const GATE = GATES.find(({ id }) => id === "approved")!;

/** Whether the latest review approves exactly this; null where the site asks for no approval. */
export async function isApproved(post: Post, doc: EditorDoc, site: Site): Promise<boolean | null> {
  if (levelOf(GATE, site.gates ?? {}) === "off") return null;
  const latest = (await reviewsOf(post.id)).find(({ answer }) => answer !== null)?.answer;
  return latest?.verdict === "approved" && latest.hash === (await contentHash(post, doc, site));
}
