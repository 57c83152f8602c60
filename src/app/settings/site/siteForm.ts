/** The site's settings as a form holds them: texts, with what is wrong with each. */
import { originOf } from "../../../core/safety/origin";
import { authorNamed } from "../../../core/site/authors";
import { categoriesOfLines, categoryLines } from "../../../core/site/makeCategories";
import { pageAt } from "../../../core/site/site";
import type { Site } from "../../../data/model";
import { OVERLAP_LIMIT } from "../../../data/settings";

export interface SiteForm {
  name: string;
  blogName: string;
  origin: string;
  basePath: string;
  addressPattern: Site["addressPattern"];
  /** IANA name. */
  timeZone: string;
  titleSuffix: string;
  titleAsH1: Site["titleAsH1"];
  language: string;
  /** Per cent. */
  overlapLimit: string;
  /** One per line, as the two below. */
  categories: string;
  authors: string;
  pages: string;
}
export type SiteFieldName = keyof SiteForm;

export const formOf = (site: Site): SiteForm => ({
  name: site.name,
  blogName: site.blogName,
  origin: site.origin,
  basePath: site.basePath,
  addressPattern: site.addressPattern,
  timeZone: site.timeZone,
  titleSuffix: site.titleSuffix,
  titleAsH1: site.titleAsH1,
  language: site.language,
  overlapLimit: String(site.overlapLimit ?? OVERLAP_LIMIT),
  categories: categoryLines(site.categories),
  authors: site.authors.map(({ name }) => name).join("\n"),
  pages: site.pages.map(({ path }) => path).join("\n"),
});

function isTimeZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat("en", { timeZone: name }).format(0) !== "" && name !== "";
  } catch {
    return false;
  }
}

/** Lines of a text, each once, blank ones left out. */
const linesOf = (text: string): string[] => [
  ...new Set(
    text
      .split("\n")
      .map((line) => line.trim())
      .filter(Boolean),
  ),
];

/** What is wrong with a value, in words; null where nothing is. */
export const faultOf: { [Name in SiteFieldName]?: (text: string) => string | null } = {
  origin: (text) => (originOf(text) ? null : "Enter an address such as https://my-site.example."),
  basePath: (text) => (/^\/(?:[^\s/]+\/)*$/.test(text) ? null : "Enter a path such as /blog/, or / alone."),
  timeZone: (text) => (isTimeZone(text.trim()) ? null : "Enter a time zone such as Europe/Paris or UTC."),
  pages: (text) =>
    linesOf(text).every((path) => /^\/[^\s?#]*$/.test(path))
      ? null
      : "Enter paths such as /about, one per line.",
  language: (text) =>
    /^[a-z]{2,3}(?:-[a-z0-9]{2,8})*$/i.test(text.trim())
      ? null
      : "Enter a language tag such as en, de or fr-CA.",
  overlapLimit: (text) =>
    /^\d{1,3}$/.test(text.trim()) && Number(text) <= 100 ? null : "Enter a whole number from 0 to 100.",
};

/**
 * What a value of the form makes of the site.
 *
 * @param text a sound one
 * @param site as it is: what is known of a category, an author or a page stays
 */
export const changeOf: { [Name in SiteFieldName]: (text: string, site: Site) => Partial<Site> } = {
  name: (name) => ({ name }),
  blogName: (blogName) => ({ blogName }),
  origin: (text) => ({ origin: originOf(text)! }),
  basePath: (basePath) => ({ basePath }),
  addressPattern: (text) => ({ addressPattern: text as Site["addressPattern"] }),
  timeZone: (text) => ({ timeZone: text.trim() }),
  titleSuffix: (titleSuffix) => ({ titleSuffix }),
  titleAsH1: (text) => ({ titleAsH1: text as Site["titleAsH1"] }),
  language: (text) => ({ language: text.trim() }),
  overlapLimit: (text) => ({ overlapLimit: Number(text) }),
  categories: (text, site) => ({ categories: categoriesOfLines(text, site.categories) }),
  authors: (text, site) => ({ authors: linesOf(text).map((name) => authorNamed(site.authors, name)) }),
  pages: (text, site) => ({
    pages: linesOf(text).map((path) => site.pages.find((page) => page.path === path) ?? pageAt(path)),
  }),
};
