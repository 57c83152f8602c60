import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { RUNS } from "../testing/runs";
import { fittingOf } from "./fitting";
import { carriesMetadata } from "./metadata";

const bytes = (...parts: (string | number[])[]): Uint8Array =>
  new Uint8Array(
    parts.flatMap((part) => (typeof part === "string" ? [...part].map((c) => c.charCodeAt(0)) : part)),
  );
const PNG = bytes([0x89], "PNG", [13, 10, 26, 10], [0, 0, 0, 1], "IHDR", [7, 0, 0, 0, 0]);

describe("metadata", () => {
  it.each([
    [
      "a JPEG with Exif",
      bytes([0xff, 0xd8, 0xff, 0xe0, 0, 4, 1, 2, 0xff, 0xe1, 0, 10], "Exif", [0, 0, 1, 2]),
      true,
    ],
    ["a JPEG with XMP", bytes([0xff, 0xd8, 0xff, 0xe1, 0, 10], "http://a"), true],
    ["a JPEG without", bytes([0xff, 0xd8, 0xff, 0xe0, 0, 4, 1, 2, 0xff, 0xda], "Exif"), false],
    ["a JPEG that breaks off", bytes([0xff, 0xd8, 0xff, 0xe1]), false],
    ["a JPEG with a length of zero", bytes([0xff, 0xd8, 0xff, 0xe0, 0, 0, 0xff, 0xe1]), false],
    ["a PNG with Exif", bytes([...PNG], [0, 0, 0, 1], "eXIf", [1]), true],
    ["a PNG without", PNG, false],
    [
      "a WebP with Exif",
      bytes("RIFF", [9, 0, 0, 0], "WEBP", "VP8X", [1, 0, 0, 0, 9, 0], "EXIF", [0, 0, 0, 0]),
      true,
    ],
    ["a WebP without", bytes("RIFF", [9, 0, 0, 0], "WEBP", "VP8 ", [1, 0, 0, 0, 9, 0]), false],
    ["no picture", bytes("Exif"), false],
    ["nothing", bytes(), false],
  ])("in %s: %s", (_what, file, expected) => expect(carriesMetadata(file as Uint8Array)).toBe(expected));
  it("is looked for in any bytes without a throw, and without end", () => {
    const heads = fc.constantFrom(
      bytes([0xff, 0xd8]),
      bytes([0x89], "PNG", [0, 0, 0, 0]),
      bytes("RIFF1234WEBP"),
    );
    fc.assert(
      fc.property(heads, fc.uint8Array({ maxLength: 60 }), (head, rest) => {
        carriesMetadata(new Uint8Array([...head, ...rest]));
      }),
      RUNS,
    );
  });
});

describe("fitting a picture", () => {
  const facts = { type: "image/jpeg", width: 1200, height: 800, bytes: 100_000, metadata: false };
  it.each([
    ["a good one stays", {}, null],
    ["a wide one is narrowed in proportion", { width: 4000, height: 3000 }, { width: 1600, height: 1200 }],
    ["a heavy one is written anew in its size", { bytes: 900_000 }, { width: 1200, height: 800 }],
    ["one with metadata too", { metadata: true }, { width: 1200, height: 800 }],
    ["an animation stays", { type: "image/gif", bytes: 900_000 }, null],
    ["a line keeps its pixel", { width: 40_000, height: 1 }, { width: 1600, height: 1 }],
    ["nothing stays nothing", { width: 0, height: 0, bytes: 900_000 }, null],
  ])("%s", (_what, change, expected) => expect(fittingOf({ ...facts, ...change })).toEqual(expected));
});
