/**
 * The proof engine: holds the drafts that are open, takes changed blocks only, and answers with a report that carries the
 * revision it belongs to.
 */
import type { Block, Draft, DraftMeta } from "../draft/draft";
import { noContext, type ProofContext } from "./context";
import { type Fix, type Pick as FixPick, fixAll, fixesOf, type Terms } from "./fixes/fix";
import type { FixHelp } from "./fixes/fixRule";
import { defaultProfile, type Profile } from "./profile";
import { proof } from "./proof";
import { ReadingCache } from "./reading/remembered";
import type { Report } from "./report";

/** What changed since the last update of this post. */
export interface DraftUpdate {
  postId: string;
  /** Counts up with every change; the report carries it back. */
  revision: number;
  meta: DraftMeta;
  headingIds: Draft["headingIds"];
  /** Keys of all blocks, in order. */
  order: string[];
  /** Blocks that are new or have changed, by key. */
  changed: [key: string, block: Block][];
  /** Sent when they change; the last ones hold otherwise. */
  context?: ProofContext;
  profile?: Profile;
}

export interface RevisedReport {
  postId: string;
  revision: number;
  report: Report;
}

/** The engine was asked about blocks that it does not hold: the sender must send all of them. */
export class UnknownBlocksError extends Error {
  override name = "UnknownBlocksError";
}

interface OpenDraft {
  blocks: Map<string, Block>;
  cache: ReadingCache;
  /** As it was last scored. */
  draft?: Draft;
  context?: ProofContext;
  profile?: Profile;
}

export class ProofEngine {
  private open = new Map<string, OpenDraft>();

  /**
   * Takes an update and scores the draft anew.
   *
   * @throws UnknownBlocksError where `order` names a block that was never sent
   */
  update({
    postId,
    revision,
    meta,
    headingIds,
    order,
    changed,
    context,
    profile,
  }: DraftUpdate): RevisedReport {
    const draft: OpenDraft = this.open.get(postId) ?? { blocks: new Map(), cache: new ReadingCache() };
    this.open.set(postId, draft);
    if (context) draft.context = context;
    if (profile) draft.profile = profile;
    for (const [key, block] of changed) draft.blocks.set(key, block);
    const blocks = order.map((key) => {
      const block = draft.blocks.get(key);
      if (!block) throw new UnknownBlocksError(`Block ${key} was never sent`);
      return block;
    });
    if (draft.blocks.size > order.length) {
      const kept = new Set(order);
      for (const key of draft.blocks.keys()) if (!kept.has(key)) draft.blocks.delete(key);
    }
    draft.draft = { meta, blocks, headingIds };
    return { postId, revision, report: proof(draft.draft, draft.context, draft.profile, draft.cache) };
  }

  /** What can be fixed in a draft as it was last scored; nothing where it is not open. */
  fixes(postId: string, help: FixHelp): Fix[] {
    const open = this.open.get(postId);
    return open?.draft ? fixesOf(open.draft, termsOf(open, help)) : [];
  }

  /** Several fixes of it at once, each on what those before it left. */
  fixAll(postId: string, picks: readonly FixPick[], help: FixHelp): Fix[] {
    const open = this.open.get(postId);
    return open?.draft ? fixAll(open.draft, picks, termsOf(open, help)).fixes : [];
  }

  /** Its reports with other fields; none where it is not open. */
  whatIf(postId: string, metas: readonly Partial<DraftMeta>[]): Pick<Report, "score" | "findings">[] {
    const open = this.open.get(postId);
    if (!open?.draft) return [];
    const { draft, context, profile } = open;
    return metas.map((meta) => {
      const changed = { ...draft, meta: { ...draft.meta, ...meta } };
      const { score, findings } = proof(changed, context, profile, open.cache);
      return { score, findings };
    });
  }

  close(postId: string): void {
    this.open.delete(postId);
  }
}

const termsOf = (
  { context = noContext, profile = defaultProfile, cache }: OpenDraft,
  help: FixHelp,
): Terms => ({
  context,
  profile,
  help,
  cache,
});
