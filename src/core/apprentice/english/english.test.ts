import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyText } from "../../testing/arbitraries";
import { RUNS } from "../../testing/runs";
import { seeded } from "../methods/seeded";
import { activeVoice } from "./active";
import { asPattern } from "./asPattern";
import { compressed, tightened } from "./compress";
import { fragmentSentence, readFragment } from "./fragment";
import { indirectQuestion } from "./indirect";
import { article, generic, readNounPhrase } from "./noun";
import { asSentence, inside, listed } from "./sentence";
import { readSubject } from "./subject";
import { asSpoken, asWritten, inShortSentences, plainer } from "./wording";

describe("notes and points", () => {
  it.each([
    ["- ask for two batteries", "order", "Ask for two batteries."],
    ["store it indoors", "order", "Store it indoors."],
    ["lay the first layer between the joists", "order", "Lay the first layer between the joists."],
    ["do not throw it away", "order", "Do not throw it away."],
    ["The hub motor is quiet.", "sentence", "The hub motor is quiet."],
    ["batteries lose range when it is cold", "sentence", "Batteries lose range when it is cold."],
    ["smell tells you", "sentence", "Smell tells you."],
    ["delivery takes three days", "sentence", "Delivery takes three days."],
    ["old oil turns to glue", "sentence", "Old oil turns to glue."],
    ["scrub with steel wool", "order", "Scrub with steel wool."],
    ["oil thinly", "order", "Oil thinly."],
    ["24 hours before a second coat", "other", /: 24 hours before a second coat\.$/],
    ["drawn up by the council every year", "other", /: drawn up by the council every year\.$/],
    ["do I need a licence", "question", "Do I need a licence?"],
    ["How much does it cost?", "question", "How much does it cost?"],
    ["3. how much it costs", "clause", /how much it costs/],
    ["what to look for", "clause", /what to look for/],
    ["charging at home", "doing", /charging at home/],
    ["rain cover", "thing", /the rain cover\b/],
    ["range in winter", "thing", /the range in winter\b/],
    ["insurance", "thing", /(?<!the )insurance/],
    ["service intervals", "thing", /(?<!the )service intervals/],
    ["cheaper than a car", "other", /: cheaper than a car\.$/],
    ["for families", "other", /: for families\.$/],
    ["contains about 0.5 per cent alcohol", "predicate", "It contains about 0.5 per cent alcohol."],
  ])("“%s” is read as %s", (note, kind, sentence) => {
    const fragment = readFragment(note);
    expect(fragment.kind).toBe(kind);
    const { text } = fragmentSentence(fragment, seeded(4), new Set());
    if (typeof sentence === "string") expect(text).toBe(sentence);
    else expect(text).toMatch(sentence);
    expect(text).toMatch(/^\p{Lu}.*[.?]$/u);
  });
  it("uses no frame twice while there are others", () => {
    const used = new Set<string>();
    const chance = seeded(1);
    const texts = ["locks", "brakes", "lights", "tyres", "seats"].map((note) =>
      fragmentSentence(readFragment(note), chance, used).text.replace(note, "…"),
    );
    expect(new Set(texts).size).toBe(5);
  });
});

describe("what a keyword is about", () => {
  it.each([
    [
      "electric cargo bike for families",
      "thing",
      "electric cargo bikes for families",
      "an electric cargo bike for families",
    ],
    ["cargo bike maintenance", "thing", "cargo bike maintenance", null],
    ["standing desks", "thing", "standing desks", null],
    ["childcare costs", "thing", "childcare costs", null],
    ["best knives", "thing", "the best knives", null],
    ["MOT test", "thing", "MOT tests", "an MOT test"],
    ["email deliverability", "thing", "email deliverability", null],
    ["kombucha for beginners", "thing", "kombucha for beginners", null],
    ["24/7 plumber", "thing", "24/7 plumbers", "a 24/7 plumber"],
    ["how to prune roses", "how", "how to prune roses", null],
    ["learn to swim", "action", "how to learn to swim", null],
    ["cleaning a cast iron pan", "action", "how to clean a cast iron pan", null],
    ["e-bike", "thing", "e-bikes", "an e-bike"],
    ["A-level tutor", "thing", "A-level tutors", "an A-level tutor"],
    ["is oat milk healthy", "question", "is oat milk healthy", null],
    ["cargo bike or second car", "choice", "cargo bike or second car", null],
  ])("%s", (keyword, kind, inSentence, one) => {
    expect(readSubject(keyword)).toMatchObject({ kind, inSentence, one });
  });
  it("is not counted where the texts never count it", () => {
    const uses =
      "Clay soil needs compost. Compost keeps clay open. We add compost. Clay holds water. Clay dries slowly.";
    const bare = "It files payroll and gift aid.";
    expect(readSubject("gift aid", [bare])).toMatchObject({ number: "uncounted", inSentence: "gift aid" });
    expect(readSubject("clay", [uses])).toMatchObject({ number: "uncounted", inSentence: "clay" });
    expect(
      readSubject("planter", ["Two planters differ. A planter, this planter and that planter."]),
    ).toMatchObject({ inSentence: "planters" });
  });
  it.each([
    ["hour", "an"],
    ["unit", "a"],
    ["MOT", "an"],
    ["UK", "a"],
    ["8", "an"],
    ["egg", "an"],
    ["one", "a"],
  ])("says “%s” with %s", (word, expected) => expect(article(word)).toBe(expected));
  it.each([
    ["two mechanics", "two mechanics"],
    ["child seat", "child seats"],
    ["knife for bread", "knives for bread"],
    ["the lock", "the lock"],
  ])("says %s for the whole kind", (phrase, expected) =>
    expect(generic(readNounPhrase(phrase))).toBe(expected),
  );
});

it.each([
  ["How much does it cost?", "how much it costs"],
  ["Can a cargo bike replace a car?", "whether a cargo bike can replace a car"],
  ["How do I store it?", "how to store it"],
  ["What is a longtail?", "what a longtail is"],
  ["How often should the chain be cleaned?", "how often the chain should be cleaned"],
  ["Which lock is best?", "which lock is best"],
  ["Is it safe to carry a baby?", "whether it is safe to carry a baby"],
  ["Why? Because.", null],
])("puts “%s” into a sentence", (question, expected) => expect(indirectQuestion(question)).toBe(expected));

it.each([
  ["The bike was checked by our workshop.", "Our workshop checked the bike."],
  [
    "All bikes are serviced by two mechanics before they leave.",
    "Two mechanics service all bikes before they leave.",
  ],
  ["It was paid by them in March.", "They paid it in March."],
  ["The form must be signed by the owner.", "The owner must sign the form."],
  ["The route was not chosen by us.", "We did not choose the route."],
  [
    "However, the jar was placed near the oven by our baker.",
    "However, our baker placed the jar near the oven.",
  ],
  ["The chain is cleaned by hand.", null],
  ["The door was open by noon.", null],
])("turns “%s” into the active voice", (passive, active) => expect(activeVoice(passive)).toBe(active));

it("takes out what joins and emphasises, and leaves a sentence", () => {
  expect(tightened("However, the motor is really quiet (it hums), which surprised us.")).toBe(
    "The motor is quiet, which surprised us.",
  );
  expect(tightened("And so it is.")).toBe("And so it is.");
  expect(compressed("We rode it for a year, because we wanted to know what it costs.", 30)).toBe(
    "We rode it for a year.",
  );
  expect(compressed("Supercalifragilistic words have no shorter form at all here.", 20)).toBeNull();
});

it("says it plainer, as spoken, as written", () => {
  expect(plainer("However, in order to utilise it, additional time is needed prior to use.")).toBe(
    "But to use it, more time is needed before use.",
  );
  expect(inShortSentences("It is long; it goes on, and you tire.")).toBe("It is long. It goes on. You tire.");
  expect(asSpoken("It is quiet and you do not need it. We cannot say what it is.")).toBe(
    "It’s quiet and you don’t need it. We can’t say what it is.",
  );
  expect(asWritten("It's not been used, and it's late.")).toBe("It has not been used, and it's late.");
  expect(asWritten("It's not hard, and kids can't wait.")).toBe("It is not hard, and children cannot wait.");
});

it("writes sentences and lists as they are written", () => {
  expect(asSentence("  a bike,  ")).toBe("A bike.");
  expect(asSentence("“yes.”")).toBe("“Yes.”");
  expect(inside("What It Costs?")).toBe("what It Costs");
  expect(inside("MOT test")).toBe("MOT test");
  expect(listed(["a", "b", "c"])).toBe("a, b and c");
  expect(listed(["what it is", "tools"])).toBe("what it is, and tools");
  expect(listed(["flour and water", "warmth"])).toBe("flour and water, and warmth");
});

it("words as a pattern match themselves, whatever signs are in them", () => {
  const any = fc.oneof(anyText, fc.string(), fc.constantFrom("e-bike", "C++", "24/7", "[a", "$1", "a|b"));
  fc.assert(
    fc.property(any, (text) => {
      for (const flags of ["u", "gu", ""])
        expect(new RegExp(`^${asPattern(text)}$`, flags).test(text)).toBe(true);
    }),
    RUNS,
  );
});
