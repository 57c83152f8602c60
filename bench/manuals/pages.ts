/** Pages of manuals as `npm run manuals` left them. */
import { existsSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { parseHTML } from "linkedom";
import type { MarkedHeading } from "../judgeTopics";
import type { ManualLanguage, ManualSubject, MarkedPage } from "./manual";

/** Not kept in the repository: other people's books. */
export const FOLDER = join(import.meta.dirname, "../../.manuals");

export const fileOf = ({ book, page }: MarkedPage, language: ManualLanguage): string =>
  join(FOLDER, language, `${book}-${page}.html`);

export const areThere = (subjects: readonly ManualSubject[], languages: readonly ManualLanguage[]): boolean =>
  subjects.every(({ pages }) =>
    pages.every((page) => languages.every((language) => existsSync(fileOf(page, language)))),
  );

/** A page with what each of its headings is about. */
export interface ReadManual {
  html: string;
  marks: Omit<MarkedHeading, "page">[];
}

/** @throws {Error} where a page has other headings than those that were marked */
export function readManual(marked: MarkedPage, language: ManualLanguage): ReadManual {
  const html = readFileSync(fileOf(marked, language), "utf8");
  const headings = [...parseHTML(html).document.querySelectorAll("h1, h2, h3, h4, h5, h6")].map(
    ({ textContent }) => (textContent ?? "").replace(/\s+/g, " ").trim(),
  );
  if (headings.length !== marked.headings)
    throw new Error(
      `${fileOf(marked, language)} has ${headings.length} headings, ${marked.headings} were marked: it is another version of that page.`,
    );
  const subjectOf = new Map(
    Object.entries(marked.about).flatMap(([subject, places]) =>
      places.map((place) => [place, subject] as const),
    ),
  );
  const marks = headings.flatMap((text, place) =>
    marked.around?.includes(place)
      ? []
      : [{ text, subject: subjectOf.get(place) ?? `${marked.book} ${marked.page} ${place}` }],
  );
  return { html, marks };
}

/** What a heading says, without the number before it and the sign for a link to it. */
export const headingName = (text: string): string =>
  text
    .toLowerCase()
    .replace(/^(?:chapter|kapitel|chapitre)\s+/, "")
    .replace(/^(?:[a-z]\.)?\d+(?:\.\d+)*\.?\s+/, "")
    .replace(/[\s\u00a0\u00b6]+/g, " ")
    .trim();
