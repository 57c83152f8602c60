/** Made-up pages about one subject, and the terms that whoever wrote them meant them to share. Written before they were measured. */
export interface TermSubject {
  language: string;
  /** What its figures are called, where that is not the language. */
  name?: string;
  keyword: string;
  /** What every page, or nearly every one, speaks of. */
  core: readonly string[];
  /** What a reader of the subject would name besides. */
  terms: readonly string[];
  /** Bodies of the pages. */
  pages: readonly string[];
}
