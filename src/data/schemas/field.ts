/** The page reader's interface, and what a kept field holds. The shapes are those of field.schema.json. */
import type { RankedFieldPage } from "../../core/benchmark/competitors";
import type { FieldPage } from "../../core/competitors/page";

export interface ReadPageQuestion {
  address: string;
}

export interface ReadPageAnswer {
  page: FieldPage;
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
export interface CollectedField {
  pages: RankedFieldPage[];
  asked: AskedQuestion[];
}
