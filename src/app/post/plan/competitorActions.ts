/** What is done with the competing pages of the open post: keeping and dropping pages, analysing, gaps, the drawer. */

import * as Comlink from "comlink";
import type { OutlineItem } from "../../../core/outline/outline";
import { noPiece, pieceWithDefaults } from "../../../core/outline/piece";
import type { Profile } from "../../../core/proof/profile";
import { listCompetitors, updateCompetitors } from "../../../data/competitors";
import { postAddress, postDraft } from "../../../data/draft";
import { listOutlines } from "../../../data/drawer";
import type { CompetitorSource, Competitors } from "../../../data/model";
import { type CompetitorsOf, competitorsKey } from "../../../workers/analyses";
import type { Put } from "../../../workers/competitorsApi";
import { now } from "../../keywords/actions";
import { attempt } from "../../store/attempt";
import {
  analysisArrived,
  analysisFailed,
  analysisMoved,
  gapsArrived,
  keptRead,
} from "../../store/competitorsSlice";
import { competitorsChanged, outlineReplaced } from "../../store/openPostSlice";
import type { RootState } from "../../store/reducer";
import type { AppThunk } from "../../store/thunk";
import { count, whole } from "../../ui/figures";
import { toast } from "../../ui/toast";

/** What of a profile the gaps go by. */
export const gapRules = ({ checks }: Profile) => ({
  leastPresence: checks["heading-topics"].leastPresence,
  answerWords: checks["reader-questions"].answerWords,
  overShare: checks["field-terms"].overShare,
  overFactor: checks["field-terms"].overFactor,
});

/** Competing pages as the worker is asked about them. */
export const competitorsOf = (
  { id, keyword, language, pages }: Pick<Competitors, "id" | "keyword" | "language" | "pages">,
  profile: Profile,
): CompetitorsOf => ({
  fieldId: id,
  keyword,
  language,
  kept: pages.filter(({ state }) => state === "kept").map(({ address }) => address),
  profile,
});
/** Names an analysis by all that it rests on. */
export const analysisKey = (competitors: Competitors, profile: Profile): string =>
  competitorsKey(competitorsOf(competitors, profile));

/** The competing pages of the open post, as the worker is asked about them; null where it has none. */
export function openCompetitors({ openPost, session }: RootState): CompetitorsOf | null {
  return openPost.competitors && competitorsOf(openPost.competitors, session.profile);
}

export const isOpen = ({ openPost }: RootState, postId: string): boolean => openPost.post?.id === postId;

/** Keeps or drops a competing page; all that follows from it is made anew. */
export const setKept =
  (competitors: Competitors, address: string, kept: boolean, why: string): AppThunk<Promise<void>> =>
  async (dispatch) => {
    const pages = competitors.pages.map(
      (page): CompetitorSource =>
        page.address === address ? { ...page, state: kept ? "kept" : "dropped", why: kept ? "" : why } : page,
    );
    await dispatch(analyse({ ...competitors, pages }));
  };

/** Analyses the competing pages that are kept, and stores what the score needs of them. */
export const analyse =
  (competitors: Competitors): AppThunk<Promise<void>> =>
  async (dispatch, getState, { workers }) => {
    const { session, openPost } = getState();
    const key = analysisKey(competitors, session.profile);
    dispatch(competitorsChanged(competitors));
    dispatch(analysisMoved({ done: 0, of: 1 }));
    try {
      const analysis = await workers.competitors.analysis(
        competitorsOf(competitors, session.profile),
        Comlink.proxy((done: number, of: number) => {
          dispatch(analysisMoved({ done, of }));
        }),
      );
      if (getState().openPost.competitors?.id !== competitors.id) return;
      if (!analysis) {
        dispatch(analysisFailed("These pages are no longer in the workspace: collect them again."));
        return;
      }
      dispatch(analysisArrived({ key, analysis }));
      const next = { ...competitors, measure: analysis.measure, benchmark: analysis.benchmark };
      if (openPost.readOnly || JSON.stringify(next) === JSON.stringify(openPost.competitors)) return;
      dispatch(competitorsChanged(next));
      await attempt(() => updateCompetitors(next, now()));
    } catch (error) {
      dispatch(analysisFailed(`The competing pages could not be analysed: ${(error as Error).message}`));
    }
  };

/** Brings the gaps up to date with the outline and the draft. */
export const findGaps =
  (): AppThunk<Promise<void>> =>
  async (dispatch, getState, { opened, workers }) => {
    const { openPost, session, competitors } = getState();
    if (!competitors.analysis || !openPost.post) return;
    const blocks = opened.text?.blocks() ?? [];
    const of = openCompetitors(getState());
    if (!of) return;
    const gaps = await workers.competitors.gaps(
      of,
      openPost.outline,
      postDraft(openPost.post, session.site, blocks),
      postAddress(openPost.post, session.site),
      gapRules(session.profile),
    );
    if (getState().competitors.analysis === competitors.analysis) dispatch(gapsArrived(gaps));
  };

/**
 * Changes the outline of the open post by what the worker makes of it. An answer about another post, or about an outline that was
 * changed meanwhile, is asked for again or dropped.
 *
 * @returns the outline before and after; null where nothing came of it
 */
const changeOutline =
  (
    change: (of: CompetitorsOf | null, items: OutlineItem[]) => Promise<OutlineItem[]>,
  ): AppThunk<Promise<{ before: OutlineItem[]; after: OutlineItem[] } | null>> =>
  async (dispatch, getState) => {
    const postId = getState().openPost.post?.id;
    for (;;) {
      const { post, outline, readOnly } = getState().openPost;
      const of = openCompetitors(getState());
      if (readOnly || post?.id !== postId) return null;
      const after = await change(of, outline);
      const now = getState().openPost;
      if (now.post?.id !== postId || now.readOnly) return null;
      if (now.outline !== outline) continue;
      if (JSON.stringify(after) !== JSON.stringify(outline)) dispatch(outlineReplaced(after));
      return { before: outline, after };
    }
  };

/** Puts something that competitors have into the outline where it belongs. */
export const putIn =
  (what: Put, says: string): AppThunk<Promise<void>> =>
  async (dispatch, getState, { workers }) => {
    const rules = gapRules(getState().session.profile);
    const changed = await dispatch(
      changeOutline(async (of, items) => (of ? workers.competitors.put(of, items, what, rules) : items)),
    );
    if (!changed) return;
    const added = changed.after.length - changed.before.length;
    toast(
      what.kind === "all"
        ? `Added ${count(added, "heading")} and question${added === 1 ? "" : "s"}, and the terms.`
        : says,
    );
  };

/** Fills in word budgets where there are none: from the length that is aimed at, shared out as the competing pages' sections are. */
export const fillBudgets =
  (): AppThunk<Promise<void>> =>
  async (dispatch, getState, { workers }) => {
    const { openPost, session } = getState();
    const { length } = pieceWithDefaults(openPost.piece, session.site.piece ?? noPiece);
    const changed = await dispatch(
      changeOutline((of, items) => workers.competitors.budgets(of, items, length)),
    );
    if (!changed) return;
    const filled = changed.after.filter(({ budget }, i) => budget !== changed.before[i]!.budget).length;
    toast(
      filled
        ? length === null
          ? `${count(filled, "heading")} got the word count of the competitors' sections.`
          : `${count(filled, "heading")} share the remaining words of ${whole(length)}.`
        : length === null
          ? "No other heading matches a topic of the competitors."
          : "Every heading has a word count, or they already add up to the target length.",
    );
  };

export const readKept =
  (postId: string): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const [sets, drawer] = await Promise.all([listCompetitors(postId), listOutlines(postId)]);
    if (isOpen(getState(), postId)) dispatch(keptRead({ drawer, earlier: sets.slice(1) }));
  };
