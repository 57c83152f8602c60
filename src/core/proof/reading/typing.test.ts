/** A text that has changed a little is read from the change on, and what comes out is what reading all of it gives. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { RUNS } from "../../testing/runs";
import { analyseText } from "../../text/analyse";
import { compileKeyword } from "../../text/keyword";
import { languagePack } from "../../text/language";
import { findKeyword } from "../../text/match";
import { defaultProfile } from "../profile";
import { usesIn } from "./usesIn";

/** What tells where words and sentences end, and keywords in all their forms. */
const PIECES = [
  ..."a .,-/+#'’\n",
  ". ",
  "? ",
  "! “",
  "” ",
  "e.g. ",
  "z. B. ",
  "Dr. ",
  "C++ and C# ",
  ".NET ",
  "24/7 ",
  "e-mail ",
  "car wash ",
  "carwash ",
  "the cargo bike ",
  "Cargo bikes, ",
  "a bike that takes cargo ",
  "bikes were bought for cargo. ",
  "Das Lastenrad ",
  "ein Rad für Lasten. ",
  "d'une piste cyclable ",
  "les pistes étaient cyclables. ",
  "it is on no account ",
  "and then he washed the car, ",
  "東京の自転車。",
  "😀 ",
  "é́ ",
  "\u00AD",
  "word ",
  "Another sentence. ",
  "3.5 metres ",
];
const anyText = fc.array(fc.constantFrom(...PIECES), { maxLength: 40 }).map((pieces) => pieces.join(""));
const KEYWORDS = ["cargo bike", "car wash", "Lastenrad", "piste cyclable", "c++", "e-mail", "on account"];
const LANGUAGES = ["en", "de", "fr", "xx"];

/** A text before and after somebody wrote in it, or took something out. */
const edit = fc
  .record({ text: anyText, at: fc.nat(), out: fc.nat({ max: 12 }), written: anyText, letters: fc.nat(6) })
  .map(({ text, at, out, written, letters }) => {
    const place = at % (text.length + 1);
    return {
      before: text,
      after: text.slice(0, place) + written.slice(0, letters) + text.slice(place + out),
    };
  });

describe("a text that has changed a little", () => {
  it("is cut into the tokens and sentences that it has", () => {
    fc.assert(
      fc.property(edit, fc.constantFrom(...LANGUAGES), ({ before, after }, language) => {
        const pack = languagePack(language);
        expect(analyseText(after, pack, analyseText(before, pack))).toEqual(analyseText(after, pack));
      }),
      RUNS,
    );
  });

  it("has the uses of the keyword that it has", () => {
    const { matching } = defaultProfile;
    fc.assert(
      fc.property(
        edit,
        fc.constantFrom(...LANGUAGES),
        fc.constantFrom(...KEYWORDS),
        ({ before, after }, language, wanted) => {
          const pack = languagePack(language);
          const keyword = compileKeyword(wanted, pack)!;
          const analysed = analyseText(before, pack);
          const uses = findKeyword(analysed, keyword, matching, pack);
          const soFar = { pack, keyword, values: matching, analysed, uses };
          const now = analyseText(after, pack, analysed);
          expect(usesIn(now, keyword, matching, pack, soFar)).toEqual(
            findKeyword(analyseText(after, pack), keyword, matching, pack),
          );
        },
      ),
      RUNS,
    );
  });

  it("keeps the very tokens that stand before the change", () => {
    const pack = languagePack("en");
    const text = "One sentence here. Another one that goes on";
    const before = analyseText(text, pack);
    const after = analyseText(`${text} and on`, pack, before);
    expect(after.tokens.slice(0, 6).every((token, i) => token === before.tokens[i])).toBe(true);
  });

  it("is read anew where the keyword or the profile is another", () => {
    const pack = languagePack("en");
    const { matching } = defaultProfile;
    const analysed = analyseText("A cargo bike is long. A trailer is longer.", pack);
    const keyword = compileKeyword("cargo bike", pack)!;
    const soFar = { pack, keyword, values: matching, analysed, uses: [] };
    const other = compileKeyword("trailer", pack)!;
    expect(usesIn(analysed, other, matching, pack, soFar)).toHaveLength(1);
    expect(usesIn(analysed, keyword, { ...matching }, pack, soFar)).toHaveLength(1);
  });
});
