/** The report as it goes out, whatever it says. */
import fc from "fast-check";
import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { draftFromHtml } from "../../draft/fromHtml";
import { draftFromMarkdown } from "../../draft/fromMarkdown";
import { anyDraft } from "../../testing/arbitraries";
import { draftOf } from "../../testing/draftOf";
import { RUNS } from "../../testing/runs";
import { noContext } from "../context";
import { proof } from "../proof";
import { checks } from "../registry";
import { reportCsv } from "./csv";
import { reportHtml } from "./html";
import { reportJson } from "./json";
import { reportMarkdown } from "./markdown";
import type { Out, Reported } from "./reported";

function reported(name: string, draft = draftOf("Text."), setAside = {}): Reported {
  const { score, words, minutes, findings, notes } = proof(draft, { ...noContext, setAside });
  const benchmark = { average: 50, best: 80 };
  return {
    name,
    address: "/a",
    keyword: draft.meta.keyword,
    score,
    words,
    minutes,
    benchmark,
    findings,
    notes,
  };
}
const out = (...reports: Reported[]): Out => ({
  reports,
  profile: { name: "Default profile", version: 3 },
  date: "2026-11-25",
});
const HOSTILE = '=1+1 <script>alert("x")</script> | `a` [b](javascript:c) "q", \n# H';

describe("a report that goes out", () => {
  it("says score, field, every check, and what was set aside with its reason", () => {
    const one = out(
      reported("A post", draftOf("Text.", { keyword: "cargo bike" }), {
        "has-picture": "No picture is wanted",
      }),
    );
    for (const text of [reportMarkdown(one), reportHtml(one)]) {
      expect(text).toContain("Proof of “A post”");
      expect(text).toContain("cargo bike");
      for (const { name } of checks) expect(text).toContain(name.replace("'", "'"));
      expect(text).toContain("No picture is wanted");
    }
    expect(JSON.parse(reportJson(one))).toMatchObject({
      version: 1,
      posts: [{ name: "A post", field: { best: 80 } }],
    });
  });

  it("of several begins with a table of all", () => {
    const two = out(reported("One"), reported("Two"));
    expect(
      draftFromMarkdown(reportMarkdown(two)).blocks.filter(({ kind }) => kind === "cell").length,
    ).toBeGreaterThan(8);
    expect(reportHtml(two)).toContain('href="#post-2"');
  });

  it("runs nothing and breaks nothing, whatever a post is called", () => {
    const hostile = out(reported(HOSTILE), reported(HOSTILE));
    const html = reportHtml(hostile);
    expect(html).not.toContain("<script>");
    expect(html).toContain("default-src 'none'");
    const headings = draftFromMarkdown(reportMarkdown(hostile)).blocks.filter(
      ({ kind }) => kind === "heading",
    );
    expect(headings.filter(({ text }) => text === "H")).toEqual([]);
    expect(
      draftFromMarkdown(reportMarkdown(hostile))
        .blocks.flatMap(({ runs }) => runs)
        .filter(({ link }) => link),
    ).toEqual([]);
    const rows = Papa.parse(reportCsv(hostile).replace(/^\uFEFF/, "")).data.filter(
      ({ length }) => length > 1,
    );
    expect(rows).toHaveLength(1 + 2 * checks.length);
    expect(rows[1]![0]).toBe(`'${HOSTILE}`);
  });

  it("holds for any draft", () => {
    fc.assert(
      fc.property(anyDraft, (draft) => {
        const one = out(reported(draft.meta.title, draft));
        expect(draftFromHtml(reportHtml(one)).blocks.length).toBeGreaterThan(checks.length);
        expect(
          (JSON.parse(reportJson(one)) as { posts: { checks: unknown[] }[] }).posts[0]!.checks,
        ).toHaveLength(checks.length);
        const rows = Papa.parse(reportCsv(one).replace(/^\uFEFF/, "")).data.filter(
          ({ length }) => length > 1,
        );
        expect(new Set(rows.map(({ length }) => length)).size).toBe(1);
        expect(reportMarkdown(one).length).toBeGreaterThan(100);
      }),
      RUNS,
    );
  });
});
