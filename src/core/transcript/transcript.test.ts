import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyText } from "../testing/arbitraries";
import { draftOf } from "../testing/draftOf";
import { RUNS } from "../testing/runs";
import { languagePack } from "../text/language";
import { readTranscript } from "./cues";
import { spokenSentences, withoutFillers } from "./mend";
import { ownWordsOf, saidWords } from "./ownWords";
import { spokenSections } from "./sections";
import { clock, transcriptDoc, videoPlace } from "./toDoc";

const pack = languagePack("en");
const cues = (text: string) =>
  readTranscript(text).map(({ start, speaker, text: said }) => `${start ?? "-"} ${speaker || "-"} ${said}`);

describe("a recording's text", () => {
  it.each([
    [
      "WebVTT with a header, notes, styles and voices",
      "WEBVTT\n\nNOTE made by hand\n\nSTYLE\n::cue {}\n\n1\n00:00:01.500 --> 00:00:04.000 align:start\n<v Ines>So the <i>brakes</i>\nfirst.\n\n01:02:03.000 --> 01:02:05.000\n<v.loud Dev Raman>Yes.</v>",
      ["1.5 Ines So the brakes first.", "3723 Dev Raman Yes."],
    ],
    [
      "SubRip with commas and labels",
      "1\r\n00:00:01,000 --> 00:00:02,500\r\nINES: We look at pads.\r\n\r\n2\r\n00:00:03,000 --> 00:00:04,000\r\nEvery month.",
      ["1 INES We look at pads.", "3 - Every month."],
    ],
    [
      "captions without empty lines between them, numbered or not",
      "WEBVTT\n\n00:01.000 --> 00:02.000\nOne\n00:02.000 --> 00:03.000\ntwo.\n3\n00:03.000 --> 00:04.000\nThree.\n00:04.000 --> 00:05.000\n00:05.000 --> 00:06.000\nIn 2019 there were\n4",
      ["1 - One", "2 - two.", "3 - Three.", "5 - In 2019 there were 4"],
    ],
    [
      "lines with times",
      "[0:05] Ines: Good morning.\n(12:40) - And now the chain.\n1:00:01\nThe end.",
      ["5 Ines Good morning.", "760 - And now the chain.", "3601 - The end."],
    ],
    [
      "plain lines",
      "One thing.\n\nNote: this is a label, they say.",
      ["- - One thing.", "- Note this is a label, they say."],
    ],
    ["a sentence with a colon in it", "What we do is this: we look.", ["- - What we do is this: we look."]],
    ["nothing", "", []],
    ["a header alone", "WEBVTT\n\n", ["- - WEBVTT"]],
  ])("%s", (_what, text, expected) => expect(cues(text)).toEqual(expected));
  it("is read whatever it holds", () => {
    fc.assert(
      fc.property(
        fc.array(fc.oneof(anyText, fc.constantFrom("\n", "00:01 --> 00:02\n", "0:01 ", "A: "))),
        (parts) => {
          for (const { start, text } of readTranscript(parts.join(""))) {
            expect(text).not.toBe("");
            expect(start === null || Number.isFinite(start)).toBe(true);
          }
        },
      ),
      RUNS,
    );
  });
});

describe("sentences of a recording", () => {
  const spoken = (text: string, dropFillers = false) =>
    spokenSentences(readTranscript(text), { dropFillers }, pack).map(
      ({ text: said, speaker, start }) => `${start ?? "-"} ${speaker || "-"} ${said}`,
    );
  it("run over lines, know their time, and end where another speaks", () =>
    expect(
      spoken("0:01 Ines: we look at the\n0:03 pads. then at the\n0:06 chain\n0:08 Dev: And oil it."),
    ).toEqual(["1 Ines We look at the pads. then at the chain", "8 Dev And oil it."]));
  it.each([
    ["Um, so we, uh, look at it.", "So we look at it."],
    ["It is so. Uh, the pads wear.", "It is so. The pads wear."],
    ["we look, um, the pads wear", "we look, the pads wear"],
    ["The the pads wear, you know, fast.", "The pads wear, fast."],
    ["It is cheap and, you know, the the best.", "It is cheap and the best."],
    ["So, um it works.", "So it works."],
    ["He had had it, and that that is that.", "He had had it, and that that is that."],
    ["The hummer and the umbrella.", "The hummer and the umbrella."],
    ["Um.", "."],
  ])("“%s” without fillers", (text, expected) => expect(withoutFillers(text, pack)).toBe(expected));
  it("keep every word where nothing is to be taken out", () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom("so", "the", "chain.", "Oil", "it", "wet"), { minLength: 1 }),
        (parts) => {
          const said = spokenSentences(
            parts.map((text, i) => ({ start: i, speaker: "", text })),
            { dropFillers: false },
            pack,
          );
          expect(
            said
              .map(({ text }) => text)
              .join(" ")
              .toLowerCase(),
          ).toBe(parts.join(" ").toLowerCase());
        },
      ),
      RUNS,
    );
  });
});

describe("sections of a recording", () => {
  const about = (subject: string, n = 8) =>
    Array.from(
      { length: n },
      (_, i) => `The ${subject} wants a look, and a worn ${subject} tells you ${i} things.`,
    );
  const sections = (lines: string[]) =>
    spokenSections(
      spokenSentences(
        lines.map((text, i) => ({ start: i * 10, speaker: "", text })),
        { dropFillers: false },
        pack,
      ),
      pack,
    );
  it("begin where the subject changes, and are called by what they speak of", () => {
    const parts = sections([...about("brake pad"), ...about("chain")]);
    expect(parts.map(({ sentences }) => sentences.length)).toEqual([8, 8]);
    expect(parts[0]!.heading).toMatch(/brake pad/i);
    expect(parts[1]!.heading).toMatch(/chain/i);
  });
  it.each([
    [[], 0],
    [["One sentence only."], 1],
    [about("chain", 6), 1],
  ])("are never too short", (lines, expected) => expect(sections(lines)).toHaveLength(expected));
  it("become headings, paragraphs and links to their times", () => {
    const doc = transcriptDoc(sections([...about("brake pad"), ...about("chain")]), {
      headings: true,
      speakers: false,
      video: "https://video.example/v?id=4",
    });
    expect(doc.content.map(({ type }) => type).join(" ")).toBe(
      "heading paragraph paragraph paragraph heading paragraph paragraph paragraph",
    );
    expect(JSON.stringify(doc)).toContain("https://video.example/v?id=4#t=80");
  });
  it.each([
    [0, "0:00"],
    [75.9, "1:15"],
    [3723, "1:02:03"],
  ])("%d seconds are %s", (second, expected) => expect(clock(second)).toBe(expected));
  it("a place in a video replaces another", () =>
    expect(videoPlace("https://v.example/a#t=9", 12.7)).toBe("https://v.example/a#t=12"));
});

describe("own words", () => {
  const said = saidWords([
    { text: "We look at the brake pads once a month, in good light.", speaker: "Ines" },
  ]);
  const of = (markdown: string) => {
    const draft = draftOf(markdown);
    const { words, own, others } = ownWordsOf(draft.blocks, said);
    return [own, words, others.map(({ block, start, end }) => draft.blocks[block]!.text.slice(start, end))];
  };
  it.each([
    ["We look at the brake pads once a month.", [9, 9, []]],
    ["WE LOOK AT THE “brake” pads!", [6, 6, []]],
    ["In short, we look at the brake pads often.", [6, 9, ["In short", "often"]]],
    ["Pads brake the at.", [0, 4, ["Pads brake the at"]]],
    ["**Ines:** We look at the brake pads.", [6, 6, []]],
    ["Inessa: we look at the brake pads.", [6, 7, ["Inessa"]]],
    ["## Wholly new heading", [0, 0, []]],
    ["", [0, 0, []]],
  ])("in “%s”", (markdown, expected) => expect(of(markdown)).toEqual(expected));
});
