/** Scoring, off the main thread. */

import type { EditorDoc } from "../core/blocks/editorJson";
import type { DraftMeta } from "../core/draft/draft";
import { stemKey } from "../core/keywords/stemKey";
import type { ProofContext } from "../core/proof/context";
import { type DraftUpdate, ProofEngine, type RevisedReport } from "../core/proof/engine";
import { type Fix, type Pick as FixPick, fixAll } from "../core/proof/fixes/fix";
import type { FixHelp } from "../core/proof/fixes/fixRule";
import { nearShareOf, type Profile } from "../core/proof/profile";
import { proof } from "../core/proof/proof";
import type { Report } from "../core/proof/report";
import { planContexts } from "../data/competitors";
import { draftOf, type PlanContext, type SitePost, siteContext } from "../data/draft";
import type { Post, PostScore, Site } from "../data/model";
import { saveScores } from "../data/posts";
import { summarise } from "../data/summarise";
import { getDocsAsJson } from "../data/textsAsJson";

/** A post to be scored as it is kept, and what its score will rest on. */
export interface PostToScore {
  post: Post;
  scoredAt: string;
}

/** Posts that are read at a time: between two readings, what somebody asks meanwhile is answered. */
const READ = 5;

async function readPosts(posts: readonly PostToScore[]): Promise<{ json: string; plan: PlanContext }[]> {
  const ids = posts.map(({ post }) => post.id);
  const [docs, plans] = await Promise.all([getDocsAsJson(ids), planContexts(ids)]);
  return docs.map((json, i) => ({ json, plan: plans[i]! }));
}

/** Scoring many posts of one site: what they all share. */
interface Run {
  id: string;
  site: Site;
  profile: Profile;
  contextOf: ReturnType<typeof siteContext>;
}

export function createProofApi() {
  const engine = new ProofEngine();
  let run: Run | null = null;

  return {
    update: (update: DraftUpdate): RevisedReport => engine.update(update),
    fixes: (postId: string, help: FixHelp): Fix[] => engine.fixes(postId, help),
    fixAll: (postId: string, picks: readonly FixPick[], help: FixHelp): Fix[] =>
      engine.fixAll(postId, picks, help),
    whatIf: (postId: string, metas: readonly Partial<DraftMeta>[]): Pick<Report, "score" | "findings">[] =>
      engine.whatIf(postId, metas),
    close: (postId: string): void => engine.close(postId),
    /** Keys that agree where two keywords say the same, in the order given. */
    stemKeys: (keywords: { keyword: string; language: string }[]): string[] =>
      keywords.map(({ keyword, language }) => stemKey(keyword, language)),
    /** What several fixes would do in a post that is not open, each on what those before it left. */
    fixPost: (
      post: Post,
      site: Site,
      doc: EditorDoc,
      context: ProofContext,
      profile: Profile,
      ids: readonly string[],
      help: FixHelp,
    ): Fix[] =>
      fixAll(
        draftOf(post, site, doc),
        ids.map((fix) => ({ fix })),
        { context, profile, help },
      ).fixes,
    /** Begins to score many posts of one site: what they all share is sent once. The run before ends with it. */
    beginRun: (id: string, posts: readonly SitePost[], site: Site, profile: Profile): void => {
      run = { id, site, profile, contextOf: siteContext(posts, site, nearShareOf(profile)) };
    },
    /**
     * Scores posts of a run. They are read and kept here, so that the page has no part in it but to show the scores.
     *
     * @throws Error where that run is not the one going on: another has begun, or the worker was started again
     */
    scoreMany: async (runId: string, posts: readonly PostToScore[]): Promise<PostScore[]> => {
      if (run?.id !== runId) throw new Error("The posts are being scored by other rules by now.");
      const { site, profile, contextOf } = run;
      const scores: PostScore[] = [];
      const read = (at: number) => readPosts(posts.slice(at, at + READ));
      let next = read(0);
      for (let at = 0; at < posts.length; at += READ) {
        const stored = await next;
        // While these are scored, the next ones are read.
        next = read(at + READ);
        for (const [i, { json, plan }] of stored.entries()) {
          const { post, scoredAt } = posts[at + i]!;
          const draft = draftOf(post, site, JSON.parse(json) as EditorDoc);
          scores.push({ ...summarise(post.id, proof(draft, contextOf(post, plan), profile)), scoredAt });
        }
      }
      await next;
      try {
        await saveScores(scores);
      } catch (error) {
        // Scores are derived: shown now, and made anew at the next visit.
        console.error("The scores could not be kept", error);
      }
      return scores;
    },
    /** Scores a post that is not open. */
    score: (post: Post, site: Site, doc: EditorDoc, context: ProofContext, profile: Profile): Report =>
      proof(draftOf(post, site, doc), context, profile),
  };
}
export type ProofApi = ReturnType<typeof createProofApi>;
