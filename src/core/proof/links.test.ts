import { describe, expect, it } from "vitest";
import { draftOf } from "../testing/draftOf";
import { languagePack } from "../text/language";
import { noContext } from "./context";
import { coverageRules } from "./coverageRules";
import { isFileName, isMadeOfWords } from "./fileNames";
import { targetResolver } from "./linkTargets";
import { defaultProfile } from "./profile";
import { readDraft } from "./reading/readDraft";

describe("what a link points to", () => {
  const resolve = (href: string, canonical = "https://www.shop.example/journal/care/", slug = "care") =>
    targetResolver(
      readDraft(
        draftOf("", { canonical, slug }),
        noContext,
        defaultProfile,
        languagePack("en"),
        coverageRules(defaultProfile),
      ),
    )(href);
  it.each([
    ["/journal/locks", { kind: "internal", path: "/journal/locks" }],
    ["locks/", { kind: "internal", path: "/journal/care/locks" }],
    ["../locks?x=1", { kind: "internal", path: "/journal/locks" }],
    ["https://shop.example/journal/locks/", { kind: "internal", path: "/journal/locks" }],
    ["//shop.example/a/index.html", { kind: "internal", path: "/a" }],
    ["HTTPS://SHOP.EXAMPLE/a", { kind: "internal", path: "/a" }],
    ["/", { kind: "home" }],
    ["https://shop.example", { kind: "home" }],
    ["#part", { kind: "self", fragment: "part" }],
    ["#caf%C3%A9", { kind: "self", fragment: "café" }],
    ["/journal/care#part", { kind: "self", fragment: "part" }],
    ["https://a.example/x", { kind: "external", secure: true }],
    ["http://a.example/x", { kind: "external", secure: false }],
    ["https://localhost:8080/x", { kind: "external", secure: true }],
    ["mailto:a@b.example", { kind: "contact" }],
    ["tel:+100", { kind: "contact" }],
    ["webcal:x", { kind: "contact" }],
    ["", { kind: "broken", why: "is empty" }],
    [" \n ", { kind: "broken", why: "is empty" }],
    ["mailto:", { kind: "broken" }],
    ["javascript:alert(1)", { kind: "broken", why: "runs a script or opens data" }],
    ["java\nscript:alert(1)", { kind: "broken", why: "runs a script or opens data" }],
    ["data:text/html,x", { kind: "broken" }],
    ["https://", { kind: "broken", why: "is not a valid address" }],
    ["http:/a.example", { kind: "broken" }],
    ["https://a b.example", { kind: "broken" }],
    ["https://nodot/x", { kind: "broken" }],
  ])("%j", (href, expected) => expect(resolve(href)).toMatchObject(expected));
  it("knows its own page by the slug where no address is known", () => {
    expect(resolve("/blog/care#a", "", "care")).toMatchObject({ kind: "self", fragment: "a" });
    expect(resolve("/blog/other", "", "care")).toMatchObject({ kind: "internal" });
  });
});

describe("file names", () => {
  it.each([
    ["family-cargo-bike.jpg", true],
    ["FamilyBike.webp", true],
    ["vélo.png", true],
    ["bike2.jpg", true],
    ["IMG_2041.jpg", false],
    ["IMG-20240101-WA0001.jpg", false],
    ["DSC00012.JPG", false],
    ["Screenshot 2026-01-02 at 10.11.12.png", false],
    ["image.png", false],
    ["9f86d081884c7d659a2f.jpg", false],
    ["a1b2c3d4e5.png", false],
    ["12.jpg", false],
    ["", false],
  ])("%j is made of words: %s", (name, words) => expect(isMadeOfWords(name)).toBe(words));
  it.each([
    ["IMG_2041", "x.jpg", true],
    ["red-bike.jpg", "x.jpg", true],
    ["red-bike", "red-bike.png", true],
    ["Red bike", "red-bike.png", false],
    ["Locks", "locks.png", false],
  ])("the alt text %j of %j is a file name: %s", (alt, file, is) => expect(isFileName(alt, file)).toBe(is));
});
