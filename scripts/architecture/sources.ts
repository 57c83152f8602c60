/** What the source files import, and what they declare at the top: read with a parser, types included. */
import { existsSync, readFileSync } from "node:fs";
import { dirname, join, normalize } from "node:path";
import {
  type BindingIdentifier,
  type BindingPattern,
  type BindingRestElement,
  type Expression,
  type ParamPattern,
  type Program,
  parseSync,
  Visitor,
} from "oxc-parser";

/** A name in capitals says that it stays as it is. */
const CONSTANT = /^[A-Z][A-Z0-9_]*$/;

type Pattern = BindingPattern | ParamPattern | BindingRestElement;

export interface Source {
  /** Its path from the root of the repository, as those of its imports. */
  path: string;
  /** Files of the repository that it imports, by a static or a dynamic import or a re-export, of values or types. */
  imports: readonly string[];
  /** Packages that it imports. */
  packages: readonly string[];
  /** Names of state at its top level: a `let`, a `var`, or a map, set or array that is empty to begin with, and so to be filled. */
  moduleState: readonly string[];
  /** Names of variables, parameters and functions that tell what happened to them: `found`, `made` and the like. */
  participles: readonly string[];
  /** Slices of the state that a component takes whole. */
  wholeSlices: readonly string[];
}

/** Names that tell what happened to a thing instead of what it is. */
const PARTICIPLE = /^(asked|found|known|made|wanted)$/;

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
    moduleState: program.body.flatMap((statement) => {
      const declaration = statement.type === "ExportNamedDeclaration" ? statement.declaration : statement;
      if (declaration?.type !== "VariableDeclaration") return [];
      return declaration.declarations
        .map(({ id, init }) => ({ init, name: /^\w+/.exec(text.slice(id.start, id.end))?.[0] ?? "" }))
        .filter(
          ({ init, name }) =>
            declaration.kind !== "const" || (isEmptyCollection(init) && !CONSTANT.test(name)),
        )
        .map(({ name }) => name);
    }),
    participles: namesIn(program).filter((name) => PARTICIPLE.test(name)),
    wholeSlices: wholeSlicesIn(program),
  };
}

/** Names of all variables, parameters and functions. */
function namesIn(program: Program): string[] {
  const names: string[] = [];
  const bind = (pattern: Pattern | null): void => {
    switch (pattern?.type) {
      case "Identifier":
        names.push(pattern.name);
        break;
      case "ObjectPattern":
        for (const property of pattern.properties)
          bind(property.type === "RestElement" ? property : property.value);
        break;
      case "ArrayPattern":
        pattern.elements.forEach(bind);
        break;
      case "AssignmentPattern":
        bind(pattern.left);
        break;
      case "RestElement":
        bind(pattern.argument);
        break;
      case "TSParameterProperty":
        bind(pattern.parameter);
    }
  };
  const bindFunction = ({ id, params }: { id?: BindingIdentifier | null; params: readonly Pattern[] }) => {
    bind(id ?? null);
    params.forEach(bind);
  };
  new Visitor({
    VariableDeclarator: ({ id }) => bind(id),
    FunctionDeclaration: bindFunction,
    FunctionExpression: bindFunction,
    ArrowFunctionExpression: ({ params }) => params.forEach(bind),
  }).visit(program);
  return names;
}

/** "posts" of `useAppSelector((state) => state.posts)` */
function wholeSlicesIn(program: Program): string[] {
  const slices: string[] = [];
  new Visitor({
    CallExpression: ({ callee, arguments: [selector] }) => {
      if (callee.type !== "Identifier" || callee.name !== "useAppSelector") return;
      if (selector?.type !== "ArrowFunctionExpression") return;
      const read = selector.body;
      if (read.type !== "MemberExpression" || read.object.type !== "Identifier") return;
      if (read.property.type === "Identifier") slices.push(read.property.name);
    },
  }).visit(program);
  return slices;
}

/** `new Map()`, `new WeakMap<…>()`, `[]` and the like, where the type does not say that it stays as it is. */
function isEmptyCollection(init: Expression | null | undefined): boolean {
  if (init?.type === "ArrayExpression") return init.elements.length === 0;
  return (
    init?.type === "NewExpression" &&
    init.callee.type === "Identifier" &&
    /^(Weak)?(Map|Set)$/.test(init.callee.name) &&
    init.arguments.length === 0
  );
}
