/** Scoring, off the main thread. */
import * as Comlink from "comlink";
import type { DraftMeta } from "../core/draft/draft";
import type { EditorDoc } from "../core/draft/editorJson";
import { stemKey } from "../core/keywords/stemKey";
import type { ProofContext } from "../core/proof/context";
import { type DraftUpdate, ProofEngine, type RevisedReport } from "../core/proof/engine";
import type { MendHelp } from "../core/proof/mends/mend";
import { type Mending, mendAll } from "../core/proof/mends/mending";
import type { Profile } from "../core/proof/profile";
import { proof } from "../core/proof/proof";
import type { Report } from "../core/proof/report";
import { draftOf, type PlanContext, type SitePost, siteContext } from "../data/draft";
import type { Post, PostScore, Site } from "../data/model";
import { summarise } from "../data/summarise";

const engine = new ProofEngine();

/** A post to be scored: its document as JSON, which is copied faster than a tree. */
export interface Asked {
  post: Post;
  json: string;
  plan: PlanContext;
}
let many: { site: Site; profile: Profile; contextOf: ReturnType<typeof siteContext> } | undefined;

const api = {
  update: (update: DraftUpdate): RevisedReport => engine.update(update),
  mendings: (postId: string, help: MendHelp): Mending[] => engine.mendings(postId, help),
  mendAll: (postId: string, ids: readonly string[], help: MendHelp): Mending[] =>
    engine.mendAll(postId, ids, help),
  whatIf: (postId: string, metas: readonly Partial<DraftMeta>[]): Pick<Report, "score" | "findings">[] =>
    engine.whatIf(postId, metas),
  close: (postId: string): void => engine.close(postId),
  /** Keys that agree where two keywords say the same, in the order given. */
  stemKeys: (keywords: { keyword: string; language: string }[]): string[] =>
    keywords.map(({ keyword, language }) => stemKey(keyword, language)),
  /** What several mends would do in a post that is not open, each on what those before it left. */
  mendPost: (
    post: Post,
    site: Site,
    doc: EditorDoc,
    context: ProofContext,
    profile: Profile,
    ids: readonly string[],
    help: MendHelp,
  ): Mending[] => mendAll(draftOf(post, site, doc), ids, { context, profile, help }).made,
  /** Begins to score many posts of one site: what they all share is sent once. */
  beginMany: (posts: readonly SitePost[], site: Site, profile: Profile): void => {
    many = { site, profile, contextOf: siteContext(posts, site) };
  },
  /** Scores posts of the site that was begun with. */
  scoreMany: (asked: readonly Asked[]): Omit<PostScore, "scoredAt">[] => {
    const { site, profile, contextOf } = many!;
    return asked.map(({ post, json, plan }) =>
      summarise(
        post.id,
        proof(draftOf(post, site, JSON.parse(json) as EditorDoc), contextOf(post, plan), profile),
      ),
    );
  },
  /** Scores a post that is not open. */
  score: (post: Post, site: Site, doc: EditorDoc, context: ProofContext, profile: Profile): Report =>
    proof(draftOf(post, site, doc), context, profile),
};
export type ProofApi = typeof api;

Comlink.expose(api);
