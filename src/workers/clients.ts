/** The workers as the application calls them; each starts when first asked. */
import type * as Comlink from "comlink";
import type { ApprenticeApi } from "./apprenticeApi";
import type { CompetitorsApi } from "./competitorsApi";
import type { DraftApi } from "./draftApi";
import type { FilesApi } from "./filesApi";
import type { KeywordsApi } from "./keywordsApi";
import type { PicturesApi } from "./picturesApi";
import type { ProofApi } from "./proofApi";
import type { SaveApi } from "./saveApi";
import type { SiteApi } from "./siteApi";
import { type Supervised, supervise } from "./supervise";
import type { TableFileApi } from "./tableFileApi";

export interface Workers {
  proof: Comlink.Remote<ProofApi>;
  /** Workers that score many posts at once, so that the open post's report need not wait for them; whoever asks for them ends them. */
  scorers(): Scorers;
  draft: Comlink.Remote<DraftApi>;
  /** The same for texts of others, which may be made to be read for ever. */
  draftReader: Comlink.Remote<DraftApi>;
  competitors: Comlink.Remote<CompetitorsApi>;
  keywords: Comlink.Remote<KeywordsApi>;
  pictures: Comlink.Remote<PicturesApi>;
  site: Comlink.Remote<SiteApi>;
  /** Each answer within a bound: a pasted text may be made to be read for ever. */
  apprentice: Comlink.Remote<ApprenticeApi>;
  /** Asked anything only once: what it stores is never stored by two. */
  save: Supervised<SaveApi>;
  /** A worker for one file; ending it ends what it does. */
  tableFile(): Supervised<TableFileApi>;
  /**
   * Does one task with files in a worker of its own, which ends with it.
   *
   * @param signal ends the task; it rejects then with the signal's reason
   */
  withFiles<Answer extends Promise<unknown>>(
    signal: AbortSignal | undefined,
    task: (files: Comlink.Remote<FilesApi>) => Answer,
  ): Promise<Awaited<Answer>>;
}

export interface Scorers {
  apis: readonly Comlink.Remote<ProofApi>[];
  end(): void;
}

/** Scorers at most: each holds the word lists of a language for itself. */
const MOST_SCORERS = 4;

/** One processor is left to the page, or it drops frames meanwhile. */
const scorersHere = (): number => Math.max(1, Math.min(MOST_SCORERS, navigator.hardwareConcurrency - 1));

/** Milliseconds that reading a text may take, whatever is in it. */
const LONGEST_READING = 20_000;

export function createWorkers(): Workers {
  const draft = supervise<DraftApi>(
    "reads and writes texts",
    () => new Worker(new URL("./draft.worker.ts", import.meta.url), { type: "module", name: "draft" }),
  );
  const scorer = (options: { again: boolean }) =>
    supervise<ProofApi>(
      "scores posts",
      () => new Worker(new URL("./proof.worker.ts", import.meta.url), { type: "module", name: "proof" }),
      options,
    );
  const proof = scorer({ again: true });
  const competitors = supervise<CompetitorsApi>(
    "reads and compares pages",
    () =>
      new Worker(new URL("./competitors.worker.ts", import.meta.url), {
        type: "module",
        name: "competitors",
      }),
  );
  const keywords = supervise<KeywordsApi>(
    "looks keywords up",
    () => new Worker(new URL("./keywords.worker.ts", import.meta.url), { type: "module", name: "keywords" }),
  );
  const pictures = supervise<PicturesApi>(
    "makes pictures fit",
    () => new Worker(new URL("./pictures.worker.ts", import.meta.url), { type: "module", name: "pictures" }),
  );
  const site = supervise<SiteApi>(
    "makes pages of the site",
    () => new Worker(new URL("./site.worker.ts", import.meta.url), { type: "module", name: "site" }),
  );
  const apprentice = supervise<ApprenticeApi>(
    "makes suggestions",
    () =>
      new Worker(new URL("./apprentice.worker.ts", import.meta.url), { type: "module", name: "apprentice" }),
  );
  return {
    apprentice: apprentice.within(LONGEST_READING),
    proof: proof.api,
    scorers() {
      // Asked again, one that was ended would start anew, and nobody would end it then.
      const all = Array.from({ length: scorersHere() }, () => scorer({ again: false }));
      return {
        apis: all.map(({ api }) => api),
        end: () => {
          for (const { end } of all) end();
        },
      };
    },
    draft: draft.api,
    draftReader: draft.within(LONGEST_READING),
    competitors: competitors.api,
    keywords: keywords.api,
    pictures: pictures.api,
    site: site.api,
    save: supervise<SaveApi>(
      "saves the text",
      () => new Worker(new URL("./save.worker.ts", import.meta.url), { type: "module", name: "save" }),
      { again: false },
    ),
    tableFile: () =>
      supervise<TableFileApi>(
        "reads keyword files",
        () =>
          new Worker(new URL("./tableFile.worker.ts", import.meta.url), {
            type: "module",
            name: "table file",
          }),
        { again: false },
      ),
    withFiles,
  };
}

async function withFiles<Answer extends Promise<unknown>>(
  signal: AbortSignal | undefined,
  task: (files: Comlink.Remote<FilesApi>) => Answer,
): Promise<Awaited<Answer>> {
  signal?.throwIfAborted();
  const { api, end } = supervise<FilesApi>(
    "packs and unpacks files",
    () => new Worker(new URL("./files.worker.ts", import.meta.url), { type: "module", name: "files" }),
    { again: false },
  );
  signal?.addEventListener("abort", end);
  try {
    return await task(api);
  } catch (error) {
    signal?.throwIfAborted();
    throw error;
  } finally {
    signal?.removeEventListener("abort", end);
    end();
  }
}
