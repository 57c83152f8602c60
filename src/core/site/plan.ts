/** The anatomy of what a site is written as. A kind of page or feed plans its files; each is written when somebody needs it, and kept until something of it changes. */
import type { SiteContext } from "./context";
import type { PictureFile } from "./parts/pictureFiles";

/** What a file says, and what was not right about it. */
export interface Written {
  text: string;
  /** Problems, in sentences. */
  says: readonly string[];
  /** Files of pictures that it shows. */
  pictures: readonly PictureFile[];
}

export interface FilePlan {
  /** Where it lies: names separated by slashes. */
  file: string;
  /** Media type. */
  type: string;
  /** Of a page, its path in addresses. */
  path?: string;
  /** Of a page that search engines should list: when it changed last (ISO), or empty. */
  listed?: string;
  /** Everything that it is written from: it is written anew when one of them is another (Object.is). */
  from: readonly unknown[];
  write(): Written;
}

export interface FileKind<Id extends string = string> {
  id: Id;
  /** @param planned what the kinds before it have planned */
  plan(context: SiteContext, planned: readonly FilePlan[]): FilePlan[];
}

export const defineFiles = <const Id extends string>(kind: FileKind<Id>): FileKind<Id> => kind;

/** A file with nothing to complain of. */
export const written = (text: string, pictures: readonly PictureFile[] = []): Written => ({
  text,
  says: [],
  pictures,
});
