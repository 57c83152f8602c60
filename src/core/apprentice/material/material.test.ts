import { describe, expect, it } from "vitest";
import { defaultProfile } from "../../proof/profile";
import { copiesIn } from "./copies";
import { factOf } from "./facts";
import { gatherMaterial } from "./material";
import { standingQuote } from "./passage";

describe("a figure of another page", () => {
  it.each([
    [
      "A used electric cargo bike costs 45 to 65 per cent of a new one after three years.",
      "45 to 65 per cent of a",
    ],
    [
      "With two children, a hill and a cold morning we measured 31 to 54 km per 500 Wh battery.",
      /^31 to 54 km per 500/,
    ],
    ["It was 96 kg on average, and 61 kg on the worst.", "96 kg on average"],
    ["The council has paid 214 families up to 800 each.", /^214 families/],
    ["A course costs £90 to £140, lunch included.", "£90 to £140"],
    ["About 30 % of owners agree.", /^About 30 %/],
    ["There were two of them.", null],
    ["The B12 is a vitamin.", null],
    ["Chapter 7 is long.", null],
  ])("%s", (sentence, expected) => {
    const fact = factOf(sentence, "Site", "https://site.example/");
    if (expected === null) return expect(fact).toBeNull();
    if (expected instanceof RegExp) expect(fact!.text).toMatch(expected);
    else expect(expected.startsWith(fact!.text)).toBe(true);
    // Shorter than a copy, and the page's own words.
    expect(fact!.text.split(/\s+/).length).toBeLessThan(8);
    expect(sentence).toContain(fact!.text);
  });
});

it("finds runs of eight words, however they are written", () => {
  const copies = copiesIn([{ name: "A page", text: "one two three four five six seven eight nine ten" }]);
  expect(copies.first("One two, three four five six seven!")).toBeNull();
  expect(copies.first("Zero one two, THREE four – five six seven eight nine. End")).toEqual({
    page: "A page",
    run: "one two, THREE four – five six seven eight nine",
  });
  expect(copiesIn([]).first("one two three four five six seven eight")).toBeNull();
});

it("quotes what stands in the source", () => {
  expect(standingQuote("A lock holds well", "A **lock** holds well here")).toBe("holds well");
  expect(standingQuote("A lock", "Is a lock? A lock.")).toBe("A lock");
  expect(standingQuote("nothing", "else")).toBe("");
});

it("gathers each kind of material with its place", () => {
  const material = gatherMaterial(
    {
      keyword: "locks",
      outline: [
        { text: "Kinds", note: "chains\n- U-locks" },
        { text: "Why?", faq: true },
      ],
      notes: ["weigh it; carry it"],
      post: {
        title: "Locks",
        text: "---\nnot: front\nmatter\n\nA lock holds. It must be locked.\n\n## Costs\n\n- Twelve pounds.",
      },
      posts: [{ title: "Chains", text: "Chains are heavy." }],
      transcript: "00:04 Mara: So, um, a lock is a promise.",
      description: "We sell locks.",
      pages: [
        {
          site: "Lock Lab",
          title: "Locks",
          text: "# Locks\n\n## Test\n\nEight of 12 locks failed in 30 seconds.",
        },
      ],
    },
    { profile: defaultProfile },
  );
  expect(material.outline.map(({ text, faq, notes }) => [text, faq, notes.map((note) => note.text)])).toEqual(
    [
      ["Kinds", false, ["chains", "U-locks"]],
      ["Why?", true, []],
    ],
  );
  expect(material.notes.map(({ text }) => text)).toEqual(["weigh it", "carry it"]);
  expect(material.post!.sections.at(-1)).toMatchObject({
    heading: "Costs",
    sentences: [{ text: "Twelve pounds.", ref: "post, Costs" }],
  });
  expect(material.spoken).toEqual([
    {
      kind: "transcript",
      ref: "0:04 Mara",
      text: "So a lock is a promise.",
      quote: expect.stringContaining("a lock is a promise."),
    },
  ]);
  expect(material.product[0]).toMatchObject({ kind: "description", text: "We sell locks." });
  expect(material.facts.map(({ text, site }) => [text, site])).toEqual([["in 30 seconds", "Lock Lab"]]);
});
