/**
 * Pages of software manuals as Debian ships them, in three languages, with what each heading is about marked by hand. The pages stay
 * where they come from: `npm run manuals` fetches them; here are their marks. Translations of a page have the same headings in the same
 * order, so that a heading is named by its place, and one mark holds for all three.
 */
export type ManualLanguage = (typeof MANUAL_LANGUAGES)[number];
export const MANUAL_LANGUAGES = ["en", "de", "fr"] as const;

/** A book: in which package of which version it is, and at what path one of its pages. */
export interface Book {
  package: string;
  version: string;
  path(page: string): string;
}

export interface MarkedPage {
  book: string;
  page: string;
  /** How many headings it has: another number is another version. */
  headings: number;
  /** Places of headings by what they are about. A heading that is nowhere here is about something that no other page has. */
  about: Record<string, readonly number[]>;
  /** Places of headings that name the whole page, or what stands around it: not judged. */
  around?: readonly number[];
}

export interface ManualSubject {
  name: string;
  keyword: Record<ManualLanguage, string>;
  /** No rule or threshold is made by these. */
  heldOut: boolean;
  pages: readonly MarkedPage[];
}
