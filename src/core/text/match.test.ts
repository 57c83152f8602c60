import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { defaultProfile } from "../proof/profile";
import { anyText } from "../testing/arbitraries";
import { RUNS } from "../testing/runs";
import { analyseText } from "./analyse";
import { compileKeyword } from "./keyword";
import { languagePack } from "./language";
import { bestOccurrence, findKeyword } from "./match";

const pack = languagePack("en");

function find(text: string, keyword: string, whole = false) {
  const compiled = compileKeyword(keyword, pack);
  return compiled ? findKeyword(analyseText(text, pack), compiled, defaultProfile.matching, pack, whole) : [];
}
const forms = (text: string, keyword: string, whole = false): string[] =>
  find(text, keyword, whole).map(({ form, start, end }) => `${form}: ${text.slice(start, end)}`);

describe("a keyword", () => {
  it.each([
    ["Our cargo bike.", "cargo bike", ["exact: cargo bike"]],
    ["CARGO  Bïke", "cargo bike", ["exact: CARGO  Bïke"]],
    ["Two cargo bikes", "cargo bike", ["inflected: cargo bikes"]],
    ["Bikes for cargo", "cargo bike", ["close: Bikes for cargo"]],
    // A hyphenated word matches parted and joined.
    ["a cargo-bike", "cargo bike", ["exact: cargo-bike"]],
    ["an e-mail", "email", ["exact: e-mail"]],
    ["an email", "e-mail", ["exact: email"]],
    ["ebike and e-bikes", "e-bike", ["exact: ebike", "inflected: e-bikes"]],
    // The window is the keyword's length and three words more, and two where something links them.
    ["bike for my heavy cargo", "cargo bike", ["close: bike for my heavy cargo"]],
    ["bike for my own really rather heavy old cargo", "cargo bike", []],
    // Close matches stay inside one sentence.
    ["A bike. Cargo.", "cargo bike", []],
    ["Cargo. Bike", "cargo bike", []],
    // Small words between and around do not matter to a close match.
    ["bike for families", "bikes for the family", ["close: bike for families"]],
    // The better form wins, then the earlier; none overlap.
    ["cargo bike cargo bike", "cargo bike", ["exact: cargo bike", "exact: cargo bike"]],
    ["bike cargo bike", "cargo bike", ["exact: cargo bike"]],
    // A word that is a form of another too counts as that form beside other words of the keyword only.
    ["The glasses that we found", "find glasses", ["close: glasses that we found"]],
    ["Glasses we find", "found glasses", ["close: Glasses we find"]],
    ["What we found", "find", []],
    ["Found a company", "found", ["exact: Found"]],
    // Compounds are written apart and together.
    ["The carwash", "car wash", ["exact: carwash"]],
    ["Two car washes", "carwash", ["inflected: car washes"]],
    ["a mobile carwash near you", "mobile car wash", ["exact: mobile carwash"]],
    ["In the car, wash your hands", "carwash", []],
    ["Set apart", "a part", []],
    ["She may be late", "maybe", []],
    // Words of paths and addresses are no words of the text.
    ["The files under /usr/share/bikes", "share files", []],
    ["Share files with /srv/files", "share files", ["exact: Share files"]],
    ["https://page.example/cargo-bike", "cargo bike", []],
    ["See ~/cargo/bike and a cargo/bike", "cargo bike", ["exact: cargo/bike"]],
    ["Mount /dev/sda1 with /dev/sda1", "/dev/sda1", ["exact: dev/sda1", "exact: dev/sda1"]],
    // Signs make other words.
    ["C++ and C# and C", "c++", ["exact: C++"]],
    ["C++ and C# and C", "c", ["exact: C"]],
    ["Learn C#.", "c# course", []],
    [".NET is no net", "net", ["exact: net"]],
    ["A .NET course", ".net course", ["exact: .NET course"]],
    ["It ends here. Net gains", "net gains", ["exact: Net gains"]],
    ["A 24/7 plumber, 24 pipes and 7 taps", "24/7", ["exact: 24/7"]],
    ["On 24/7 we came", "7", []],
    ["A 1:1 call, not 1 to 1", "1:1", ["exact: 1:1"]],
    // What stands close together is looked at once more: is it used as the keyword uses it?
    ["They permit dogs in the building", "building permit", []],
    ["You need a permit for the building", "building permit", ["close: permit for the building"]],
    ["Cover the letter box", "cover letter", []],
    ["Wash the car", "car wash", ["close: Wash the car"]],
    ["The car was washed", "car wash", []],
    ["The subject lined up", "subject line", []],
    ["The company moved us", "moving company", []],
    ["The class cooked up a plan", "cooking class", []],
    ["The speaker stood up", "speaker stand", []],
    ["How to care for leather", "leather care", ["close: care for leather"]],
    ["Renovating the kitchen", "renovate kitchen", ["close: Renovating the kitchen"]],
    ["The choice of a mattress", "choose a mattress", ["close: choice of a mattress"]],
    ["The train for the sales team", "sales training", []],
    ["In spring we air the mattress", "spring mattress", []],
    ["A mattress; in spring", "spring mattress", []],
    ["A scheme with a permit office for parking", "parking permit", []],
    ["The account of the bank", "bank account", ["close: account of the bank"]],
    ["A bank, on account of the flood", "bank account", []],
    ["A table with two glasses", "glass table", []],
    ["Logged in twice", "log in", ["inflected: Logged in"]],
    ["Your login", "log in", ["exact: login"]],
    ["A log for the fire", "log in", []],
    ["An old mine has a shaft", "mine shaft", ["close: mine has a shaft"]],
    ["That shaft is mine", "mine shaft", []],
    ["Furniture, customised by hand", "custom furniture", ["close: Furniture, customised"]],
    ["We generate more leads", "lead generation", ["close: generate more leads"]],
    // A keyword of small words only is matched exactly.
    ["what is what", "what is", ["exact: what is"]],
    ["is what", "what is", []],
    ["université", "universite", ["exact: université"]],
    ["", "cargo bike", []],
    ["cargo bike", "", []],
    ["cargo bike", "🚲", []],
  ])("in %j, %j", (text, keyword, expected) => {
    expect(forms(text, keyword)).toEqual(expected);
  });

  it.each([
    ["Legen Sie Ihr Geld in Gold an", "Geld anlegen", "close: Legen Sie Ihr Geld in Gold an"],
    ["Holztische", "Tische aus Holz", "exact: Holztische"],
    ["Eine geplante Reise", "Reise planen", "close: geplante Reise"],
    ["Das Schiff legte an, das Geld war fort", "Geld anlegen", undefined],
    ["Die Macht des Feuers", "Feuer machen", undefined],
    ["Die Planung unserer Hochzeit", "Hochzeit planen", "close: Planung unserer Hochzeit"],
    ["Die Zeiten, in denen er las", "Zeitung lesen", undefined],
    ["Wasser Filter", "Wasserfilter", "exact: Wasser Filter"],
    ["Das Wasser filtert durch den Sand", "Wasserfilter", undefined],
    ["Farbe für außen", "Außenfarbe", "close: Farbe für außen"],
    ["Karten zum Wandern", "Wanderkarte", "close: Karten zum Wandern"],
    ["Er suchte Schutz, als der Brand ausbrach", "Brandschutz", undefined],
  ])("in German, in %j, %j", (text, keyword, expected) => {
    const german = languagePack("de");
    const [first] = findKeyword(
      analyseText(text, german),
      compileKeyword(keyword, german)!,
      defaultProfile.matching,
      german,
    );
    expect(first && `${first.form}: ${text.slice(first.start, first.end)}`).toBe(expected);
  });

  it.each([
    [
      "Cargo goes in. Nobody misses the bike.",
      "cargo bike",
      ["scattered: Cargo goes in. Nobody misses the bike"],
    ],
    ["Only cargo", "cargo bike", []],
    ["The cargo bike and cargo. Then a bike", "cargo bike", ["exact: cargo bike"]],
  ])("in the whole field %j, %j", (text, keyword, expected) => {
    expect(forms(text, keyword, true)).toEqual(expected);
  });

  it("is found in places that are inside the text, in order, and never overlap", () => {
    const keyword = fc.constantFrom(
      "cargo bike",
      "electric cargo bike for families",
      "e-bike",
      "the",
      "bike bike",
      "café",
      "東京",
    );
    fc.assert(
      fc.property(anyText, anyText, keyword, fc.boolean(), (a, b, keyword, whole) => {
        const text = `${a} ${keyword} ${b}`;
        const matches = find(text, keyword, whole);
        let last = 0;
        for (const { start, end, value } of matches) {
          expect(start).toBeGreaterThanOrEqual(last);
          expect(end).toBeGreaterThan(start);
          expect(value).toBeGreaterThan(0);
          last = end;
        }
        expect(last).toBeLessThanOrEqual(text.length);
      }),
      RUNS,
    );
  });

  // Looking at the whole sentence for each place takes the first of these a minute and more.
  it.each([
    ["cheap car hire", "he hired a car with cheap bikes "],
    ["open a bank account", "the bank opened an account book "],
    ["bike lock", "she sold the lock with the bike and "],
  ])(
    "looks at the words around only, in a sentence as long as a text: %s",
    (keyword, nearly) => {
      expect(() => find(nearly.repeat(12_000), keyword)).not.toThrow();
    },
    20_000,
  );

  // Whether a text has capitals or accents at all is asked once of it: at each place, it takes a minute of the German one.
  it.each([
    ["de", "Fahrrad", "das fahrrad steht im hof. "],
    ["fr", "étude de marché", "une etude de marche vaut mieux. "],
  ])(
    "%s: is found in a long text without a capital or an accent in time that grows with its length",
    (language, keyword, sentence) => {
      const other = languagePack(language);
      const text = analyseText(sentence.repeat(24_000), other);
      const found = findKeyword(text, compileKeyword(keyword, other)!, defaultProfile.matching, other);
      expect(found).toHaveLength(24_000);
    },
    20_000,
  );

  it("is best where it is worth most, then where it stands first", () => {
    const at = (value: number, start: number) => ({ form: "close" as const, value, start, end: start + 1 });
    expect(bestOccurrence([at(0.8, 0), at(1, 5), at(1, 9)])).toMatchObject({ start: 5 });
    expect(bestOccurrence([])).toBeNull();
  });
});
