/** Collecting competing pages: which rank, reading them, and keeping what was read. Several posts may collect at once. */

import type { RankedCompetitor } from "../../../core/benchmark/competitors";
import { getCompetitorBody, saveCompetitors } from "../../../data/competitors";
import { freshId } from "../../../data/freshId";
import type { CompetitorSource, Competitors, Post, SearchConnection } from "../../../data/model";
import type { QuestionFromSearch } from "../../../data/schemas/collected";
import { SearchFailure } from "../../../services/search/searchClient";
import { collectPages, type PageToRead } from "../../../workers/collectPages";
import { now } from "../../keywords/actions";
import { attempt } from "../../store/attempt";
import { analysisArrived, jobEnded, jobMoved, jobStarted, pageArrived } from "../../store/competitorsSlice";
import { competitorsChanged } from "../../store/openPostSlice";
import type { AppThunk } from "../../store/thunk";
import { toast } from "../../ui/toast";
import { analyse, analysisKey, competitorsOf, isOpen, readKept } from "./competitorActions";

/** Pages of a ranking that are read at most, and ideas that are asked for to find the questions among them. */
const MOST_PAGES = 20;
const MOST_IDEAS = 500;
/** Longer lists of addresses are no competition. */
export const MOST_ADDRESSES = 40;

export interface CollectChoice {
  /** Ask the search which pages rank. */
  search: boolean;
  addresses: string[];
  files: File[];
  sources: { address: string; html: string }[];
  /** Keep the competing pages that are there. */
  keepPages: boolean;
}

/** Stops reading for a post; what has been read by then is kept. */
export const stopCollecting =
  (postId: string): AppThunk<void> =>
  (_dispatch, _getState, { collecting }) =>
    collecting.get(postId)?.abort();

/** Begins a collection for a post; one at a time. @returns null where one is going on */
const begin =
  (postId: string, doing: string, of: number): AppThunk<AbortController | null> =>
  (dispatch, _getState, { collecting, workers }) => {
    if (collecting.has(postId)) return null;
    const own = new AbortController();
    collecting.set(postId, own);
    own.signal.addEventListener("abort", () => void workers.competitors.endReading(postId));
    dispatch(jobStarted({ postId, doing, of }));
    return own;
  };
const end =
  (postId: string): AppThunk<void> =>
  (dispatch, _getState, { collecting, workers }) => {
    collecting.delete(postId);
    void workers.competitors.endReading(postId);
    dispatch(jobEnded(postId));
  };

interface Collected {
  sources: CompetitorSource[];
  pages: RankedCompetitor[];
}

export const collect =
  (post: Post, choice: CollectChoice): AppThunk<Promise<void>> =>
  async (dispatch, getState, { search }) => {
    const { openPost, session } = getState();
    const own = dispatch(begin(post.id, "Asking which pages rank", 0));
    if (!own) return;
    try {
      const region = choice.search ? await dispatch(regionInForce()) : { code: "", name: "" };
      const earlier =
        choice.keepPages && openPost.competitors
          ? await getCompetitorBody(openPost.competitors.id)
          : undefined;
      const collected: Collected = {
        sources: earlier ? [...openPost.competitors!.pages.filter(({ state }) => state !== "failed")] : [],
        pages: [...(earlier?.pages ?? [])],
      };
      const questions: QuestionFromSearch[] = [...(earlier?.asked ?? [])];
      const searched = new Set<string>();
      let service = "";
      const toRead: PageToRead[] = [];
      if (choice.search) {
        const ranking = await search.ask(
          session.search,
          "ranking",
          { query: post.keyword, region: region.code, most: MOST_PAGES },
          own.signal,
        );
        service = ranking.standIn ? "Stand-in search" : "Search";
        for (const { address } of ranking.pages) searched.add(address);
        toRead.push(
          ...ranking.pages.map(({ address, title, site }, rank) => ({ address, title, site, rank })),
        );
        questions.push(...(await dispatch(fetchQuestions(post.keyword, region.code, service, own.signal))));
      }
      const behind =
        Math.max(-1, ...toRead.map(({ rank }) => rank), ...collected.pages.map(({ rank }) => rank)) + 1;
      toRead.push(
        ...choice.addresses.map((address, i) => ({ address, title: address, site: "", rank: behind + i })),
      );
      const fresh = toRead.filter(
        ({ address }) => !collected.sources.some((source) => source.address === address),
      );
      dispatch(
        jobMoved({
          postId: post.id,
          doing: "Reading pages",
          of: fresh.length + choice.files.length + choice.sources.length,
        }),
      );
      await dispatch(
        readLocal(
          post.id,
          choice,
          behind + choice.addresses.length,
          post.language || session.site.language,
          collected,
        ),
      );
      await dispatch(readAll(post.id, fresh, collected, own.signal));
      if (!collected.pages.length) {
        const failed = collected.sources.filter(({ state }) => state === "failed");
        toast.error(
          choice.search && !toRead.length
            ? "The search knows no page that ranks for this keyword. Add pages by address, from files or as source code."
            : failed.length
              ? `No page could be read: ${failed[0]!.why} Any pages collected earlier are unchanged.`
              : "Nothing was read. Any pages collected earlier are unchanged.",
          { duration: 12_000 },
        );
        return;
      }
      // What a search or a file did not give is not named as a source.
      const read = new Set(
        getState().competitors.jobs[post.id]?.outcomes.flatMap(({ address, failed }) =>
          failed === null ? [address] : [],
        ),
      );
      const gave = (addresses: Iterable<string>) => [...addresses].some((address) => read.has(address));
      const fromSearch = gave(searched);
      const sources = [
        earlier && openPost.competitors!.source,
        fromSearch && service,
        gave(choice.addresses) && "addresses",
        gave(choice.files.map(({ name }) => name)) && "files",
        gave(choice.sources.map(({ address }) => address)) && "pasted source",
      ].filter((source) => typeof source === "string");
      await dispatch(
        keep(post, {
          collected,
          questions,
          source: sourceWords(sources),
          regionName: fromSearch ? region.name : ((earlier && openPost.competitors?.regionName) ?? ""),
        }),
      );
    } catch (error) {
      if (error instanceof SearchFailure && error.code === "cancelled") return;
      toast.error(
        `Competing pages were not collected: ${(error as Error).message} What was there is unchanged. Try again, or add pages by address.`,
        { duration: 12_000 },
      );
    } finally {
      dispatch(end(post.id));
    }
  };

/** Where pages come from, in words: each source once. */
function sourceWords(sources: readonly string[]): string {
  const words = [...new Set(sources.flatMap((source) => source.split(", ")).map(lower))].join(", ");
  return words.replace(/^./, (letter) => letter.toUpperCase());
}
const lower = (text: string): string => text.replace(/^./, (letter) => letter.toLowerCase());

const regionInForce =
  (): AppThunk<Promise<{ code: string; name: string }>> =>
  async (_dispatch, getState, { search }) => {
    const { research, session } = getState();
    const regions = research.regions.length
      ? research.regions
      : (await search.ask(session.search, "regions", {})).regions;
    const region = regions.find(({ code }) => code === research.region) ?? regions[0];
    return { code: region?.code ?? "", name: region?.name ?? "" };
  };

/** How many pages the search knows for a keyword, as many as are read. */
export const countRankingPages =
  (connection: SearchConnection, keyword: string): AppThunk<Promise<number>> =>
  async (dispatch, _getState, { search }) => {
    const { code } = await dispatch(regionInForce());
    const { pages } = await search.ask(connection, "ranking", {
      query: keyword,
      region: code,
      most: MOST_PAGES,
    });
    return pages.length;
  };

/** Questions that the search knows of the keyword; without them pages are collected all the same. */
const fetchQuestions =
  (
    seed: string,
    region: string,
    service: string,
    signal: AbortSignal,
  ): AppThunk<Promise<QuestionFromSearch[]>> =>
  async (_dispatch, getState, { search }) => {
    try {
      const { ideas } = await search.ask(
        getState().session.search,
        "ideas",
        { seed, region, most: MOST_IDEAS },
        signal,
      );
      return ideas
        .filter(({ how }) => how === "question")
        .map(({ numbers, asked: where = [] }) => ({ text: numbers.keyword, service, asked: where }));
    } catch (error) {
      if (signal.aborted) throw error;
      return [];
    }
  };

const readLocal =
  (
    postId: string,
    { files, sources }: CollectChoice,
    firstRank: number,
    language: string,
    collected: Collected,
  ): AppThunk<Promise<void>> =>
  async (dispatch, _getState, { workers }) => {
    let rank = firstRank;
    const add = async (name: string, read: () => Promise<RankedCompetitor["page"]>) => {
      try {
        dispatch(
          note(
            postId,
            collected,
            { address: name, title: name, site: "", rank: rank++ },
            await read(),
            false,
          ),
        );
      } catch (error) {
        dispatch(
          fail(
            postId,
            collected,
            { address: name, title: name, site: "", rank: rank++ },
            (error as Error).message,
          ),
        );
      }
    };
    for (const file of files)
      await add(file.name, async () =>
        workers.competitors.readFile(new Uint8Array(await file.arrayBuffer()), file.name, language),
      );
    for (const { address, html } of sources)
      await add(address, () => workers.competitors.readSource(html, address, language));
  };

const readAll =
  (
    postId: string,
    pages: readonly PageToRead[],
    collected: Collected,
    signal: AbortSignal,
  ): AppThunk<Promise<void>> =>
  (dispatch, _getState, { workers }) =>
    collectPages(
      pages,
      (address) => workers.competitors.readAddress(postId, address),
      (outcome) => {
        if ("failed" in outcome) dispatch(fail(postId, collected, outcome.target, outcome.failed));
        else dispatch(note(postId, collected, outcome.target, outcome.page, outcome.standIn));
      },
      signal,
    );

const note =
  (
    postId: string,
    collected: Collected,
    target: PageToRead,
    page: RankedCompetitor["page"],
    standIn: boolean,
  ): AppThunk<void> =>
  (dispatch) => {
    const title = page.title || page.draft.meta.title || target.title;
    dispatch(pageArrived({ postId, outcome: { address: target.address, title, failed: null } }));
    // Two addresses that lead to one page are one page.
    if (collected.pages.some((one) => one.page.address === page.address)) return;
    const { rank } = target;
    collected.pages.push({ rank, page });
    collected.sources.push({
      address: page.address,
      site: page.site || target.site,
      title,
      rank,
      standIn,
      state: "kept",
      why: "",
    });
  };

const fail =
  (postId: string, collected: Collected, target: PageToRead, why: string): AppThunk<void> =>
  (dispatch) => {
    dispatch(pageArrived({ postId, outcome: { address: target.address, title: target.title, failed: why } }));
    collected.sources.push({ ...target, standIn: false, state: "failed", why });
  };

const keep =
  (
    post: Post,
    {
      collected,
      questions,
      source,
      regionName,
    }: { collected: Collected; questions: QuestionFromSearch[]; source: string; regionName: string },
  ): AppThunk<Promise<void>> =>
  async (dispatch, getState, { workers }) => {
    const { session } = getState();
    dispatch(jobMoved({ postId: post.id, doing: "Analysing the pages" }));
    const language = post.language || session.site.language;
    const kept = new Set(
      collected.sources.filter(({ state }) => state === "kept").map(({ address }) => address),
    );
    const id = freshId();
    const bare = {
      id,
      keyword: post.keyword,
      language,
      pages: collected.sources.toSorted((a, b) => a.rank - b.rank),
    };
    const analysis = await workers.competitors.analyse(
      competitorsOf(bare, session.profile),
      collected.pages.filter(({ page }) => kept.has(page.address)),
      questions,
    );
    const when = now();
    const competitors: Competitors = {
      ...bare,
      postId: post.id,
      regionName,
      source,
      standIn: collected.sources.some(({ standIn }) => standIn),
      collectedAt: when,
      measure: analysis.measure,
      benchmark: analysis.benchmark,
    };
    await saveCompetitors(
      competitors,
      { fieldId: competitors.id, pages: collected.pages, asked: questions },
      when,
    );
    if (!isOpen(getState(), post.id)) return;
    dispatch(competitorsChanged(competitors));
    dispatch(analysisArrived({ key: analysisKey(competitors, session.profile), analysis }));
    await dispatch(readKept(post.id));
  };

/** Takes over the competing pages of another post that is for the same keyword, as it was read then. */
export const reuseCompetitors =
  (post: Post, there: Competitors): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    await attempt(async () => {
      const body = await getCompetitorBody(there.id);
      if (!body) throw new Error("Those pages are no longer in the workspace.");
      const id = freshId();
      const competitors: Competitors = { ...there, id, postId: post.id };
      await saveCompetitors(competitors, { ...body, fieldId: id }, now());
      if (!isOpen(getState(), post.id)) return;
      await dispatch(analyse(competitors));
      await dispatch(readKept(post.id));
    });
  };

/**
 * Collects the competing pages of several posts, one after the other, by what ranks for their keywords.
 *
 * @param onProgress told before each post how many are done
 * @param signal ends it; the post being read keeps what was read by then
 */
export const collectMany =
  (
    posts: readonly Post[],
    onProgress: (done: number) => void,
    signal: AbortSignal,
  ): AppThunk<Promise<void>> =>
  async (dispatch) => {
    for (const [done, post] of posts.entries()) {
      if (signal.aborted) return;
      onProgress(done);
      const stop = () => dispatch(stopCollecting(post.id));
      signal.addEventListener("abort", stop);
      await dispatch(
        collect(post, { search: true, addresses: [], files: [], sources: [], keepPages: false }),
      );
      signal.removeEventListener("abort", stop);
    }
  };

/** Reads again what could not be read, into the competing pages that are there. */
export const retryFailed =
  (competitors: Competitors): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const failed = competitors.pages.filter(({ state }) => state === "failed");
    const body = await getCompetitorBody(competitors.id);
    if (!body || !failed.length) return;
    const { postId } = competitors;
    const own = dispatch(begin(postId, "Reading pages again", failed.length));
    if (!own) return;
    const collected: Collected = {
      sources: competitors.pages.filter(({ state }) => state !== "failed"),
      pages: [...body.pages],
    };
    try {
      await dispatch(readAll(postId, failed, collected, own.signal));
      // What was not reached before it was stopped stays a failure.
      const tried = new Set(getState().competitors.jobs[postId]?.outcomes.map(({ address }) => address));
      collected.sources.push(...failed.filter(({ address }) => !tried.has(address)));
      const pages = collected.sources.toSorted((a, b) => a.rank - b.rank);
      await attempt(() =>
        saveCompetitors({ ...competitors, pages }, { ...body, pages: collected.pages }, now()),
      );
      if (isOpen(getState(), postId)) await dispatch(analyse({ ...competitors, pages }));
    } finally {
      dispatch(end(postId));
    }
  };
