/** A store for tests: its workers answer as the test says, everything else is the real thing. */
import type { BlogClient } from "../../services/blog/blogClient";
import type { PageReader } from "../../services/pages/pageReader";
import type { PhotoClient } from "../../services/photos/photoClient";
import type { SearchClient } from "../../services/search/searchClient";
import type { ChatClient } from "../../services/writer/chatClient";
import type { Workers } from "../../workers/clients";
import { createStore } from "../store/createStore";
import type { RootState } from "../store/reducer";
import type { ScoreChannel } from "../store/scoreChannel";
import { TextKeeping } from "../store/textKeeping";

interface Given {
  workers?: Partial<{ [Name in keyof Workers]: unknown }>;
  search?: Partial<SearchClient>;
  photos?: Partial<PhotoClient>;
  pages?: Partial<PageReader>;
  blog?: Partial<BlogClient>;
  writer?: Partial<ChatClient>;
  scores?: Partial<ScoreChannel>;
  state?: Partial<RootState>;
}

/** A worker that is not there: asking it anything fails, as a worker does that cannot be started. */
const noWorker = (name: string): unknown =>
  new Proxy(
    {},
    {
      get: (_target, method) =>
        method === "then"
          ? undefined
          : () => Promise.reject(new Error(`The test has no ${name} worker that answers ${String(method)}`)),
    },
  );

export function createTestStore({
  workers = {},
  search = {},
  photos = {},
  pages = {},
  blog = {},
  writer = {},
  scores = {},
  state,
}: Given = {}) {
  const all = {
    proof: noWorker("proof"),
    scorers: () => ({ apis: [all.proof], end: () => {} }),
    draft: noWorker("draft"),
    draftReader: noWorker("draft"),
    competitors: noWorker("competitors"),
    keywords: noWorker("keywords"),
    pictures: noWorker("pictures"),
    site: noWorker("site"),
    apprentice: noWorker("apprentice"),
    save: { api: noWorker("save"), within: () => noWorker("save"), start: () => {}, end: () => {} },
    tableFile: () => noWorker("table file"),
    withFiles: () => Promise.reject(new Error("The test has no files worker")),
    ...workers,
  } as unknown as Workers;
  return createStore(
    {
      workers: all,
      search: { ask: () => Promise.reject(new Error("The test has no search")), ...search } as SearchClient,
      photos: photos as PhotoClient,
      pages: pages as PageReader,
      blog: blog as BlogClient,
      writer: writer as ChatClient,
      scores: { tell: () => {}, listen: () => {}, ...scores },
      textKeeping: new TextKeeping(all.save),
    },
    state,
  );
}
