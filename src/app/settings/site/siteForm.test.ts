import { describe, expect, it } from "vitest";
import { emptySite } from "../../../data/settings";
import { changeOf, faultOf, formOf, type SiteFieldName } from "./siteForm";

describe("the site as a form", () => {
  it("comes back as it went in", () => {
    const site = { ...emptySite, categories: ["Care", "Tests"], pages: ["/about/"], overlapLimit: 40 };
    const form = formOf(site);
    const back = { ...emptySite };
    for (const [name, text] of Object.entries(form))
      Object.assign(back, changeOf[name as SiteFieldName](text));
    expect(back).toEqual(site);
  });

  it.each<[SiteFieldName, string, boolean]>([
    ["origin", "https://my-site.example", true],
    ["origin", "my-site.example", true],
    ["origin", "javascript:alert(1)", false],
    ["origin", "", false],
    ["basePath", "/", true],
    ["basePath", "/blog/", true],
    ["basePath", "/blog", false],
    ["basePath", "/a b/", false],
    ["language", "fr-CA", true],
    ["language", "English, please", false],
    ["overlapLimit", "0", true],
    ["overlapLimit", "101", false],
    ["overlapLimit", "many", false],
  ])("%s “%s” is sound: %s", (name, text, sound) => expect(faultOf[name]!(text) === null).toBe(sound));

  it("takes each line once, without blanks", () =>
    expect(changeOf.categories(" Care \n\nTests\nCare\n")).toEqual({ categories: ["Care", "Tests"] }));
});
