import { describe, expect, it } from "vitest";
import { languagePack } from "../text/language";
import { type LinkTarget, linkChoices, phraseAt } from "./linkChoices";

const pack = languagePack("en");
const post = (title: string, keyword: string): LinkTarget => ({
  kind: "post",
  href: `/journal/${keyword.replaceAll(" ", "-")}`,
  title,
  keyword,
});
const TARGETS: LinkTarget[] = [
  post("What a service costs", "cargo bike maintenance"),
  post("Warm feet in winter", "winter cycling with children"),
  post("Which lock holds", "cargo bike lock"),
  { kind: "page", href: "/hire", title: "/hire", keyword: "" },
  { kind: "section", href: "#where-it-sleeps", title: "Where it sleeps", keyword: "" },
];
const titles = (typed: string, phrase: string) =>
  linkChoices(typed, phrase, TARGETS, pack).map(({ title, meant }) => (meant ? `! ${title}` : title));

describe("link choices", () => {
  it.each([
    ["", "the maintenance of cargo bikes", "! What a service costs"],
    ["", "a lock for the cargo bike", "! Which lock holds"],
    ["", "service", "What a service costs"],
    ["", "where it sleeps at night", "Where it sleeps"],
    ["hire", "anything", "/hire"],
    ["WARM", "", "Warm feet in winter"],
  ])("typed “%s” over “%s”: first %s", (typed, phrase, first) =>
    expect(titles(typed, phrase)[0]).toBe(first),
  );
  it("holds nothing that does not hold what is typed, and never more than asked", () => {
    expect(titles("zebra", "cargo bike maintenance")).toEqual([]);
    expect(linkChoices("", "", TARGETS, pack, 2)).toHaveLength(2);
  });
});

describe("the phrase at a place", () => {
  const text = "Good maintenance of cargo bikes is cheap; so is a cargo bike lock.";
  it.each([
    ["maintenance", "maintenance of cargo bikes"],
    ["bikes", "maintenance of cargo bikes"],
    ["lock", "cargo bike lock"],
    ["cheap", null],
  ])("at “%s”", (word, expected) => {
    const span = phraseAt(text, text.indexOf(word) + 1, TARGETS, pack);
    expect(span && text.slice(span.start, span.end)).toBe(expected);
  });
});
