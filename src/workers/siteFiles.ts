/** The whole site as files, in a browser: pictures are made narrower by the browser itself. */
import { createSiteRenderer, type Problem, type SiteFile } from "../core/site/render";
import type { SiteSource } from "../core/site/site";
import type { Progress, ZipItem } from "../data/zip";

/** What the eye takes for the original at a page's size, as the command has it. */
const QUALITY = 0.8;

export interface SiteFiles {
  items: ZipItem[];
  pages: number;
  posts: number;
  problems: Problem[];
}

/**
 * @param pictureOf the file of a picture, by what blocks call it
 * @param onProgress told of files that are done
 */
export async function siteFiles(
  source: SiteSource,
  pictureOf: (src: string) => Promise<Blob | null>,
  onProgress: Progress,
): Promise<SiteFiles> {
  const { files, pages, posts, problems } = createSiteRenderer()(source);
  const items: ZipItem[] = [];
  for (const [at, file] of files.entries()) {
    const content = await contentOf(file, pictureOf, problems);
    if (content !== null) items.push({ name: file.file, content });
    onProgress(at + 1, files.length);
  }
  return { items, pages, posts, problems };
}

async function contentOf(
  file: SiteFile,
  pictureOf: (src: string) => Promise<Blob | null>,
  problems: Problem[],
): Promise<ZipItem["content"] | null> {
  if ("text" in file) return file.text;
  const { src, width, type } = file.picture;
  const whole = await pictureOf(src);
  if (!whole || width === null) return whole;
  try {
    return await narrowed(whole, type, width);
  } catch {
    problems.push({ file: file.file, says: "The picture could not be made smaller, and is as it was." });
    return whole;
  }
}

async function narrowed(picture: Blob, type: string, width: number): Promise<Blob> {
  const bitmap = await createImageBitmap(picture);
  try {
    const height = Math.max(1, Math.round((bitmap.height / bitmap.width) * width));
    const canvas = new OffscreenCanvas(width, height);
    canvas.getContext("2d")!.drawImage(bitmap, 0, 0, width, height);
    return await canvas.convertToBlob({ type, quality: QUALITY });
  } finally {
    bitmap.close();
  }
}
