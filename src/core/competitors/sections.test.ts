import { expect, it } from "vitest";
import { draftFromMarkdown } from "../draft/fromMarkdown";
import { sectionsOf } from "./sections";

it.each([
  ["11.2.1. Winter tyres", "Winter tyres"],
  ["11.2.1 Winter tyres", "Winter tyres"],
  ["2.1 Installation", "Installation"],
  ["3) Brakes", "Brakes"],
  ["4\\. Chains", "Chains"],
  ["3.5 mm plugs", "3.5 mm plugs"],
  ["2.4 GHz radios", "2.4 GHz radios"],
  ["10 ways to save", "10 ways to save"],
  ["2026. A year", "A year"],
  ["24/7", "24/7"],
  ["7.", "7."],
])("a heading %j says %j", (heading, text) => {
  const [section] = sectionsOf(draftFromMarkdown(`## ${heading}\n\nText.\n`).blocks);
  expect(section!.text).toBe(text);
});
