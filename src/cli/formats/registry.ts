/** Formats that the command line answers in. A new one is a file beside these, and a line here. */
import type { Profile } from "../../core/proof/profile";
import { asJson } from "./json";
import { asMarkdown } from "./markdown";
import { asSarif } from "./sarif";
import type { FailedFile, ScoredFile } from "./scored";
import { asText } from "./text";

export interface Format {
  id: string;
  /** Read by people: signs that a terminal would act on are written out. */
  forPeople: boolean;
  write(scored: ScoredFile[], profile: Profile, failed: FailedFile[]): string;
}

const registered = [
  { id: "text", forPeople: true, write: asText },
  { id: "json", forPeople: false, write: asJson },
  { id: "markdown", forPeople: true, write: asMarkdown },
  { id: "sarif", forPeople: false, write: asSarif },
] as const satisfies readonly Format[];

export type FormatId = (typeof registered)[number]["id"];
export const FORMATS: readonly (Format & { id: FormatId })[] = registered;
