/** Many files: a line of JSON each, shards, threads, and scores that are kept. */
import {
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  statSync,
  utimesSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { beforeAll, describe, expect, it } from "vitest";
import { defaultProfile } from "../core/proof/profile";
import { scoreOnThreads } from "./scoring/pool";
import type { Outcome } from "./scoring/scoreFile";
import { called as call } from "./testing/called";

const folder = mkdtempSync(join(tmpdir(), "scale-"));
const path = (name: string) => join(folder, name);
const FILES = 12;
const names = Array.from({ length: FILES }, (_, i) => path(`post-${String(i).padStart(2, "0")}.md`));

interface Line {
  file: string;
  score?: number;
  error?: string;
  checks?: { id: string; share: number; reason: string }[];
}
const lines = async (...args: string[]): Promise<Line[]> =>
  (await call("score", "--format", "jsonl", ...args)).out
    .trim()
    .split("\n")
    .map((line) => JSON.parse(line) as Line);
const titleOf = (line: Line) => line.checks!.find(({ id }) => id === "title-distinct")!;
/** Every file below a folder. */
const below = (of: string): string[] =>
  readdirSync(of, { recursive: true, encoding: "utf8" })
    .map((name) => join(of, name))
    .filter((name) => statSync(name).isFile());

beforeAll(() => {
  for (const [i, name] of names.entries())
    writeFileSync(
      name,
      `---\ntitle: ${i < 2 ? "Ice on the path" : `Rain, part ${i}`}\nkeyword: rain\ncanonical: https://brackenford-cycles.example/journal/${i}\n---\n${"It rains again. ".repeat(20 + i)}\n\n![Rain](rain.jpg)\n`,
    );
  writeFileSync(path("rain.jpg"), Buffer.alloc(300_000));
});

describe("many files", () => {
  it("are a line of JSON each, in their order, a failure among them too", async () => {
    const { code, out } = await call("score", "--format", "jsonl", names[0]!, path("none.md"), names[1]!);
    expect(code).toBe(2);
    const said = out
      .trim()
      .split("\n")
      .map((line) => JSON.parse(line) as Line);
    expect(said.map(({ file }) => file)).toEqual([names[0], path("none.md"), names[1]]);
    expect(said[1]).toEqual({ version: 1, file: path("none.md"), error: "There is no such file." });
    const whole = JSON.parse((await call("score", "--format", "json", names[0]!, names[1]!)).out) as {
      files: Line[];
    };
    expect(said[0]).toMatchObject(whole.files[0]!);
  });

  it("are scored once each by the shards of a run, as one run scores them", async () => {
    const all = await lines(...names);
    const shards: Line[] = [];
    for (const number of [1, 2, 3, 4, 5]) shards.push(...(await lines(...names, "--shard", `${number}/5`)));
    expect(shards).toHaveLength(FILES);
    expect(shards.sort((a, b) => (a.file < b.file ? -1 : 1))).toEqual(all);
    // Two with one title know of each other, whichever machine scores them.
    expect(titleOf(all[0]!).share).toBe(0);
    expect(titleOf(all[2]!).share).toBe(1);
    expect(await call("score", ...names.slice(0, 1), "--shard", "2/2", "--format", "jsonl")).toMatchObject({
      code: 0,
      out: "",
    });
  });

  it.each([
    [["--shard", "0/4"], "--shard takes"],
    [["--shard", "5/4"], "--shard takes"],
    [["--shard", "two"], "--shard takes"],
    [["--jobs", "0"], "--jobs takes a whole number"],
    [["--jobs", "many"], "--jobs takes a whole number"],
    [["--cache", "/dev/null/x"], "Scores cannot be kept in /dev/null/x"],
  ])("%j is a call that makes no sense", async (args, why) => {
    const { code, err } = await call("score", names[0]!, ...args);
    expect([code, err]).toEqual([2, expect.stringContaining(why)]);
  });
});

describe("scores that are kept", () => {
  const cached = async (cache: string, ...args: string[]) => await lines(...names, "--cache", cache, ...args);

  it("are the same as those made anew, and are made anew where anything has changed", async () => {
    const cache = path("cache");
    const fresh = await lines(...names);
    expect(await cached(cache)).toEqual(fresh);
    const kept = below(cache);
    expect(kept).toHaveLength(FILES);
    // What is kept is what is answered: a mark in it is seen.
    const marked = kept.find((name) => readFileSync(name, "utf8").includes("post-03"))!;
    writeFileSync(marked, readFileSync(marked, "utf8").replaceAll("post-03", "post-xx"));
    expect((await cached(cache))[3]!.file).toBe(names[3]!.replace("post-03", "post-xx"));
    // The same text at another minute is the same.
    utimesSync(names[4]!, new Date(), new Date(0));
    await cached(cache);
    expect(below(cache)).toHaveLength(FILES);
    // Another text, another keyword, another profile, a damaged entry.
    const before = readFileSync(names[5]!, "utf8");
    writeFileSync(names[5]!, `${before}\nAnd more rain.\n`);
    expect((await cached(cache))[5]!.score).not.toBe(fresh[5]!.score);
    writeFileSync(names[5]!, before);
    expect((await cached(cache, "--keyword", "snow"))[5]!.score).toBe(
      (await lines(...names, "--keyword", "snow"))[5]!.score,
    );
    writeFileSync(path("p.json"), JSON.stringify({ ...defaultProfile, fullScoreWords: 0 }));
    expect((await cached(cache, "--profile", path("p.json")))[0]!.score).toBe(
      (await lines(...names, "--profile", path("p.json")))[0]!.score,
    );
    writeFileSync(marked, "{");
    expect(await cached(cache)).toEqual(fresh);
  });

  it("know of the pictures beside a post, and of the titles of its site", async () => {
    const cache = path("cache-2");
    const weight = (line: Line) => line.checks!.find(({ id }) => id === "picture-weight")!.share;
    const before = weight((await cached(cache))[0]!);
    writeFileSync(path("rain.jpg"), Buffer.alloc(900_000));
    expect(weight((await cached(cache))[0]!)).toBeLessThan(before);
    expect(titleOf((await cached(cache))[7]!).share).toBe(1);
    const other = readFileSync(names[8]!, "utf8");
    writeFileSync(names[8]!, other.replace("Rain, part 8", "Rain, part 7"));
    expect(titleOf((await cached(cache))[7]!).share).toBe(0);
    writeFileSync(names[8]!, other);
  });
});

describe("threads", () => {
  /** A thread that answers late for its first files, so that what comes in order is put in order. */
  const thread = (body: string): URL => {
    mkdirSync(path("threads"), { recursive: true });
    const file = path(`threads/${body.length}.mjs`);
    writeFileSync(file, `import { parentPort } from "node:worker_threads";\n${body}`);
    return new URL(`file://${file}`);
  };
  const many = Array.from({ length: 500 }, (_, i) => `f${i}`);
  const told = async (script: URL): Promise<string[]> => {
    const files: string[] = [];
    const tell = ({ file }: Outcome) => void files.push(file);
    await scoreOnThreads(script, many, 3, {} as never, tell);
    return files;
  };

  it("are told in the order of the files", async () => {
    const script = thread(`parentPort.on("message", ({ batch, files }) =>
      setTimeout(() => parentPort.postMessage({ batch, outcomes: files.map((file) => ({ file, score: 1, piece: "" })) }), batch % 3 ? 0 : 20));`);
    expect(await told(script)).toEqual(many);
  });

  it("that die end the run, and say so", async () => {
    await expect(told(thread(`parentPort.on("message", () => process.exit(3));`))).rejects.toThrow(
      /ended before/,
    );
    await expect(
      told(thread(`parentPort.on("message", () => { throw new Error("broken"); });`)),
    ).rejects.toThrow("broken");
  });
});
