import { execFileSync } from "node:child_process";
import { mkdirSync, mkdtempSync, readFileSync, symlinkSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { beforeAll, describe, expect, it } from "vitest";
import { draftFromMarkdown } from "../core/draft/fromMarkdown";
import type { ProofContext } from "../core/proof/context";
import { defaultProfile } from "../core/proof/profile";
import { proof } from "../core/proof/proof";
import { checks } from "../core/proof/registry";
import { writeContext } from "../data/contextFile";
import { called as call } from "./testing/called";

const folder = mkdtempSync(join(tmpdir(), "cli-"));
const path = (name: string) => join(folder, name);

interface Answer {
  version: number;
  profile: { id: string; version: number };
  files: {
    file: string;
    score: number;
    words: number;
    minutes: number;
    notes?: string[];
    groups: { id: string; earned: number; weight: number }[];
    checks: {
      id: string;
      group: string;
      state: string;
      share: number;
      weight: number;
      gain: number;
      reason: string;
      evidence: { quote: string; block?: number; start: number; end: number }[];
    }[];
  }[];
  errors?: { file: string; message: string }[];
}
const json = async (...args: string[]): Promise<Answer> =>
  JSON.parse((await call("score", ...args, "--format", "json")).out) as Answer;

beforeAll(() => {
  writeFileSync(
    path("a.md"),
    "---\ntitle: Cargo bike care\nkeyword: cargo bike\n---\nA cargo bike wants care.\n\n![A bike](p/red-bike.jpg)\n",
  );
  writeFileSync(
    path("long.md"),
    `---\ntitle: Cargo bike care\nkeyword: cargo bike\n---\n${"A cargo bike wants care. ".repeat(30)}\n`,
  );
  writeFileSync(path("b.html"), "<title>Trailers</title><main><h1>Trailers</h1><p>Text</p></main>");
  writeFileSync(path("broken.md"), "---\ntitle: [a\n---\n");
  writeFileSync(
    path("latin.html"),
    Buffer.from('<meta charset="iso-8859-1"><title>caf\xe9</title><main><h1>caf\xe9</h1></main>', "latin1"),
  );
  writeFileSync(path("binary.md"), Buffer.from([0, 1, 2, 0]));
  writeFileSync(path("utf16.md"), Buffer.from("\ufeff---\ntitle: Zwölf\n---\nText", "utf16le"));
  mkdirSync(path("p"));
  writeFileSync(path("p/red-bike.jpg"), Buffer.alloc(612 * 1024));
  writeFileSync(path("profile.json"), JSON.stringify({ ...defaultProfile, id: "ours", version: 7 }));
  writeFileSync(path("bad-profile.json"), JSON.stringify({ ...defaultProfile, version: "x" }));
});

describe("dune-sparrow score", () => {
  it("answers in JSON with every check of the registry", async () => {
    const answer = await json(path("a.md"));
    expect(answer).toMatchObject({ version: 1, profile: { id: "house", version: 4 } });
    const [file] = answer.files;
    expect(file).toMatchObject({ file: path("a.md"), words: 5, minutes: 1 });
    expect(file!.checks.map(({ id }) => id)).toEqual(checks.map(({ id }) => id));
    const sum = (of: { weight: number }[]) => of.reduce((total, { weight }) => total + weight, 0);
    const counted = file!.checks.filter(({ state }) => state === "judged" || state === "waiting");
    expect(sum(file!.groups)).toBe(sum(counted));
    // Five words have room for five points.
    expect(file!.score).toBe(5);
    expect(file!.notes![0]).toBe("The text has 5 words: under 100 words the score is at most 5.");
    const long = (await json(path("long.md"))).files[0]!;
    expect(long.notes).toEqual([expect.stringContaining("Not known here: competing pages, questions")]);
    const judged = long.checks.filter(({ state }) => state === "judged" || state === "waiting");
    expect(long.score).toBeCloseTo(
      (100 * judged.reduce((total, { share, weight }) => total + share * weight, 0)) / sum(judged),
      2,
    );
    expect(file!.checks.find(({ id }) => id === "keyword-in-title")).toMatchObject({
      state: "judged",
      share: 1,
      evidence: [{ quote: "Cargo bike", start: 0, end: 10 }],
    });
    // The picture beside the file has a size: 612 KB is half way from 200 to 1,024.
    expect(file!.checks.find(({ id }) => id === "picture-weight")).toMatchObject({
      state: "judged",
      share: 0.5,
    });
  });

  it("lets --keyword and --supporting win, and waits where there is no keyword", async () => {
    const shareOf = (answer: Answer) => answer.files[0]!.checks.find(({ id }) => id === "keyword-in-title");
    expect(shareOf(await json(path("b.html")))).toMatchObject({ state: "waiting" });
    expect(shareOf(await json(path("b.html"), "--keyword", "trailer"))).toMatchObject({
      state: "judged",
      share: 1,
    });
    expect(shareOf(await json(path("a.md"), "--keyword", "trailer", "--supporting", "a, b"))).toMatchObject({
      share: 0,
    });
  });

  it("gives the application's score with the context that it exports", async () => {
    const context: ProofContext = {
      site: { host: "x.example", titleAsH1: "auto", paths: new Set(["/journal/locks"]) },
      others: [{ metaTitle: "Cargo bike care" }],
      setAside: { "has-picture": "A page of rules" },
      questions: ["How much care does a cargo bike want?"],
      competitors: {
        pages: 6,
        keyword: "cargo bike",
        medianWords: 300,
        density: [0.01, 0.03],
        ease: [70, 110],
        terms: [{ key: "care", text: "care", salience: 3, usual: [10, 20], core: true }],
        topics: [{ label: "Locks", presence: 0.5, place: 0.5, level: 2, stems: [["lock"]] }],
      },
    };
    writeFileSync(path("known.json"), writeContext(context));
    const report = proof(draftFromMarkdown(readFileSync(path("long.md"), "utf8")), context);
    const [file] = (await json(path("long.md"), "--context", path("known.json"))).files;
    expect(file!.score).toBeCloseTo(report.score, 4);
    expect(file!.notes).toBeUndefined();
    expect(file!.checks.find(({ id }) => id === "title-distinct")!.share).toBe(0);
    expect(file!.score).not.toBeCloseTo((await json(path("long.md"))).files[0]!.score, 1);
  });

  it("takes a profile, and says which", async () => {
    expect((await json(path("a.md"), "--profile", path("profile.json"))).profile).toEqual({
      id: "ours",
      version: 7,
    });
  });

  it.each([
    ["well", ["a.md"], [], 0],
    ["under the least", ["a.md"], ["--min", "99"], 1],
    ["at the least", ["a.md"], ["--min", "0"], 0],
    ["a file that is not there", ["none.md", "a.md"], [], 2],
    ["a broken front matter", ["broken.md", "a.md"], [], 2],
    ["neither Markdown nor HTML", ["p/red-bike.jpg", "a.md"], [], 2],
    ["a folder", ["p", "a.md"], [], 2],
    ["bytes that are no text", ["binary.md", "a.md"], ["--min", "99"], 2],
  ])("exits by what happened: %s", async (_what, files, options, code) => {
    const result = await call("score", ...files.map(path), ...options, "--format", "json");
    expect(result.code).toBe(code);
    const answer = JSON.parse(result.out) as Answer;
    expect(answer.files.map(({ file }) => file)).toEqual([path("a.md")]);
    if (code === 2) {
      expect(answer.errors).toHaveLength(1);
      expect(result.err).toContain(path(files[0]!));
    }
  });

  it.each([
    [["score"], "Name at least one file"],
    [["score", "a.md", "--format", "xml"], "There is no format “xml”"],
    [["score", "a.md", "--min", "high"], "--min takes a number"],
    [["score", "a.md", "--loud"], "--loud"],
    [["score", "a.md", "--profile", path("none.json")], "cannot be read"],
    [["score", "a.md", "--competitors", path("none")], "there is no such folder"],
    [["score", "a.md", "--competitors", path("a.md")], "it is not a folder"],
    [["score", "a.md", "--competitors", path("p")], "holds no .html file"],
    [["score", "a.md", "--profile", path("bad-profile.json")], "version: must be"],
    [["score", path("a.md"), "--context", path("none.json")], "cannot be read"],
    [["score", path("a.md"), "--context", path("profile.json")], "This is not a context file"],
    [["score", path("a.md"), path("b.html"), "--context", path("profile.json")], "belongs to one post"],
  ])("refuses the call %j", async (args, why) => {
    const { code, out, err } = await call(...args);
    expect([code, out]).toEqual([2, ""]);
    expect(err).toContain(why);
    expect(err).toContain("Usage: dune-sparrow score");
  });

  it("measures against a folder of saved pages, the file itself left out", async () => {
    const pages = path("field");
    mkdirSync(pages);
    for (let i = 1; i <= 6; i++)
      writeFileSync(
        join(pages, `${i}.html`),
        `<title>Cargo bike care ${i}</title><main><h1>Cargo bike care</h1><h2>The chain</h2><p>${"Oil the chain of the cargo bike. ".repeat(i + 2)}</p><h2>Brake pads</h2><p>${"Brake pads wear. ".repeat(8)}</p></main>`,
      );
    writeFileSync(join(pages, "notes.txt"), "no page");
    const score = async (...more: string[]) => (await json(...more, "--keyword", "cargo bike")).files[0]!;
    const check = (file: Answer["files"][number], id: string) => file.checks.find((one) => one.id === id)!;
    const bare = await score(path("a.md"));
    expect(check(bare, "field-terms").state).toBe("not-applicable");
    const measured = await score(path("a.md"), "--competitors", pages);
    expect(check(measured, "field-terms").state).toBe("judged");
    expect(check(measured, "heading-topics")).toMatchObject({ state: "judged", share: 0 });
    const { field: competitors } = measured as unknown as {
      field: { pages: number; average: number; best: number };
    };
    expect(competitors.pages).toBe(6);
    expect(competitors.best).toBeGreaterThanOrEqual(competitors.average);
    const own = await score(join(pages, "1.html"), "--competitors", pages);
    expect(check(own, "heading-topics").share).toBe(1);
    expect((own as unknown as { field: { pages: number } }).field.pages).toBe(5);
    expect(
      (await call("score", path("a.md"), "--competitors", pages, "--keyword", "cargo bike")).out,
    ).toContain("6 competing pages: average");
  });

  it("reads what other encodings say", async () => {
    const titleOf = async (name: string, keyword: string) =>
      (await json(path(name), "--keyword", keyword)).files[0]!.checks.find(
        ({ id }) => id === "keyword-in-h1",
      );
    expect(await titleOf("latin.html", "café")).toMatchObject({ share: 1 });
    expect(await titleOf("utf16.md", "zwölf")).toMatchObject({ share: 1 });
  });

  it("answers a person with the groups, the reasons and what is best next step", async () => {
    const { code, out } = await call("score", path("a.md"));
    expect(code).toBe(0);
    expect(out).toMatch(/a\.md: [\d.]+ of 100 · 5 words, 1 min · Default profile, version 4/);
    expect(out).toContain("best next step:");
    expect(out).toContain("Keyword in the meta title:");
  });

  it.each([
    [[], "Say what to do", 2],
    [["fix"], "There is no command “fix”", 2],
    [["--help"], "Usage: dune-sparrow site", 0],
  ])("says what there is: %j", async (args, says, code) => {
    const answer = await call(...args);
    expect(answer.code).toBe(code);
    expect(answer.out + answer.err).toContain(says);
    expect(answer.out + answer.err).toContain("Usage: dune-sparrow score");
  });

  it("compares titles only of files that are posts of one site", async () => {
    for (const [name, host] of [
      ["s1", "x"],
      ["s2", "x"],
      ["s3", "y"],
    ] as const) {
      writeFileSync(
        path(`${name}.md`),
        `---\ntitle: One title\ncanonical: https://${host}.example/${name}\n---\nText`,
      );
    }
    const shares = (await json(path("s1.md"), path("s2.md"), path("s3.md"))).files.map(
      ({ checks: all }) => all.find(({ id }) => id === "title-distinct")!.share,
    );
    expect(shares).toEqual([0, 0, 1]);
  });
});

describe("the demo's posts", () => {
  it("read as their front matter says", async () => {
    const { files } = await json("demo/posts/cargo-bike-maintenance.md");
    expect(readFileSync("demo/posts/cargo-bike-maintenance.md", "utf8")).toContain(
      "keyword: cargo bike maintenance",
    );
    expect(files[0]!.score).toBeGreaterThan(85);
  });
});

describe("files that are none, or more than one", () => {
  it("scores the others, and says why with exit code 2", async () => {
    execFileSync("mkfifo", [path("pipe.md")]);
    writeFileSync(path("large.md"), Buffer.alloc(10_000_001, "a"));
    const named = path("a\u001b[31m\u202e.md");
    writeFileSync(named, "---\ntitle: T\n---\nText");
    const { code, out, err } = await call(
      "score",
      path("pipe.md"),
      path("large.md"),
      named,
      path("a.md"),
      "--min",
      "99",
    );
    expect(code).toBe(2);
    expect(err).toContain("pipe.md: This is not a regular file");
    expect(err).toContain("large.md: It is larger than 10 MB");
    expect(out).toContain(`${path("a.md")}: `);
    // A terminal shows the name and does not obey it.
    expect(out).toContain("a\\u001b[31m\\u202e.md: ");
    for (const sign of ["\u001b", "\u202e"]) expect(out + err).not.toContain(sign);
  });

  it("scores a word of a million letters like any other text", async () => {
    writeFileSync(path("word.md"), "a".repeat(1_000_000));
    const { code, out } = await call("score", path("word.md"), path("a.md"), "--min", "1");
    expect(code).toBe(0);
    expect(out).toContain("word.md");
  });

  it("scores a file once, however many links lead to it", async () => {
    symlinkSync(path("a.md"), path("link.md"));
    symlinkSync(path("ring.md"), path("ring.md"));
    const answer = await call("score", path("a.md"), path("link.md"), path("ring.md"), "--format", "json");
    const { files, errors } = JSON.parse(answer.out) as Answer;
    expect(files.map(({ file }) => file)).toEqual([path("a.md")]);
    expect(errors!.map(({ file }) => file)).toEqual([path("ring.md")]);
  });

  it("reads standard input where it is asked to", () => {
    const bin = join(import.meta.dirname, "entry.ts");
    const out = execFileSync(
      process.execPath,
      ["--import", "tsx", bin, "score", "-", "--keyword", "cargo bike"],
      {
        input: "# Cargo bike\n\nA cargo bike wants care.",
        encoding: "utf8",
      },
    );
    expect(out).toMatch(/^-: [\d.]+ of 100 · 5 words/);
  });
});
