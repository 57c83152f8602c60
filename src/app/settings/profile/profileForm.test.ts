import { describe, expect, it } from "vitest";
import { houseProfile } from "../../../core/proof/profile";
import { faultsOf, leavesOf, ownProfile, readProfileText, withValue } from "./profileForm";

const at =
  (...path: (string | number)[]) =>
  (value: number | string) =>
    withValue(houseProfile, path, value);

describe("a profile in a form", () => {
  it("changes one value and nothing else", () => {
    const changed = at("checks", "title-width", "range", 1)(300);
    expect(changed.checks["title-width"].range).toEqual([120, 300, 580, 700]);
    expect(houseProfile.checks["title-width"].range[1]).toBe(285);
    expect(changed.checks.length).toBe(houseProfile.checks.length);
  });

  it("has a leaf for every value", () => {
    expect(leavesOf({ a: 1, b: [2, 3], c: { d: "x" } })).toEqual([
      { path: ["a"], value: 1 },
      { path: ["b", 0], value: 2 },
      { path: ["b", 1], value: 3 },
      { path: ["c", "d"], value: "x" },
    ]);
  });

  it.each([
    ["the house profile", houseProfile, []],
    ["a weight below nothing", at("checks", "length", "weight")(-1), ["checks.length.weight: must be >= 0"]],
    ["a word for a number", at("openingWords")("many"), ["openingWords: must be integer"]],
    [
      "a range that falls",
      at("checks", "title-width", "range", 1)(900),
      ["checks.title-width.range: must rise from left to right"],
    ],
    [
      "a band that falls",
      at("checks", "reading-ease", "bands", "easy", 0)(95),
      ["checks.reading-ease.bands.easy: must rise from left to right"],
    ],
    [
      "all and nothing at once",
      at("checks", "passive-voice", "full")(0.4),
      ["checks.passive-voice.full: must be less than where nothing is earned"],
    ],
  ])("%s: %j", (_what, profile, expected) => {
    expect(faultsOf(profile).map(({ path, says }) => `${path}: ${says}`)).toEqual(expected);
  });

  it("reads JSON, completes what is older, and names the place of a fault", () => {
    expect(readProfileText(JSON.stringify(houseProfile))).toEqual({ profile: houseProfile });
    const { "reading-ease": _new, ...older } = houseProfile.checks;
    expect(readProfileText(JSON.stringify({ ...houseProfile, checks: older }))).toEqual({
      profile: houseProfile,
    });
    expect(readProfileText("{")).toMatchObject({ faults: [{ path: "" }] });
    expect(readProfileText(JSON.stringify({ ...houseProfile, nmae: 1 }))).toMatchObject({
      faults: [{ path: "", says: "there is no field “nmae”" }],
    });
  });

  it("is one's own from the first change, a version more each time", () => {
    const first = ownProfile(at("openingWords")(80), houseProfile);
    expect(first).toMatchObject({ id: "own", name: "Own profile", version: 1 });
    expect(ownProfile({ ...first, openingWords: 70 }, first)).toMatchObject({ id: "own", version: 2 });
  });
});
