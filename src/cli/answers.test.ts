/** Ways to call the command line and to answer: patterns, configuration, SARIF, Markdown, and safe fixes. */
import { mkdirSync, mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Ajv } from "ajv";
import addFormats from "ajv-formats";
import { beforeAll, describe, expect, it } from "vitest";
import { checks } from "../core/proof/registry";
import { expandFiles } from "./files";
import schema from "./formats/sarif-2.1.0.schema.json";
import { called as call } from "./testing/called";

const folder = mkdtempSync(join(tmpdir(), "cli-answers-"));
const path = (name: string) => join(folder, name);

const FAULTY = `---
# Kept as it is.
title: Cargo bike care
keyword: cargo bike
---

# One

Text about a *cargo bike*, with [a link](http://other.example/a "title") and [another][ref].

Two
===

#### Deep   ##

See <http://bare.example/> too.

${"More of it is said here. ".repeat(20)}

[ref]: http://other.example/b
`;

beforeAll(() => {
  mkdirSync(path("posts/deep"), { recursive: true });
  writeFileSync(path("posts/2.md"), "Two");
  writeFileSync(path("posts/10.md"), "Ten");
  writeFileSync(path("posts/deep/a [b].md"), "Brackets");
  writeFileSync(path("posts/deep/draft.md"), "Draft");
  writeFileSync(path("faulty.md"), FAULTY);
  writeFileSync(path("page.html"), "<h1>A</h1><h1>B</h1><p>Text</p>");
});

describe("patterns", () => {
  it.each([
    [["posts/*.md"], [], ["posts/2.md", "posts/10.md"]],
    [["posts/**/*.md"], ["**/draft.md"], ["posts/2.md", "posts/10.md", "posts/deep/a [b].md"]],
    // A name that is a file is that file, whatever signs are in it; each comes once.
    [["posts/deep/a [b].md", "posts/deep/*.md"], [], ["posts/deep/a [b].md", "posts/deep/draft.md"]],
    [["missing.md"], [], ["missing.md"]],
  ])("%j without %j are %j", (patterns, ignore, expected) => {
    expect(expandFiles(patterns, ignore, folder)).toEqual(expected.map(path));
  });

  it("that nothing matches stay, so that they are missed", () => {
    expect(expandFiles(["none/*.md"], [], folder)).toEqual(["none/*.md"]);
  });
});

describe("the configuration", () => {
  it("says what is scored and how, and what is asked wins over it", async () => {
    writeFileSync(
      path("dune-sparrow.config.json"),
      JSON.stringify({
        files: ["posts/*.md"],
        format: "json",
        min: 99,
        keyword: "ten",
        setAside: { "has-picture": "Release notes" },
      }),
    );
    const { code, out } = await call("score", "--config", path("dune-sparrow.config.json"));
    const answer = JSON.parse(out) as { files: { file: string; checks: { id: string; state: string }[] }[] };
    expect(code).toBe(1);
    expect(answer.files.map(({ file }) => file)).toEqual([path("posts/2.md"), path("posts/10.md")]);
    expect(answer.files[0]!.checks.find(({ id }) => id === "has-picture")!.state).toBe("set-aside");
    expect(
      (
        await call(
          "score",
          path("posts/2.md"),
          "--config",
          path("dune-sparrow.config.json"),
          "--min",
          "0",
          "--format",
          "text",
        )
      ).code,
    ).toBe(0);
  });

  it.each([
    ['{"min": "x"}', "min: must be number"],
    ['{"mni": 1}', "there is no field “mni”"],
    ['{"setAside": {"no-such": "y"}}', "there is no such check"],
    ["{", "it is not JSON"],
  ])("%s is refused with the place of the fault", async (text, said) => {
    writeFileSync(path("bad.json"), text);
    const { code, err } = await call("score", path("posts/2.md"), "--config", path("bad.json"));
    expect(code).toBe(2);
    expect(err).toContain(said);
  });

  it("that is named and not there is said", async () => {
    expect(await call("score", path("posts/2.md"), "--config", path("none.json"))).toMatchObject({ code: 2 });
  });
});

describe("SARIF", () => {
  const ajv = new Ajv({ strict: false, unicodeRegExp: false });
  addFormats(ajv);
  const valid = ajv.compile(schema);
  interface Log {
    runs: {
      tool: { driver: { rules: { id: string }[] } };
      results: {
        ruleId: string;
        message: { text: string };
        locations: {
          physicalLocation: {
            artifactLocation: { uri: string };
            region?: { startLine: number; startColumn: number };
          };
        }[];
      }[];
    }[];
  }

  it("is valid by its schema, files that cannot be read among the rest", async () => {
    const { code, out } = await call(
      "score",
      path("faulty.md"),
      path("page.html"),
      path("missing.md"),
      "--format",
      "sarif",
    );
    const log = JSON.parse(out) as Log;
    valid(log);
    expect(valid.errors).toBeNull();
    expect(code).toBe(2);
    expect(log.runs[0]!.tool.driver.rules).toHaveLength(checks.length);
  });

  it("leads to line and column", async () => {
    const log = JSON.parse((await call("score", path("faulty.md"), "--format", "sarif")).out) as Log;
    const result = log.runs[0]!.results.find(({ ruleId }) => ruleId === "one-h1")!;
    expect(
      result.locations.map(({ physicalLocation: { region } }) => [region!.startLine, region!.startColumn]),
    ).toEqual([
      [7, 3],
      [11, 1],
    ]);
    expect(result.locations[0]!.physicalLocation.artifactLocation.uri).toBe(`file://${path("faulty.md")}`);
  });

  it("writes names as references", async () => {
    const log = JSON.parse(
      (await call("score", path("posts/deep/a [b].md"), "--format", "sarif")).out,
    ) as Log;
    expect(log.runs[0]!.results[0]!.locations[0]!.physicalLocation.artifactLocation.uri).toContain(
      "posts/deep/a%20%5Bb%5D.md",
    );
  });
});

describe("Markdown", () => {
  it("tells of several files in a table, then of each", async () => {
    const { out } = await call("score", path("posts/2.md"), path("posts/10.md"), "--format", "markdown");
    expect(out).toMatch(/^# Proof of 2 posts\n/);
    expect(out).toContain("posts/2.md |");
    expect(out).toMatch(/^## .*posts\/10\.md$/m);
    expect(out).toContain("| Check | Earned | To gain | Why |");
  });
});

describe("safe fixes", () => {
  it("are said without being written, with --dry-run", async () => {
    const { err } = await call("score", path("faulty.md"), "--fix", "--dry-run");
    expect(err).toContain("would be fixed");
    expect(err).toContain("H1 Two → H2 Two");
    expect(readFileSync(path("faulty.md"), "utf8")).toBe(FAULTY);
  });

  it("change the characters that must change, and no others; a second time there is nothing to do", async () => {
    const scoreOf = async () =>
      (
        JSON.parse((await call("score", path("faulty.md"), "--format", "json")).out) as {
          files: { score: number }[];
        }
      ).files[0]!.score;
    const was = await scoreOf();
    const { err } = await call("score", path("faulty.md"), "--fix");
    const promised = Number(/fixed, \+([\d.]+)/.exec(err)![1]);
    expect(readFileSync(path("faulty.md"), "utf8")).toBe(
      FAULTY.replace("(http://other", "(https://other")
        .replace("Two\n===", "## Two")
        .replace("#### Deep", "### Deep")
        .replace("<http://bare", "<https://bare")
        .replace("[ref]: http:", "[ref]: https:"),
    );
    expect((await scoreOf()) - was).toBeCloseTo(promised, 1);
    expect((await call("score", path("faulty.md"), "--fix")).err).toBe("");
  });

  it("leave HTML alone, and say so", async () => {
    const html = readFileSync(path("page.html"), "utf8");
    expect((await call("score", path("page.html"), "--fix")).err).toContain(
      "only Markdown files are written",
    );
    expect(readFileSync(path("page.html"), "utf8")).toBe(html);
  });

  it("leave a Markdown file alone whose headings are HTML", async () => {
    const text = "<h1>A</h1>\n\n<h1>B</h1>\n\nText.\n";
    writeFileSync(path("raw.md"), text);
    expect((await call("score", path("raw.md"), "--fix")).err).toContain("left alone");
    expect(readFileSync(path("raw.md"), "utf8")).toBe(text);
  });

  it("--dry-run alone is a bad call", async () => {
    expect((await call("score", path("faulty.md"), "--dry-run")).code).toBe(2);
  });
});
