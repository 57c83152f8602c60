import { expect, it } from "vitest";
import { isFurnitureHeading } from "./furniture";
import { languagePack } from "./language";

it.each([
  ["en", "Questions", true],
  ["en", "2 answers", true],
  ["en", "1 comment", true],
  ["en", "14 Comments:", true],
  ["de", "3 Antworten", true],
  ["fr", "12 commentaires", true],
  ["en", "2 answers to a cold start", false],
  ["en", "3 gears", false],
  ["en", "7", false],
  ["en", "", false],
])("in %s, “%s” names a kind of section: %s", (language, heading, expected) => {
  expect(isFurnitureHeading(heading, languagePack(language))).toBe(expected);
});
