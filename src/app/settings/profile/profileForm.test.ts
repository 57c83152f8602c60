import { describe, expect, it } from "vitest";
import { defaultProfile } from "../../../core/proof/profile";
import { checks } from "../../../core/proof/registry";
import { fieldsOf } from "../../../core/proof/thresholdFields";
import { faultsOf, ownProfile, readProfileText, withValue } from "./profileForm";

const flat = (value: unknown): unknown[] =>
  typeof value === "object" && value !== null ? Object.values(value).flatMap(flat) : [value];

const at =
  (...path: (string | number)[]) =>
  (value: number | string) =>
    withValue(defaultProfile, path, value);

describe("a profile in a form", () => {
  it("changes one value and nothing else", () => {
    const changed = at("checks", "title-width", "range", 1)(300);
    expect(changed.checks["title-width"].range).toEqual([120, 300, 580, 700]);
    expect(defaultProfile.checks["title-width"].range[1]).toBe(285);
    expect(changed.checks.length).toBe(defaultProfile.checks.length);
  });

  it("has a field for every value that it holds, each with a name of its own", () => {
    for (const { id, thresholds } of checks) {
      const fields = fieldsOf(thresholds);
      const { weight: _weight, ...values } = defaultProfile.checks[id] as { weight: number };
      expect(
        fields.map(({ path }) => path.reduce<unknown>((part, key) => (part as never)[key], values)),
      ).toEqual(flat(values));
      expect(new Set(fields.map(({ label, unit }) => `${label} ${unit}`)).size).toBe(fields.length);
      for (const { label } of fields) expect(label).toMatch(/^[A-Z]/);
    }
  });

  it.each([
    ["the default profile", defaultProfile, []],
    ["a weight below nothing", at("checks", "length", "weight")(-1), ["checks.length.weight: must be >= 0"]],
    ["a word for a number", at("openingWords")("many"), ["openingWords: must be integer"]],
    [
      "a range that falls",
      at("checks", "title-width", "range", 1)(900),
      ["checks.title-width.range: must increase from left to right"],
    ],
    [
      "a band that falls",
      at("checks", "reading-ease", "bands", "easy", 0)(95),
      ["checks.reading-ease.bands.easy: must increase from left to right"],
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
    expect(readProfileText(JSON.stringify(defaultProfile))).toEqual({ profile: defaultProfile });
    const { "reading-ease": _new, ...older } = defaultProfile.checks;
    expect(readProfileText(JSON.stringify({ ...defaultProfile, checks: older }))).toEqual({
      profile: defaultProfile,
    });
    expect(readProfileText("{")).toMatchObject({ faults: [{ path: "" }] });
    expect(readProfileText(JSON.stringify({ ...defaultProfile, nmae: 1 }))).toMatchObject({
      faults: [{ path: "", says: "there is no field “nmae”" }],
    });
  });

  it("is one's own from the first change, a version more each time", () => {
    const first = ownProfile(at("openingWords")(80), defaultProfile);
    expect(first).toMatchObject({ id: "own", name: "Own profile", version: 1 });
    expect(ownProfile({ ...first, openingWords: 70 }, first)).toMatchObject({ id: "own", version: 2 });
  });
});
