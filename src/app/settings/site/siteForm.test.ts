import { describe, expect, it } from "vitest";
import { pageAt } from "../../../core/site/site";
import { emptySite } from "../../../data/settings";
import { changeOf, faultOf, formOf, type SiteFieldName } from "./siteForm";

describe("the site as a form", () => {
  it("comes back as it went in", () => {
    const site = {
      ...emptySite,
      categories: [
        { id: "c", name: "Care", slug: "care-and-repair", description: "How to mend it.", parent: null },
        { id: "b", name: "Batteries", slug: "batteries", description: "", parent: "c" },
      ],
      authors: [{ name: "Ines Okoro", slug: "ines", biography: "Writes.", guest: true }],
      pages: [{ ...pageAt("/about/"), title: "About us" }],
      overlapLimit: 40,
    };
    const form = formOf(site);
    const back = { ...emptySite };
    for (const [name, text] of Object.entries(form))
      Object.assign(back, changeOf[name as SiteFieldName](text, site));
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
    ["pages", "/\n/about", true],
    ["pages", "about", false],
    ["timeZone", "Europe/Paris", true],
    ["timeZone", "Europe", false],
    ["timeZone", "", false],
    ["language", "fr-CA", true],
    ["language", "English, please", false],
    ["overlapLimit", "0", true],
    ["overlapLimit", "101", false],
    ["overlapLimit", "many", false],
  ])("%s “%s” is sound: %s", (name, text, sound) => expect(faultOf[name]!(text) === null).toBe(sound));

  it("takes each line once, without blanks", () =>
    expect(changeOf.authors(" Ines \n\nJo\nInes\n", emptySite).authors?.map(({ name }) => name)).toEqual([
      "Ines",
      "Jo",
    ]));
});
