/** Scoring one file after the other, by what was asked for and what the files of a site know of each other. */
import type { CompetitorAnalysis } from "../../core/benchmark/competitors";
import { noContext, type ProofContext } from "../../core/proof/context";
import type { Profile } from "../../core/proof/profile";
import { proof } from "../../core/proof/proof";
import { CallError } from "../command";
import type { FailedFile, ScoredFile } from "../formats/scored";
import type { SavedCompetitors } from "./competitors";
import type { ScoreOptions } from "./options";
import type { ReadFile } from "./readFile";
import { type Siblings, siblingOf } from "./siblings";

export interface Scorer {
  score(read: ReadFile): ScoredFile;
  /** What a file is scored against. */
  terms(read: ReadFile): { context: ProofContext; competitors: CompetitorAnalysis | null };
  /** Saved competing pages that could not be read. */
  unread: readonly FailedFile[];
}

/** @throws CallError where the folder of competing pages cannot be read */
export async function createScorer(options: ScoreOptions, siblings: Siblings): Promise<Scorer> {
  const saved =
    options.competitors === undefined ? null : await readCompetitors(options.competitors, options.profile);
  const terms: Scorer["terms"] = ({ file, draft }) => {
    const { keyword, language } = draft.meta;
    const competitors = saved?.competitorsFor(file, keyword, language) ?? null;
    const context = options.context ?? noContext;
    return {
      competitors,
      context: {
        ...context,
        others: [
          ...context.others,
          ...siblings.titlesOf(siblingOf(draft.meta)).map((metaTitle) => ({ metaTitle })),
        ],
        setAside: { ...context.setAside, ...options.setAside },
        competitors: competitors?.measure ?? context.competitors,
      },
    };
  };
  const unknown = unknownNotes(options);
  return {
    terms,
    unread: saved?.failed ?? [],
    score(read) {
      const { context, competitors } = terms(read);
      const report = proof(read.draft, context, options.profile);
      return { ...read, report: { ...report, notes: [...report.notes, ...unknown] }, competitors };
    },
  };
}

/** What the application would have known, and the score cannot tell without. */
function unknownNotes({ context, competitors, setAside }: ScoreOptions): string[] {
  if (context) return [];
  const unknown = [
    !competitors && "competing pages",
    "questions chosen in Plan",
    !Object.keys(setAside).length && "checks set aside",
    "other posts and pages of the site",
  ].filter((one) => one !== false);
  return [
    `Not known here: ${unknown.slice(0, -1).join(", ")} and ${unknown.at(-1)}. The context file that is exported with a post has them (--context).`,
  ];
}

/** Reading pages takes a program of its own, loaded where there are any. */
async function readCompetitors(folder: string, profile: Profile): Promise<SavedCompetitors> {
  const { readSavedCompetitors } = await import("./competitors");
  try {
    return readSavedCompetitors(folder, profile);
  } catch (error) {
    const { code, message } = error as NodeJS.ErrnoException;
    const why =
      code === "ENOENT" ? "there is no such folder" : code === "ENOTDIR" ? "it is not a folder" : message;
    throw new CallError(`The competing pages in ${folder} cannot be read: ${why}.`);
  }
}
