/** The page reader's interface, and what a kept field holds. The shapes are those of field.schema.json. */
import type { RankedCompetitor } from "../../core/benchmark/competitors";
import type { CompetitorPage } from "../../core/competitors/page";

export interface ReadPageQuestion {
  address: string;
}

export interface ReadPageAnswer {
  page: CompetitorPage;
  /** It came from the stand-in web. */
  standIn: boolean;
}

/** What a search service knows of a question, with where it was asked. */
export interface AskedQuestion {
  text: string;
  service: string;
  asked: { title: string; address: string }[];
}

/** What is collected of a field, and is analysed anew from this alone. */
export interface CollectedCompetitors {
  pages: RankedCompetitor[];
  asked: AskedQuestion[];
}
