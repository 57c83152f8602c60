/** The whole site as files: one pure function of the site and its posts. What did not change since the last time is not written again. */
import { Memo } from "../memo";
import { samePath } from "./addresses";
import { siteContext } from "./context";
import { fileOfPath, isSafeFile } from "./files";
import type { PictureFile } from "./parts/pictureFiles";
import type { FilePlan, Written } from "./plan";
import { FILE_KINDS } from "./registry";
import type { SiteSource } from "./site";

/** A file of text, or a picture that whoever writes the files makes as wide as it says. */
export type SiteFile =
  | { file: string; type: string; path?: string; text: string }
  | { file: string; type: string; picture: PictureFile };

export interface Problem {
  file: string;
  /** In a sentence. */
  says: string;
}

export interface RenderedFiles {
  files: SiteFile[];
  /** Pages that readers open; what only leads on is none. */
  pages: number;
  posts: number;
  redirects: number;
  problems: Problem[];
  /** Files of text that were written anew. */
  anew: number;
}

export type SiteRenderer = (source: SiteSource, base?: string | null) => RenderedFiles;

/** @returns a renderer that keeps what it wrote for as long as it is asked for it again */
export function createSiteRenderer(): SiteRenderer {
  let memos = new Map<string, Memo<Written>>();
  return (source, base = null) => {
    const context = siteContext(source, base);
    const plans: FilePlan[] = [];
    const problems: Problem[] = context.says.map(({ post, says }) => ({ file: fileOfPath(post.path), says }));
    const taken = new Set<string>();
    for (const kind of FILE_KINDS)
      for (const plan of kind.plan(context, plans)) {
        // Some file systems do not tell capitals from small letters.
        const key = samePath(plan.file);
        if (!isSafeFile(plan.file))
          problems.push({
            file: plan.file,
            says: `“${plan.file}” cannot be the name of a file, and is left out.`,
          });
        else if (taken.has(key))
          problems.push({
            file: plan.file,
            says: `Another page has the address of “${plan.file}”; the second is left out.`,
          });
        else {
          taken.add(key);
          plans.push(plan);
        }
      }
    const kept = new Map<string, Memo<Written>>();
    const files: SiteFile[] = [];
    const pictures = new Map<string, PictureFile>();
    let anew = 0;
    for (const { file, type, path, from, write } of plans) {
      const memo = memos.get(file) ?? new Memo<Written>();
      kept.set(file, memo);
      const {
        text,
        says,
        pictures: shown,
      } = memo.get(from, () => {
        anew++;
        return write();
      });
      files.push({ file, type, ...(path !== undefined && { path }), text });
      for (const picture of shown) pictures.set(picture.file, picture);
      for (const one of says) problems.push({ file, says: one });
    }
    memos = kept;
    for (const picture of pictures.values()) files.push({ file: picture.file, type: picture.type, picture });
    return {
      files,
      pages: plans.filter(({ path }) => path !== undefined).length,
      posts: context.posts.length,
      redirects: plans.filter(
        ({ file, path, type }) => path === undefined && type === "text/html" && file !== "404.html",
      ).length,
      problems,
      anew,
    };
  };
}
