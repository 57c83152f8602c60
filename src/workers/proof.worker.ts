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
import { draftOf } from "../data/draft";
import type { Post, Site } from "../data/model";

const engine = new ProofEngine();

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
  /** Scores a post that is not open. */
  score: (post: Post, site: Site, doc: EditorDoc, context: ProofContext, profile: Profile): Report =>
    proof(draftOf(post, site, doc), context, profile),
};
export type ProofApi = typeof api;

Comlink.expose(api);
