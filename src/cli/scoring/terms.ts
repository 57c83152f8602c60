import { nearShareOf } from "../../core/proof/profile";
import { type FormatId, formatOf } from "../formats/registry";
import { openCache } from "./cache";
import type { ScoreOptions } from "./options";
import { program } from "./program";
import type { ScoringTerms } from "./scoreFile";
import { createScorer } from "./scorer";
import { createSiblings, type Sibling } from "./siblings";

/** What all files of a run are scored by. */
export interface RunTerms {
  options: ScoreOptions;
  format: FormatId;
  siblings: Sibling[];
  cache: string | null;
}

/** Makes ready what one thread scores with. @throws Error where a folder cannot be read or made */
export async function termsOf({ options, format, siblings, cache }: RunTerms): Promise<ScoringTerms> {
  const all = createSiblings(siblings, nearShareOf(options.profile));
  return {
    options,
    siblings: all,
    scorer: await createScorer(options, all),
    format: formatOf(format),
    cache: cache === null ? null : openCache(cache, { program: program(), format, options }),
  };
}
