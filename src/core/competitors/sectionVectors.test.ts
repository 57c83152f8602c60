import { expect, it } from "vitest";
import { product } from "./clusters";
import { frequenciesOf } from "./frequencies/frequencies";
import { sectionVectors } from "./sectionVectors";

const sections = (...texts: string[]) =>
  sectionVectors(
    texts.map((text, page) => ({ page, uses: new Map(text.split(" ").map((word) => [word, 1])) })),
    frequenciesOf("en"),
  );
const alike = (a: string, b: string, ...others: string[]) => {
  const [one, other] = sections(a, b, ...others);
  return product(one!, other!);
};

it("finds sections alike that say the same, and nothing alike in others", () => {
  expect(alike("derailleur hanger", "derailleur hanger", "puncture pannier")).toBeCloseTo(1, 9);
  expect(alike("derailleur hanger", "puncture pannier", "puncture hanger")).toBe(0);
});

it("does not find two short sections alike for the one word that they share", () => {
  const short = alike(
    "derailleur sprocket freewheel cassette bracket",
    "derailleur puncture pannier mudguard saddle",
    "kettle",
  );
  const long = alike("derailleur sprocket freewheel", "derailleur sprocket pannier", "kettle");
  expect(short).toBeLessThan(0.8);
  expect(long).toBeGreaterThan(short);
});

it("weighs most what few sections say", () => {
  const [first, second, third] = sections(
    "derailleur hanger",
    "derailleur pannier",
    "hanger pannier",
    "hanger",
  );
  expect(product(first!, second!)).toBeGreaterThan(product(first!, third!));
});

it("has nothing for a section that says nothing", () => expect(sections("", "kettle")[0]!.size).toBe(0));
