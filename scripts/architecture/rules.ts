/** The architecture as rules: each says what is wrong, in words; a source tree that keeps it gives none. */
import type { Source } from "./sources";

export type Rule = (sources: readonly Source[]) => string[];

/** What each layer may import besides itself: the part of `src` before the first slash or dot. */
const LAYERS: Record<string, readonly string[]> = {
  core: [],
  data: ["core"],
  services: ["core", "data"],
  workers: ["core", "data", "services"],
  app: ["core", "data", "services", "workers"],
  disk: ["core", "data"],
  server: ["core", "data", "disk"],
  cli: ["core", "data", "disk"],
  serviceWorker: [],
};

export const importsDownwards: Rule = (sources) =>
  sources.flatMap(({ path, imports }) => {
    const layer = layerOf(path);
    const allowed = LAYERS[layer] && [layer, ...LAYERS[layer]];
    if (!allowed) return [`${path} is in no layer: name src/${layer} in scripts/architecture/rules.ts.`];
    return imports
      .filter((file) => file.startsWith("src/") && !allowed.includes(layerOf(file)))
      .map((file) => `${path} imports ${file}: src/${layer} may import ${allowed.join(", ")} only.`);
  });

const layerOf = (path: string): string => path.split("/")[1]!;

/** Everything else goes through the repositories. */
export const onlyDataOpensTheDatabase: Rule = (sources) =>
  sources
    .filter(({ path }) => !path.startsWith("src/data/"))
    .flatMap(({ path, imports, packages }) => [
      ...packages
        .filter((name) => /^dexie/.test(name))
        .map((name) => `${path} imports ${name}: only src/data may.`),
      ...imports
        .filter((file) => /^src\/data\/(db|database\/)/.test(file))
        .map((file) => `${path} imports ${file}: only src/data opens the database.`),
    ]);

/** State that belongs to a module belongs to nobody. */
export const noModuleState: Rule = (sources) =>
  sources.flatMap(({ path, moduleState }) =>
    moduleState.map((name) => `${path} keeps state in “${name}” at its top level: give it an owner.`),
  );

/** A name says what a thing is. */
export const namesSayWhatThingsAre: Rule = (sources) =>
  sources.flatMap(({ path, participles }) =>
    participles.map((name) => `${path} has something named “${name}”: name it for what it is.`),
  );

/** What takes a whole slice is drawn anew with every change of it: twenty pages being analysed drew Proof forty times. */
export const noWholeSlices: Rule = (sources) =>
  sources.flatMap(({ path, wholeSlices }) =>
    wholeSlices.map((name) => `${path} takes all of “${name}”: ask for its parts with a hook of partsOf.`),
  );

/** Two files that need each other are one idea, or hide a third that both need. */
export const noCirclesOfFiles: Rule = (sources) => {
  const graph = new Map(sources.map(({ path, imports }) => [path, new Set(imports)]));
  return circlesIn(graph).map((circle) => `Files import each other in a circle: ${circle.join(" → ")}`);
};

/** The same of folders that stand side by side, whatever is in them. */
export const noCirclesOfFolders: Rule = (sources) => {
  const graphs = new Map<string, Map<string, Set<string>>>();
  for (const { path, imports } of sources)
    for (const file of imports) {
      const [from, to] = [path.split("/"), file.split("/")];
      const shared = from.findIndex((part, i) => part !== to[i]);
      // A file that stands beside a folder is no folder.
      if (shared < 0 || shared >= from.length - 1 || shared >= to.length - 1) continue;
      const parent = from.slice(0, shared).join("/");
      const graph = graphs.get(parent) ?? new Map<string, Set<string>>();
      graphs.set(parent, graph);
      const name = (parts: string[]) => parts.slice(0, shared + 1).join("/");
      graph.set(name(from), (graph.get(name(from)) ?? new Set()).add(name(to)));
    }
  return [...graphs.values()]
    .flatMap(circlesIn)
    .map((circle) => `Folders import each other in a circle: ${circle.join(" → ")}`);
};

/** One circle for each node that the search comes back to, from it to itself. */
export function circlesIn(graph: ReadonlyMap<string, ReadonlySet<string>>): string[][] {
  const circles: string[][] = [];
  const done = new Set<string>();
  const path: string[] = [];
  const visit = (node: string): void => {
    const at = path.indexOf(node);
    if (at >= 0) circles.push([...path.slice(at), node]);
    if (at >= 0 || done.has(node)) return;
    path.push(node);
    for (const next of graph.get(node) ?? []) visit(next);
    path.pop();
    done.add(node);
  };
  for (const node of graph.keys()) visit(node);
  return circles;
}
