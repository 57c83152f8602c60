import type { CompetitorMeasure } from "../competitors/measure";

/** What the proof knows besides the draft: the site it is for, and the competing pages it is measured against. */
export interface ProofContext {
  site: SiteContext;
  /** The site's other posts. */
  others: OtherPost[];
  /** Checks overruled by the writer, with the reason. */
  setAside: Record<string, string>;
  /** What the competing pages kept for the post share; null where there are none. */
  competitors: CompetitorMeasure | null;
  /** Reader questions chosen in Plan. */
  questions: string[];
}

export interface SiteContext {
  /** Host of the site, or empty where none is known: then only relative links are internal. */
  host: string;
  /** Whether the site shows the post's title as the page's H1. "auto": it does where the body has no H1. */
  titleAsH1: "auto" | "always" | "never";
  /** Paths that exist on the site; null where unknown. */
  paths: ReadonlySet<string> | null;
}

export interface OtherPost {
  /** Its meta title, or its title where it has none. */
  metaTitle: string;
}

export const noContext: ProofContext = {
  site: { host: "", titleAsH1: "auto", paths: null },
  others: [],
  setAside: {},
  competitors: null,
  questions: [],
};
