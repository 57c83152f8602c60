import { useMemo } from "react";
import { compareDocs } from "../../../core/versions/compare";
import type { Post, Review } from "../../../data/model";
import { reviewsOf } from "../../../data/reviews";
import { contentHash } from "../../posts/contentHash";
import { useAppSelector } from "../../store/hooks";
import type { PostSession } from "../../store/postSession";
import { useAsk } from "../../store/useAsk";
import { useLive } from "../../store/useLive";

export interface Reviews {
  /** Latest first. */
  all: readonly Review[];
  /** The latest that came back. */
  answered: Review | null;
  /** Whether it approves exactly what is here. */
  approved: boolean;
  /** Blocks that differ from what was looked at. */
  changed: number;
}

const NONE: readonly Review[] = [];

/** @param rests stands for the text */
export function useReviews(post: Post, session: PostSession, rests: number): Reviews {
  const site = useAppSelector((state) => state.session.site);
  const read = useLive(() => reviewsOf(post.id), [post.id]);
  const all = read.state === "ready" ? read.value : NONE;
  const answered = all.find(({ answer }) => answer !== null) ?? null;
  const hash = useAsk(() => contentHash(post, session.json(), site), [post, session, site, rests]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: rests stands for the document
  const changed = useMemo(
    () =>
      answered ? compareDocs(answered.doc, session.json()).filter(({ kind }) => kind !== "same").length : 0,
    [answered, session, rests],
  );
  const same = hash.state === "ready" && hash.value === answered?.answer?.hash;
  return { all, answered, approved: answered?.answer?.verdict === "approved" && same, changed };
}
