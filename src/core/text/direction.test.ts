import { expect, it } from "vitest";
import { directionOf } from "./direction";

it.each([
  ["he", "rtl"],
  ["ar-EG", "rtl"],
  ["fa_IR", "rtl"],
  ["az-Arab-IR", "rtl"],
  ["ar-Latn", "ltr"],
  ["EN", "ltr"],
  ["de-CH", "ltr"],
  ["", "ltr"],
])("%j is written %s", (tag, direction) => expect(directionOf(tag)).toBe(direction));
