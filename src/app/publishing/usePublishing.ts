/** How a post stands with its blog: what readers have, what is on its way, and what of the working copy they do not have. */
import { useMemo } from "react";
import { changedParts } from "../../core/micropub/changes";
import { entryOfPost } from "../../core/micropub/postEntry";
import { compareDocs } from "../../core/versions/compare";
import { getLiveCopy } from "../../data/liveCopies";
import type { LiveCopy, OutboxItem, Post } from "../../data/model";
import { outboxOf } from "../../data/outbox";
import { renderedPost } from "../../data/renderedSite";
import { useDependencies } from "../store/DependenciesContext";
import { useAppSelector } from "../store/hooks";
import type { PostSession } from "../store/postSession";
import { useAsk } from "../store/useAsk";
import { useLive } from "../store/useLive";

export interface Publishing {
  copy: LiveCopy | null;
  /** What is on its way; null where nothing is. */
  item: OutboxItem | null;
  /** Parts that readers do not have as they are here, by name; "text" counts its blocks. */
  changes: string[];
  /** Blocks of the text that differ. */
  blocks: number;
  /** Where it can be read; empty where it cannot. */
  address: string;
}

/** @param rests stands for the text: whatever looks at all of it follows this, and not every key */
export function usePublishing(post: Post, session: PostSession, rests: number): Publishing | null {
  const { blog: client } = useDependencies();
  const site = useAppSelector((state) => state.session.site);
  const read = useLive(
    async () => ({ copy: await getLiveCopy(post.id), items: await outboxOf(post.id) }),
    [post.id],
  );
  const origin = useAsk(() => client.standInOrigin(), [client]);
  const copy = read.state === "ready" ? read.value.copy : null;
  // biome-ignore lint/correctness/useExhaustiveDependencies: rests stands for the document
  const differs = useMemo(() => {
    if (!copy) return { changes: [], blocks: 0 };
    const doc = session.json();
    const now = entryOfPost(renderedPost(post, doc), site.categories, (src) => copy.media[src] ?? src);
    const changes = changedParts(copy.entry, JSON.parse(JSON.stringify(now)) as typeof now);
    const blocks = changes.includes("text")
      ? compareDocs(copy.doc, doc).filter(({ kind }) => kind !== "same").length
      : 0;
    return { changes, blocks };
  }, [copy, post, site.categories, session, rests]);
  if (read.state !== "ready") return null;
  const whole = copy?.address.startsWith("/")
    ? origin.state === "ready" && origin.value
      ? origin.value + encodeURI(copy.address)
      : ""
    : (copy?.address ?? "");
  return { copy, item: read.value.items[0] ?? null, ...differs, address: whole };
}
