import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Ajv } from "ajv";
import { afterAll, describe, expect, it } from "vitest";
import { called } from "./testing/called";

const folder = mkdtempSync(join(tmpdir(), "suggest-"));
afterAll(() => rmSync(folder, { recursive: true }));
const DEMO = join(import.meta.dirname, "../../public/demo/brackenford.dunesparrow.zip");
const POST = "electric-cargo-bike-families";

function input(value: unknown): string {
  const file = join(folder, `${Math.random()}.json`);
  writeFileSync(file, typeof value === "string" ? value : JSON.stringify(value));
  return file;
}
interface Answered {
  version: number;
  task: string;
  source: string;
  answers: {
    text: string;
    value: unknown;
    parts: { text: string; from: { kind: string; ref: string; quote: string }[] }[];
    findings: unknown[];
  }[];
  missing: string[];
}
const asked = async (...args: string[]) => {
  const { code, out, err } = await called("suggest", ...args, "--format", "json");
  return { code, err, ...(out && (JSON.parse(out) as Answered)) } as Answered & { code: number; err: string };
};

describe("the command suggest", () => {
  it("names its tasks, with what each asks for as a schema", async () => {
    const { code, out } = await called("suggest", "--list", "--format", "json");
    const { version, tasks } = JSON.parse(out) as {
      version: number;
      tasks: { id: string; says: string; input: object; answer: object }[];
    };
    expect([code, version, tasks.length]).toEqual([0, 1, 17]);
    for (const task of tasks) {
      expect(new Ajv({ strict: false }).validateSchema(task.input)).toBe(true);
      expect(new Ajv({ strict: false }).validateSchema(task.answer)).toBe(true);
    }
    expect((await called("suggest", "--list")).out).toMatch(/^ideas-from-titles\s+Post ideas/);
  });
  it("answers from an input, the same for the same seed", async () => {
    const file = input({ keyword: "standing desk", terms: ["height", "cable tray"] });
    const first = await asked("titles", "--input", file, "--seed", "3");
    expect(first).toMatchObject({ code: 0, version: 1, task: "titles", source: "stand-in", missing: [] });
    expect(first.answers).toHaveLength(5);
    expect(await asked("titles", "--input", file, "--seed", "3")).toEqual(first);
    expect((await asked("titles", "--input", file, "--seed", "4")).answers).not.toEqual(first.answers);
    expect((await asked("titles", "--input", file, "--variants", "2")).answers).toHaveLength(2);
    const { out } = await called("suggest", "titles", "--input", file);
    expect(out).toContain("tanding desk");
  });
  it("draws on a workspace and a post of it", async () => {
    const { code, answers } = await asked("missing-subjects", "--workspace", DEMO, "--post", POST);
    expect(code).toBe(0);
    const kinds = new Set(answers[0]!.parts.flatMap(({ from }) => from.map(({ kind }) => kind)));
    expect(kinds).toEqual(new Set(["outline", "competitor-fact", "question"]));
    expect(
      (await asked("thread", "--workspace", DEMO, "--post", POST, "--input", input({ parts: 4 }))).answers[0]!
        .parts,
    ).toHaveLength(4);
  });
  it("says what is missing where nothing can be made", async () => {
    expect(await asked("titles")).toMatchObject({
      code: 1,
      answers: [],
      missing: [expect.stringContaining("keyword")],
    });
    const { code, err } = await called("suggest", "excerpt");
    expect([code, err]).toEqual([1, expect.stringContaining("Missing: The text of the post")]);
  });
  it.each<[string, string[], RegExp]>([
    ["no task", [], /Name one task/],
    ["an unknown task", ["poems"], /no task “poems”/],
    ["a field that it does not have", ["titles", "--input", "{}extra"], /no field “extra”/],
    ["a file that is not there", ["titles", "--input", join(folder, "none.json")], /cannot be read/],
    ["what is no JSON", ["titles", "--input", "{no"], /not JSON/],
    ["a wrong seed", ["titles", "--seed", "1.5"], /--seed takes/],
    ["a post without a workspace", ["titles", "--post", "x"], /--workspace/],
    ["a post that is not there", ["titles", "--workspace", DEMO, "--post", "nowhere"], /no post “nowhere”/],
    [
      "a workspace that is none",
      ["titles", "--workspace", join(import.meta.dirname, "suggest.test.ts")],
      /./,
    ],
    ["a format that it does not have", ["titles", "--format", "xml"], /no format “xml”/],
    ["an option that it does not have", ["titles", "--fast"], /fast/],
  ])("refuses %s with 2", async (_name, args, says) => {
    const call = args.map((arg) =>
      arg === "{}extra" ? input({ keyword: "a", extra: 1 }) : arg === "{no" ? input("{no") : arg,
    );
    const { code, err } = await called("suggest", ...call);
    expect([code, err]).toEqual([2, expect.stringMatching(says)]);
  });
});
