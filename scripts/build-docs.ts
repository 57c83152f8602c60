/** Writes the generated pages of docs/. */
import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { checksDocument } from "./checksDocument";

writeFileSync(join(import.meta.dirname, "../docs/checks.md"), checksDocument());
