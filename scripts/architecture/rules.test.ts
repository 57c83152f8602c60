import { describe, expect, it } from "vitest";
import {
  importsDownwards,
  namesSayWhatThingsAre,
  noCirclesOfFiles,
  noCirclesOfFolders,
  noModuleState,
  noWholeSlices,
  onlyDataOpensTheDatabase,
} from "./rules";
import { type Source, sourceOf } from "./sources";

/** A source tree from its texts. */
const tree = (texts: Record<string, string>): Source[] =>
  Object.entries(texts).map(([path, text]) => sourceOf(path, text, (file) => file in texts));

describe("reading a source", () => {
  it("tells imports of every kind, packages and lets", () => {
    const [source] = tree({
      "src/app/a.tsx": `
        import type { B } from "./b";
        export * from "../core/c";
        import { useState } from "react";
        const later = () => import("./d");
        export let x = 1;
        let y = 2;
        const read = new Map<string, number>();
        const rows: number[] = [];
        const FIXED = new Set(["a"]);
        const all = () => useAppSelector((state) => state.posts);
        const some = () => useAppSelector((state) => state.posts.ids);
        const w = () => { let inside = 4; return inside; };
        function made({ asked, b: [known = 1] }, found, ...wanted) { return asked.found; }`,
      "src/app/b.ts": "",
      "src/core/c.ts": "",
      "src/app/d.tsx": "",
    });
    expect(source).toEqual({
      path: "src/app/a.tsx",
      imports: ["src/app/b.ts", "src/core/c.ts", "src/app/d.tsx"],
      packages: ["react"],
      moduleState: ["x", "y", "read", "rows"],
      participles: ["made", "asked", "known", "found", "wanted"],
      wholeSlices: ["posts"],
    });
  });
  it("refuses what it cannot read", () =>
    expect(() => tree({ "src/core/a.ts": "import {" })).toThrow("src/core/a.ts could not be parsed"));
});

describe("the rules", () => {
  it.each([
    [
      "a layer that imports upwards",
      importsDownwards,
      { "src/core/a.ts": `import "../app/b";`, "src/app/b.ts": "" },
      1,
    ],
    [
      "a thing named for what happened to it",
      namesSayWhatThingsAre,
      { "src/core/a.ts": `export const total = (found: number) => found;` },
      1,
    ],
    [
      "a layer that imports downwards",
      importsDownwards,
      { "src/app/b.ts": `import "../core/a";`, "src/core/a.ts": "" },
      0,
    ],
    ["a folder that is no layer", importsDownwards, { "src/misc/a.ts": "" }, 1],
    [
      "the database outside data",
      onlyDataOpensTheDatabase,
      { "src/app/a.ts": `import Dexie from "dexie";` },
      1,
    ],
    ["the database in data", onlyDataOpensTheDatabase, { "src/data/a.ts": `import Dexie from "dexie";` }, 0],
    [
      "the opened database",
      onlyDataOpensTheDatabase,
      { "src/app/a.ts": `import { db } from "../data/db";`, "src/data/db.ts": "" },
      1,
    ],
    ["state of a module", noModuleState, { "src/app/a.ts": "let a = 1;" }, 1],
    ["a cache of a module", noModuleState, { "src/app/a.ts": "const a = new WeakMap<object, string>();" }, 1],
    ["a list to be filled", noModuleState, { "src/app/a.ts": "const a: string[] = [];" }, 1],
    ["a constant", noModuleState, { "src/app/a.ts": `const a = 1; const b = new Map([[1, 2]]);` }, 0],
    ["a constant that is empty", noModuleState, { "src/app/a.ts": "const NONE: string[] = [];" }, 0],
    [
      "a slice taken whole",
      noWholeSlices,
      { "src/app/a.tsx": "const { site } = useAppSelector((state) => state.session);" },
      1,
    ],
    ["parts of a slice", noWholeSlices, { "src/app/a.tsx": `const { site } = useSession("site");` }, 0],
    [
      "two files in a circle, by a type",
      noCirclesOfFiles,
      { "src/core/a.ts": `import { b } from "./b";`, "src/core/b.ts": `import type { A } from "./a";` },
      1,
    ],
    [
      "folders in a circle, no two files of which are",
      noCirclesOfFolders,
      {
        "src/core/x/a.ts": `import "../y/b";`,
        "src/core/y/b.ts": "",
        "src/core/y/deep/c.ts": `import "../../x/d";`,
        "src/core/x/d.ts": "",
      },
      1,
    ],
    [
      "a folder and what is in it",
      noCirclesOfFolders,
      {
        "src/core/x/a.ts": `import "./deep/b";`,
        "src/core/x/deep/b.ts": `import "../c";`,
        "src/core/x/c.ts": "",
      },
      0,
    ],
  ] as const)("%s", (_, rule, texts, faults) => expect(rule(tree(texts))).toHaveLength(faults));
});
