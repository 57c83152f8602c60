import { describe, expect, it } from "vitest";
import { fileSize, MEDIA_TYPES, mayBe, mediaType, mediaTypeOfName } from "./mediaTypes";

describe("kinds of files", () => {
  it("have one ending each, and none is a page, a script or a program", () => {
    expect(new Set(MEDIA_TYPES.map(({ ending }) => ending)).size).toBe(MEDIA_TYPES.length);
    expect(new Set(MEDIA_TYPES.map(({ type }) => type)).size).toBe(MEDIA_TYPES.length);
    for (const name of ["a.html", "a.svg", "a.js", "a.exe", "a.xhtml", "a.bat", "pdf", "a.", ""])
      expect(mediaTypeOfName(name), name).toBeUndefined();
  });

  it.each([
    ["Checklist.PDF", "application/pdf"],
    ["a.b.jpeg", "image/jpeg"],
    ["what it costs.csv", "text/csv"],
  ])("%s is %s", (name, type) => {
    expect(mediaTypeOfName(name)?.type).toBe(type);
    expect(mediaType(type)?.type).toBe(type);
  });

  it.each([
    ["application/pdf", "application/pdf", true],
    ["application/pdf", "application/x-msdownload", false],
    ["application/pdf", undefined, false],
    ["text/csv", undefined, true],
    ["text/csv", "application/x-elf", false],
    ["application/gpx+xml", "application/xml", true],
    ["application/gpx+xml", "application/zip", false],
    ["audio/ogg", "audio/opus", true],
    ["audio/mpeg", "video/mp4", false],
  ])("a file named as %s whose bytes say %s may be it: %s", (type, detected, may) => {
    expect(mayBe(type, detected)).toBe(may);
  });

  it.each([
    [0, "0 B"],
    [999, "999 B"],
    [1000, "1 kB"],
    [2340, "2.3 kB"],
    [231_400, "231 kB"],
    [4_120_000, "4.1 MB"],
  ])("%i bytes are %s", (bytes, says) => {
    expect(fileSize(bytes)).toBe(says);
  });
});
