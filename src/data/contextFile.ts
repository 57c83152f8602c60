/** What the proof of a post knows besides its text, as a file: with it the command line gives the application's score. */
import type { ProofContext } from "../core/proof/context";
import { checkShape, parseJson } from "./schemas/validate";
import { context as contextShape } from "./schemas/validators.generated.js";

/** The competing pages keep the name that they have had in these files from the first. */
interface ContextFile extends Omit<ProofContext, "site" | "competitors"> {
  format: "dune-sparrow-context";
  version: 1;
  field: ProofContext["competitors"];
  site: Omit<ProofContext["site"], "paths"> & { paths: string[] | null };
}

const WHAT = "a context file";

/** A context as JSON. */
export function writeContext({ site, competitors, ...context }: ProofContext): string {
  const file: ContextFile = {
    format: "dune-sparrow-context",
    version: 1,
    ...context,
    field: competitors,
    site: { ...site, paths: site.paths && [...site.paths].sort() },
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

/** @throws ShapeError where the text is no such file, with each fault's place */
export function readContext(text: string): ProofContext {
  const {
    site,
    others,
    setAside,
    field: competitors,
    questions,
  } = checkShape<ContextFile>(contextShape, parseJson(text, WHAT), WHAT);
  return {
    site: { ...site, paths: site.paths && new Set(site.paths) },
    others,
    setAside,
    competitors,
    questions,
  };
}
