import { describe, expect, it } from "vitest";
import { originOf, originsOf } from "./origins";

describe("where a sentence was said", () => {
  const origins = originsOf([
    "The brake pad wants a look every month.",
    "A worn brake pad tells you by its sound.",
    "The brake pad wants a look every month.",
    "Oil the chain.",
  ]);
  it.each([
    ["as it was said", "A worn brake pad tells you by its sound.", 1],
    ["with other words about it", "Listen: a worn brake pad tells you everything", 1],
    ["the first of two that say the same", "the brake pad wants a look", 0],
    ["in other letters", "OIL THE CHAIN!", 3],
    ["nowhere", "Unicorns never oil a chain", null],
    ["nowhere, being too short to be anybody's", "brake pad", null],
    ["nowhere, being empty", "", null],
  ])("%s", (_what, sentence, expected) => expect(originOf(sentence, origins)).toBe(expected));
  it("finds nothing in a recording of nothing", () =>
    expect(originOf("The brake pad", originsOf([]))).toBeNull());
});
