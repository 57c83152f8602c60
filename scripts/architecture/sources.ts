/** What the source files import, and what they declare at the top: read with a parser, types included. */
import { existsSync, readFileSync } from "node:fs";
import { dirname, join, normalize } from "node:path";
import { parseSync } from "oxc-parser";

export interface Source {
  /** Its path from the root of the repository, as those of its imports. */
  path: string;
  /** Files of the repository that it imports, by a static or a dynamic import or a re-export, of values or types. */
  imports: readonly string[];
  /** Packages that it imports. */
  packages: readonly string[];
  /** Names that a `let` or `var` at its top level declares. */
  topLevelLets: readonly string[];
}

/** Reads a file. @throws where it cannot be parsed */
export function readSource(root: string, path: string): Source {
  const text = readFileSync(join(root, path), "utf8");
  return sourceOf(path, text, (file) => existsSync(join(root, file)));
}

/** @param exists whether the repository has a file */
export function sourceOf(path: string, text: string, exists: (file: string) => boolean): Source {
  const { module, program, errors } = parseSync(path, text);
  if (errors.length) throw new Error(`${path} could not be parsed: ${errors[0]!.message}`);
  const requests = [
    ...module.staticImports.map(({ moduleRequest }) => moduleRequest.value),
    ...module.staticExports.flatMap(({ entries }) => entries.map((entry) => entry.moduleRequest?.value)),
    ...module.dynamicImports.map(
      ({ moduleRequest: { start, end } }) => /^"([^"]+)"$/.exec(text.slice(start, end))?.[1],
    ),
  ].filter((request): request is string => request !== undefined);
  const imports = requests.flatMap((request) => {
    if (!request.startsWith(".")) return [];
    const file = normalize(join(dirname(path), request));
    return (
      [`${file}.ts`, `${file}.tsx`, file].find(
        (candidate) => exists(candidate) && /\.tsx?$/.test(candidate),
      ) ?? []
    );
  });
  return {
    path,
    imports: [...new Set(imports)],
    packages: [...new Set(requests.filter((request) => !request.startsWith(".")))],
    topLevelLets: program.body.flatMap((statement) => {
      const declaration = statement.type === "ExportNamedDeclaration" ? statement.declaration : statement;
      if (declaration?.type !== "VariableDeclaration" || declaration.kind === "const") return [];
      return declaration.declarations.map(({ id }) => text.slice(id.start, id.end));
    }),
  };
}
