/** Collecting the pages of a field: which rank, reading them, and keeping what was read. Several posts may collect at once. */
import { toast } from "sonner";
import type { RankedFieldPage } from "../../../core/benchmark/competitors";
import { getFieldBody, saveField } from "../../../data/fields";
import { freshId } from "../../../data/freshId";
import type { FieldSource, Post, PostField, SearchConnection } from "../../../data/model";
import type { AskedQuestion } from "../../../data/schemas/field";
import { askSearch, SearchFailure } from "../../../services/search/searchClient";
import { fieldWorker } from "../../../workers/clients";
import { collectPages, type PageToRead } from "../../../workers/collectPages";
import { attempt, now } from "../../keywords/actions";
import { analysisArrived, jobEnded, jobMoved, jobStarted, pageArrived } from "../../store/fieldSlice";
import { fieldChanged } from "../../store/openPostSlice";
import { store } from "../../store/store";
import { analyse, analysisKey, fieldOf, isOpen, readKept } from "./fieldJobs";

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

/** What stops a collection, by the post that it is for. */
const running = new Map<string, AbortController>();

/** Stops reading for a post; what has been read by then becomes its field. */
export const stopCollecting = (postId: string): void => running.get(postId)?.abort();

/** Begins a collection for a post; one at a time. @returns null where one is going on */
function begin(postId: string, doing: string, of: number): AbortController | null {
  if (running.has(postId)) return null;
  const own = new AbortController();
  running.set(postId, own);
  own.signal.addEventListener("abort", () => void fieldWorker().endReading(postId));
  store.dispatch(jobStarted({ postId, doing, of }));
  return own;
}
function end(postId: string): void {
  running.delete(postId);
  void fieldWorker().endReading(postId);
  store.dispatch(jobEnded(postId));
}

interface Collected {
  sources: FieldSource[];
  pages: RankedFieldPage[];
}

export async function collect(post: Post, wanted: Wanted): Promise<void> {
  const { openPost, session } = store.getState();
  const own = begin(post.id, "Asking which pages rank", 0);
  if (!own) return;
  try {
    const region = wanted.search ? await regionInForce() : { code: "", name: "" };
    const earlier = wanted.keepPages && openPost.field ? await getFieldBody(openPost.field.id) : undefined;
    const found: Collected = {
      sources: earlier ? [...openPost.field!.pages.filter(({ state }) => state !== "failed")] : [],
      pages: [...(earlier?.pages ?? [])],
    };
    const asked: AskedQuestion[] = [...(earlier?.asked ?? [])];
    const searched = new Set<string>();
    let search = "";
    const toRead: PageToRead[] = [];
    if (wanted.search) {
      const ranking = await askSearch(
        session.search,
        "ranking",
        { query: post.keyword, region: region.code, most: MOST_PAGES },
        own.signal,
      );
      search = ranking.standIn ? "Stand-in search" : "Search";
      for (const { address } of ranking.pages) searched.add(address);
      toRead.push(...ranking.pages.map(({ address, title, site }, rank) => ({ address, title, site, rank })));
      asked.push(...(await questionsAsked(post.keyword, region.code, search, own.signal)));
    }
    const behind =
      Math.max(-1, ...toRead.map(({ rank }) => rank), ...found.pages.map(({ rank }) => rank)) + 1;
    toRead.push(
      ...wanted.addresses.map((address, i) => ({ address, title: address, site: "", rank: behind + i })),
    );
    const fresh = toRead.filter(({ address }) => !found.sources.some((source) => source.address === address));
    store.dispatch(
      jobMoved({
        postId: post.id,
        doing: "Reading pages",
        of: fresh.length + wanted.files.length + wanted.sources.length,
      }),
    );
    await readLocal(
      post.id,
      wanted,
      behind + wanted.addresses.length,
      post.language || session.site.language,
      found,
    );
    await readAll(post.id, fresh, found, own.signal);
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
    // What a search or a file did not give is not named as a source.
    const read = new Set(
      store
        .getState()
        .field.jobs[post.id]?.outcomes.flatMap(({ address, failed }) => (failed === null ? [address] : [])),
    );
    const gave = (addresses: Iterable<string>) => [...addresses].some((address) => read.has(address));
    const fromSearch = gave(searched);
    const sources = [
      earlier && openPost.field!.source,
      fromSearch && search,
      gave(wanted.addresses) && "addresses",
      gave(wanted.files.map(({ name }) => name)) && "files",
      gave(wanted.sources.map(({ address }) => address)) && "pasted source",
    ].filter((source) => typeof source === "string");
    await keep(post, {
      found,
      asked,
      source: sourceWords(sources),
      regionName: fromSearch ? region.name : ((earlier && openPost.field?.regionName) ?? ""),
    });
  } catch (error) {
    if (error instanceof SearchFailure && error.code === "cancelled") return;
    toast.error(
      `The field was not collected: ${(error as Error).message} What was there is as it was; try again, or add pages by address.`,
      { duration: 12_000 },
    );
  } finally {
    end(post.id);
  }
}

/** Where pages come from, in words: each source once. */
function sourceWords(sources: readonly string[]): string {
  const words = [...new Set(sources.flatMap((source) => source.split(", ")).map(lower))].join(", ");
  return words.replace(/^./, (letter) => letter.toUpperCase());
}
const lower = (text: string): string => text.replace(/^./, (letter) => letter.toLowerCase());

async function regionInForce(): Promise<{ code: string; name: string }> {
  const { research, session } = store.getState();
  const regions = research.regions.length
    ? research.regions
    : (await askSearch(session.search, "regions", {})).regions;
  const region = regions.find(({ code }) => code === research.region) ?? regions[0];
  return { code: region?.code ?? "", name: region?.name ?? "" };
}

/** How many pages the search knows for a keyword, as many as are read. */
export async function pagesKnown(connection: SearchConnection, keyword: string): Promise<number> {
  const { code } = await regionInForce();
  const { pages } = await askSearch(connection, "ranking", {
    query: keyword,
    region: code,
    most: MOST_PAGES,
  });
  return pages.length;
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
  postId: string,
  { files, sources }: Wanted,
  firstRank: number,
  language: string,
  found: Collected,
): Promise<void> {
  let rank = firstRank;
  const add = async (name: string, read: () => Promise<RankedFieldPage["page"]>) => {
    try {
      note(postId, found, { address: name, title: name, site: "", rank: rank++ }, await read(), false);
    } catch (error) {
      fail(postId, found, { address: name, title: name, site: "", rank: rank++ }, (error as Error).message);
    }
  };
  for (const file of files)
    await add(file.name, async () =>
      fieldWorker().readFile(new Uint8Array(await file.arrayBuffer()), file.name, language),
    );
  for (const { address, html } of sources)
    await add(address, () => fieldWorker().readSource(html, address, language));
}

const readAll = (
  postId: string,
  pages: readonly PageToRead[],
  found: Collected,
  signal: AbortSignal,
): Promise<void> =>
  collectPages(
    pages,
    (address) => fieldWorker().readAddress(postId, address),
    (outcome) => {
      if ("failed" in outcome) fail(postId, found, outcome.asked, outcome.failed);
      else note(postId, found, outcome.asked, outcome.page, outcome.standIn);
    },
    signal,
  );

function note(
  postId: string,
  found: Collected,
  asked: PageToRead,
  page: RankedFieldPage["page"],
  standIn: boolean,
): void {
  const title = page.title || page.draft.meta.title || asked.title;
  store.dispatch(pageArrived({ postId, outcome: { address: asked.address, title, failed: null } }));
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

function fail(postId: string, found: Collected, asked: PageToRead, why: string): void {
  store.dispatch(
    pageArrived({ postId, outcome: { address: asked.address, title: asked.title, failed: why } }),
  );
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
  store.dispatch(jobMoved({ postId: post.id, doing: "Analysing the field" }));
  const language = post.language || session.site.language;
  const kept = new Set(found.sources.filter(({ state }) => state === "kept").map(({ address }) => address));
  const id = freshId();
  const bare = {
    id,
    keyword: post.keyword,
    language,
    pages: found.sources.toSorted((a, b) => a.rank - b.rank),
  };
  const analysis = await fieldWorker().analyse(
    fieldOf(bare, session.profile),
    found.pages.filter(({ page }) => kept.has(page.address)),
    asked,
  );
  const when = now();
  const field: PostField = {
    ...bare,
    postId: post.id,
    regionName,
    source,
    standIn: found.sources.some(({ standIn }) => standIn),
    collectedAt: when,
    measure: analysis.measure,
    benchmark: analysis.benchmark,
  };
  await saveField(field, { fieldId: field.id, pages: found.pages, asked }, when);
  if (!isOpen(post.id)) return;
  store.dispatch(fieldChanged(field));
  store.dispatch(analysisArrived({ key: analysisKey(field, session.profile), analysis }));
  await readKept(post.id);
}

/** Takes over the field of another post that is for the same keyword, as it was read then. */
export async function reuseField(post: Post, there: PostField): Promise<void> {
  await attempt(async () => {
    const body = await getFieldBody(there.id);
    if (!body) throw new Error("The pages of that field are no longer in the workspace.");
    const id = freshId();
    const field: PostField = { ...there, id, postId: post.id };
    await saveField(field, { ...body, fieldId: id }, now());
    if (!isOpen(post.id)) return;
    await analyse(field);
    await readKept(post.id);
  });
}

/**
 * Collects the fields of several posts, one after the other, by what ranks for their keywords.
 *
 * @param onProgress told before each post how many are done
 * @param signal ends it; the post being read keeps what was read by then
 */
export async function collectMany(
  posts: readonly Post[],
  onProgress: (done: number) => void,
  signal: AbortSignal,
): Promise<void> {
  for (const [done, post] of posts.entries()) {
    if (signal.aborted) return;
    onProgress(done);
    const stop = () => stopCollecting(post.id);
    signal.addEventListener("abort", stop);
    await collect(post, { search: true, addresses: [], files: [], sources: [], keepPages: false });
    signal.removeEventListener("abort", stop);
  }
}

/** Reads again what could not be read, into the field that is there. */
export async function retryFailed(field: PostField): Promise<void> {
  const failed = field.pages.filter(({ state }) => state === "failed");
  const body = await getFieldBody(field.id);
  if (!body || !failed.length) return;
  const { postId } = field;
  const own = begin(postId, "Reading pages again", failed.length);
  if (!own) return;
  const found: Collected = {
    sources: field.pages.filter(({ state }) => state !== "failed"),
    pages: [...body.pages],
  };
  try {
    await readAll(postId, failed, found, own.signal);
    // What was not reached before it was stopped stays a failure.
    const tried = new Set(store.getState().field.jobs[postId]?.outcomes.map(({ address }) => address));
    found.sources.push(...failed.filter(({ address }) => !tried.has(address)));
    const pages = found.sources.toSorted((a, b) => a.rank - b.rank);
    await attempt(() => saveField({ ...field, pages }, { ...body, pages: found.pages }, now()));
    if (isOpen(postId)) await analyse({ ...field, pages });
  } finally {
    end(postId);
  }
}
