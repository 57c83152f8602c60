import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { RUNS } from "../testing/runs";
import { languagePack } from "../text/language";
import { covering, isWhole, partInPixels } from "./crop";
import { suggestedFileName, tidyFileName } from "./fileName";
import { focusPoint, objectPosition, readFocus, writeFocus } from "./focus";

const en = languagePack("en");

describe("a focus", () => {
  it.each(["0 0", "100 100", "40 5"])("is kept as it is: %s", (focus) =>
    expect(readFocus(focus)).toBe(focus),
  );
  it.each(["101 0", "-1 0", "4", "4 5 6", "4.5 5", " 4 5", "url(x) 5", null, 4, {}])("is none: %s", (value) =>
    expect(readFocus(value)).toBeNull(),
  );
  it("is written so that it reads back, whatever the numbers", () =>
    fc.assert(
      fc.property(fc.double(), fc.double(), (x, y) => {
        expect(readFocus(writeFocus(x, y))).toBe(writeFocus(x, y));
      }),
      RUNS,
    ));
  it("stands in the middle where there is none", () => {
    expect(focusPoint(null)).toEqual({ x: 50, y: 50 });
    expect(objectPosition(null)).toBe("50% 50%");
    expect(objectPosition("10 90")).toBe("10% 90%");
  });
});

describe("a part of a picture", () => {
  const percent = fc.double({ min: -20, max: 120, noNaN: true });
  const side = fc.integer({ min: 1, max: 5000 });
  it("lies inside the picture in whole pixels, and is never empty", () =>
    fc.assert(
      fc.property(percent, percent, percent, percent, side, side, (x, y, width, height, w, h) => {
        const part = partInPixels({ x, y, width, height }, w, h);
        expect(Object.values(part).every(Number.isInteger)).toBe(true);
        expect(part.left >= 0 && part.top >= 0 && part.width >= 1 && part.height >= 1).toBe(true);
        expect(part.left + part.width <= w && part.top + part.height <= h).toBe(true);
      }),
      RUNS,
    ));
  it("is the whole where nothing is cut off", () => {
    expect(isWhole({ x: 0, y: 0, width: 100, height: 100 }, 640, 480)).toBe(true);
    expect(isWhole({ x: 0, y: 0, width: 99, height: 100 }, 640, 480)).toBe(false);
  });
  it.each([
    ["a band of a tall picture, from its top", 100, 400, 2, { x: 50, y: 0 }, [0, 0, 100, 50]],
    ["a square of a wide one, from its right end", 400, 100, 1, { x: 100, y: 0 }, [300, 0, 100, 100]],
    ["all of one of the same shape", 300, 150, 2, { x: 10, y: 10 }, [0, 0, 300, 150]],
  ] as const)("fills a frame: %s", (_what, width, height, aspect, focus, [left, top, wide, high]) =>
    expect(covering(width, height, aspect, focus)).toEqual({ left, top, width: wide, height: high }),
  );
});

describe("a file's name", () => {
  const named = (alt: string, caption = "", fileName = "IMG_2041.JPG") => ({ alt, caption, fileName });
  it.each([
    ["of the alt text", named("Two children in a box bike"), "", "two-children-in-a-box-bike.jpg"],
    ["of the caption", named("", "The pads, worn to the metal"), "", "the-pads-worn-to-the-metal.jpg"],
    ["of the title", named("", ""), "Winter cycling", "winter-cycling.jpg"],
    ["without an ending where the file has none", named("A lock", "", "photo"), "", "a-lock"],
    ["in letters of the language", named("Øl og sæl"), "", "ol-og-sael.jpg"],
  ])("is suggested %s", (_what, picture, title, expected) =>
    expect(suggestedFileName(picture, title, en)).toBe(expected),
  );
  it("is not suggested where nothing says what it shows", () =>
    expect(suggestedFileName(named(""), "", en)).toBeNull());
  it.each([
    ["My Bike!", "a.webp", "my-bike.webp"],
    ["my-bike.webp", "a.webp", "my-bike.webp"],
    ["../../etc/passwd", "a.webp", "etc-passwd.webp"],
    ["Fahrräder", "a.png", "fahrräder.png"],
    ["  ", "a.webp", null],
    ["…", "a.webp", null],
  ])("is made tidy: %s", (typed, fileName, expected) => expect(tidyFileName(typed, fileName)).toBe(expected));
});
