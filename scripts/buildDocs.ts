/** Writes the generated pages of docs/. */
import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { checksDocument } from "./checksDocument";
import { declaredSchemas } from "./declaredSchemas";

writeFileSync(join(import.meta.dirname, "../docs/checks.md"), checksDocument());

for (const { name, schema } of declaredSchemas())
  writeFileSync(
    join(import.meta.dirname, `../docs/schemas/${name}.schema.json`),
    `${JSON.stringify(schema, null, 2)}\n`,
  );
