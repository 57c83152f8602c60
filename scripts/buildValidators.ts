/**
 * Writes what is made from declarations: the default profile from the checks, and all JSON schemas, compiled to one standalone module. The content security policy forbids Ajv's own way of compiling at
 * run time (new Function), so browser, server and command line all use this.
 */
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
import { Ajv } from "ajv";
import standaloneCode from "ajv/dist/standalone/index.js";
import { declaredProfile } from "../src/core/proof/profileShape";
import { declaredSchemas } from "./declaredSchemas";

const folder = join(dirname(fileURLToPath(import.meta.url)), "../src/data/schemas");
const require = createRequire(import.meta.url);

const ajv = new Ajv({
  allErrors: true,
  strict: true,
  strictRequired: false,
  allowUnionTypes: true,
  code: { source: true, esm: true },
});
// What the settings form shows beside a threshold; a validator has no use for it.
ajv.addVocabulary(["unit", "ends"]);
const exported: Record<string, string> = {};

for (const { name, schema } of declaredSchemas()) {
  ajv.addSchema(schema);
  exported[name] = schema.$id;
}

for (const file of readdirSync(folder)
  .filter((name) => name.endsWith(".schema.json"))
  .sort()) {
  const schema = JSON.parse(readFileSync(join(folder, file), "utf8")) as {
    $id: string;
    type?: string;
    definitions?: Record<string, unknown>;
  };
  ajv.addSchema(schema);
  const name = file.replace(".schema.json", "");
  if (schema.type) exported[name] = schema.$id;
  // An interface has no shape of its own, but one for each question and each answer.
  for (const definition of Object.keys(schema.definitions ?? {}))
    if (/(?:Question|Answer)$/.test(definition))
      exported[`${name}${definition[0]!.toUpperCase()}${definition.slice(1)}`] =
        `${schema.$id}#/definitions/${definition}`;
}
const generate = (standaloneCode as unknown as { default?: typeof standaloneCode }).default ?? standaloneCode;
// The few helpers that Ajv would require at run time are written into the module.
const code = generate(ajv, exported).replace(
  /require\("(ajv\/dist\/runtime\/\w+)"\)(\.default)?/g,
  (_, name: string) => {
    const helper = require(name) as { default: unknown };
    if (typeof helper.default !== "function") throw new Error(`${name} is no function`);
    return name.endsWith("ucs2length") ? `(${String(helper.default)})` : fail(name);
  },
);
function fail(name: string): never {
  throw new Error(`The helper ${name} cannot be written into the module; see scripts/buildValidators.ts`);
}
writeFileSync(join(folder, "validators.generated.js"), code);
writeFileSync(
  join(folder, "../../core/proof/profile.json"),
  `${JSON.stringify(declaredProfile(), null, 2)}\n`,
);
