/** What is done with the field of the open post: collecting, keeping and dropping pages, analysing, gaps, the drawer. */
import * as Comlink from "comlink";
import { toast } from "sonner";
import type { RankedFieldPage } from "../../../core/field/field";
import type { Profile } from "../../../core/proof/profile";
import { postAddress, postDraft } from "../../../data/draft";
import { listDrawer } from "../../../data/drawer";
import { getFieldBody, listFields, saveField, updateField } from "../../../data/fields";
import type { FieldSource, Post, PostField } from "../../../data/model";
import type { AskedQuestion } from "../../../data/schemas/field";
import { askSearch, SearchFailure } from "../../../services/search/searchClient";
import { fieldWorker } from "../../../workers/clients";
import { collectPages, type PageToRead } from "../../../workers/collectPages";
import type { Put } from "../../../workers/field.worker";
import { freshId } from "../../freshId";
import { attempt, now } from "../../keywords/actions";
import {
  analysisArrived,
  analysisFailed,
  analysisMoved,
  gapsArrived,
  jobEnded,
  jobMoved,
  jobStarted,
  keptRead,
  pageArrived,
} from "../../store/fieldSlice";
import { fieldChanged, outlineReplaced } from "../../store/openPostSlice";
import { store } from "../../store/store";
import { count } from "../../ui/figures";
import { currentSession } from "../currentSession";

/** Pages of a ranking that are read at most, and ideas that are asked for to find the questions among them. */
const MOST_PAGES = 20;
const MOST_IDEAS = 500;
/** Longer lists of addresses are no field. */
export const MOST_ADDRESSES = 40;

export interface Wanted {
  /** Ask the search which pages rank. */
  search: boolean;
  addresses: string[];
  files: File[];
  sources: { address: string; html: string }[];
  /** Keep the pages of the field that is there. */
  keepPages: boolean;
}

/** What of a profile the gaps go by. */
export const gapRules = ({ checks }: Profile) => ({
  leastPresence: checks["heading-topics"].leastPresence,
  answerWords: checks["reader-questions"].answerWords,
  overShare: checks["field-terms"].overShare,
  overFactor: checks["field-terms"].overFactor,
});

/** Names an analysis by all that it rests on. */
export const analysisKey = (field: PostField, profile: Profile): string =>
  JSON.stringify([
    field.id,
    field.pages.filter(({ state }) => state === "kept").map(({ address }) => address),
    profile,
  ]);

const isOpen = (postId: string): boolean => store.getState().openPost.post?.id === postId;

let stopping: AbortController | null = null;

/** Stops reading; what has been read by then becomes the field. */
export function stopCollecting(): void {
  stopping?.abort();
  void fieldWorker().cancelReading();
}

interface Collected {
  sources: FieldSource[];
  pages: RankedFieldPage[];
}

export async function collect(post: Post, wanted: Wanted): Promise<void> {
  const { openPost, session } = store.getState();
  const own = new AbortController();
  stopping = own;
  store.dispatch(jobStarted({ postId: post.id, doing: "Asking which pages rank", of: 0 }));
  try {
    const region = wanted.search ? await regionInForce() : { code: "", name: "" };
    const earlier = wanted.keepPages && openPost.field ? await getFieldBody(openPost.field.id) : undefined;
    const found: Collected = {
      sources: earlier ? [...openPost.field!.pages.filter(({ state }) => state !== "failed")] : [],
      pages: [...(earlier?.pages ?? [])],
    };
    const asked: AskedQuestion[] = [...(earlier?.asked ?? [])];
    let from = wanted.search ? "" : "Pages of your own";
    const toRead: PageToRead[] = [];
    if (wanted.search) {
      const ranking = await askSearch(
        session.search,
        "ranking",
        { query: post.keyword, region: region.code, most: MOST_PAGES },
        own.signal,
      );
      from = ranking.standIn ? "Stand-in search" : "Search";
      toRead.push(...ranking.pages.map(({ address, title, site }, rank) => ({ address, title, site, rank })));
      asked.push(...(await questionsAsked(post.keyword, region.code, from, own.signal)));
    }
    const behind =
      Math.max(-1, ...toRead.map(({ rank }) => rank), ...found.pages.map(({ rank }) => rank)) + 1;
    toRead.push(
      ...wanted.addresses.map((address, i) => ({ address, title: address, site: "", rank: behind + i })),
    );
    const fresh = toRead.filter(({ address }) => !found.sources.some((source) => source.address === address));
    store.dispatch(
      jobMoved({ doing: "Reading pages", of: fresh.length + wanted.files.length + wanted.sources.length }),
    );
    await readLocal(wanted, behind + wanted.addresses.length, post.language || session.site.language, found);
    await readAll(fresh, found, own.signal);
    if (!found.pages.length) {
      const failed = found.sources.filter(({ state }) => state === "failed");
      toast.error(
        wanted.search && !toRead.length
          ? "The search knows no page that ranks for this keyword. Add pages by address, from files or as source."
          : failed.length
            ? `No page could be read: ${failed[0]!.why} Your earlier field, if there is one, is as it was.`
            : "Nothing was read; your earlier field, if there is one, is as it was.",
        { duration: 12_000 },
      );
      return;
    }
    await keep(post, { found, asked, source: from, regionName: region.name });
  } catch (error) {
    if (error instanceof SearchFailure && error.code === "cancelled") return;
    toast.error(
      `The field was not collected: ${(error as Error).message} What was there is as it was; try again, or add pages by address.`,
      { duration: 12_000 },
    );
  } finally {
    store.dispatch(jobEnded());
    if (stopping === own) stopping = null;
  }
}

async function regionInForce(): Promise<{ code: string; name: string }> {
  const { research, session } = store.getState();
  const regions = research.regions.length
    ? research.regions
    : (await askSearch(session.search, "regions", {})).regions;
  const region = regions.find(({ code }) => code === research.region) ?? regions[0];
  return { code: region?.code ?? "", name: region?.name ?? "" };
}

/** Questions that the search knows of the keyword; without them there is a field all the same. */
async function questionsAsked(
  seed: string,
  region: string,
  service: string,
  signal: AbortSignal,
): Promise<AskedQuestion[]> {
  try {
    const { ideas } = await askSearch(
      store.getState().session.search,
      "ideas",
      { seed, region, most: MOST_IDEAS },
      signal,
    );
    return ideas
      .filter(({ how }) => how === "question")
      .map(({ numbers, asked = [] }) => ({ text: numbers.keyword, service, asked }));
  } catch (error) {
    if (signal.aborted) throw error;
    return [];
  }
}

async function readLocal(
  { files, sources }: Wanted,
  firstRank: number,
  language: string,
  found: Collected,
): Promise<void> {
  let rank = firstRank;
  const add = async (name: string, read: () => Promise<RankedFieldPage["page"]>) => {
    try {
      note(found, { address: name, title: name, site: "", rank: rank++ }, await read(), false);
    } catch (error) {
      fail(found, { address: name, title: name, site: "", rank: rank++ }, (error as Error).message);
    }
  };
  for (const file of files)
    await add(file.name, async () =>
      fieldWorker().readFile(new Uint8Array(await file.arrayBuffer()), file.name, language),
    );
  for (const { address, html } of sources)
    await add(address, () => fieldWorker().readSource(html, address, language));
}

const readAll = (pages: readonly PageToRead[], found: Collected, signal: AbortSignal): Promise<void> =>
  collectPages(
    pages,
    (address) => fieldWorker().readAddress(address),
    (outcome) => {
      if ("failed" in outcome) fail(found, outcome.asked, outcome.failed);
      else note(found, outcome.asked, outcome.page, outcome.standIn);
    },
    signal,
  );

function note(found: Collected, asked: PageToRead, page: RankedFieldPage["page"], standIn: boolean): void {
  const title = page.title || page.draft.meta.title || asked.title;
  store.dispatch(pageArrived({ address: asked.address, title, failed: null }));
  // Two addresses that lead to one page are one page.
  if (found.pages.some((one) => one.page.address === page.address)) return;
  const { rank } = asked;
  found.pages.push({ rank, page });
  found.sources.push({
    address: page.address,
    site: page.site || asked.site,
    title,
    rank,
    standIn,
    state: "kept",
    why: "",
  });
}

function fail(found: Collected, asked: PageToRead, why: string): void {
  store.dispatch(pageArrived({ address: asked.address, title: asked.title, failed: why }));
  found.sources.push({ ...asked, standIn: false, state: "failed", why });
}

async function keep(
  post: Post,
  {
    found,
    asked,
    source,
    regionName,
  }: { found: Collected; asked: AskedQuestion[]; source: string; regionName: string },
): Promise<void> {
  const { session } = store.getState();
  store.dispatch(jobMoved({ doing: "Analysing the field" }));
  const language = post.language || session.site.language;
  const kept = new Set(found.sources.filter(({ state }) => state === "kept").map(({ address }) => address));
  const analysis = await fieldWorker().analyse(
    found.pages.filter(({ page }) => kept.has(page.address)),
    { keyword: post.keyword, language, profile: session.profile, asked },
  );
  const when = now();
  const field: PostField = {
    id: freshId(),
    postId: post.id,
    keyword: post.keyword,
    language,
    regionName,
    source,
    standIn: found.sources.some(({ standIn }) => standIn),
    collectedAt: when,
    pages: found.sources.toSorted((a, b) => a.rank - b.rank),
    measure: analysis.measure,
    benchmark: analysis.benchmark,
  };
  await saveField(field, { fieldId: field.id, pages: found.pages, asked }, when);
  if (!isOpen(post.id)) return;
  store.dispatch(fieldChanged(field));
  store.dispatch(analysisArrived({ key: analysisKey(field, session.profile), analysis }));
  await readKept(post.id);
}

/** Reads again what could not be read, into the field that is there. */
export async function retryFailed(field: PostField): Promise<void> {
  const failed = field.pages.filter(({ state }) => state === "failed");
  const body = await getFieldBody(field.id);
  if (!body || !failed.length) return;
  const own = new AbortController();
  stopping = own;
  store.dispatch(jobStarted({ postId: field.postId, doing: "Reading pages again", of: failed.length }));
  const found: Collected = {
    sources: field.pages.filter(({ state }) => state !== "failed"),
    pages: [...body.pages],
  };
  try {
    await readAll(failed, found, own.signal);
    // What was not reached before it was stopped stays a failure.
    const tried = new Set(store.getState().field.job?.outcomes.map(({ address }) => address));
    found.sources.push(...failed.filter(({ address }) => !tried.has(address)));
    const pages = found.sources.toSorted((a, b) => a.rank - b.rank);
    await attempt(() => saveField({ ...field, pages }, { ...body, pages: found.pages }, now()));
    if (isOpen(field.postId)) await analyse({ ...field, pages });
  } finally {
    store.dispatch(jobEnded());
  }
}

/** Keeps or drops a page of the field; all that follows from it is made anew. */
export async function setKept(field: PostField, address: string, kept: boolean, why: string): Promise<void> {
  const pages = field.pages.map(
    (page): FieldSource =>
      page.address === address ? { ...page, state: kept ? "kept" : "dropped", why: kept ? "" : why } : page,
  );
  await analyse({ ...field, pages });
}

/** Analyses a kept field, and keeps what the score needs of it. */
export async function analyse(field: PostField): Promise<void> {
  const { session, openPost } = store.getState();
  const key = analysisKey(field, session.profile);
  store.dispatch(fieldChanged(field));
  store.dispatch(analysisMoved({ done: 0, of: 1 }));
  try {
    const { keyword, language } = field;
    const analysis = await fieldWorker().analyseKept(
      field,
      { keyword, language, profile: session.profile },
      Comlink.proxy((done: number, of: number) => {
        store.dispatch(analysisMoved({ done, of }));
      }),
    );
    if (store.getState().openPost.field?.id !== field.id) return;
    if (!analysis) {
      store.dispatch(
        analysisFailed("The pages of this field are no longer in the workspace: collect it again."),
      );
      return;
    }
    store.dispatch(analysisArrived({ key, analysis }));
    const next = { ...field, measure: analysis.measure, benchmark: analysis.benchmark };
    if (openPost.readOnly || JSON.stringify(next) === JSON.stringify(openPost.field)) return;
    store.dispatch(fieldChanged(next));
    await attempt(() => updateField(next, now()));
  } catch (error) {
    store.dispatch(analysisFailed(`The field could not be analysed: ${(error as Error).message}`));
  }
}

/** Brings the gaps up to date with the outline and the draft. */
export async function findGaps(): Promise<void> {
  const { openPost, session, field } = store.getState();
  if (!field.analysis || !openPost.post) return;
  const blocks = currentSession()?.blocks() ?? [];
  const found = await fieldWorker().gaps(
    openPost.outline,
    postDraft(openPost.post, session.site, blocks),
    postAddress(openPost.post, session.site),
    gapRules(session.profile),
  );
  if (store.getState().field.analysis === field.analysis) store.dispatch(gapsArrived(found));
}

/** Puts something of the field into the outline where it belongs. */
export async function putIn(what: Put, says: string): Promise<void> {
  const { openPost, session } = store.getState();
  if (openPost.readOnly) return;
  const items = await fieldWorker().put(openPost.outline, what, gapRules(session.profile));
  const added = items.length - openPost.outline.length;
  store.dispatch(outlineReplaced(items));
  toast(
    what.kind === "all"
      ? `Put in ${count(added, "heading")} and question${added === 1 ? "" : "s"}, and the terms.`
      : says,
  );
}

/** Fills in word budgets from the field where there are none. */
export async function fillBudgets(): Promise<void> {
  const { outline, readOnly } = store.getState().openPost;
  if (readOnly) return;
  const items = await fieldWorker().budgets(outline);
  const filled = items.filter(({ budget }, i) => budget !== outline[i]!.budget).length;
  if (filled) store.dispatch(outlineReplaced(items));
  toast(
    filled
      ? `${count(filled, "heading")} got the words that the field's sections have.`
      : "No other heading is about a topic of the field.",
  );
}

export async function readKept(postId: string): Promise<void> {
  const [fields, drawer] = await Promise.all([listFields(postId), listDrawer(postId)]);
  if (isOpen(postId)) store.dispatch(keptRead({ drawer, earlier: fields.slice(1) }));
}
