/** Pictures of a site as files: each in several widths, so that a telephone need not fetch what a desk shows. */
import type { Properties } from "hast";
import { mediaType } from "../../media/mediaTypes";
import type { SiteContext } from "../context";
import { hrefOf } from "../links";
import type { SiteDownload, SitePicture } from "../site";
import { plainSlug } from "../slugs";

export interface PictureFile {
  /** Where it lies: names separated by slashes. */
  file: string;
  /** As blocks name it. */
  src: string;
  type: string;
  /** Pixels; null for the file as it is. */
  width: number | null;
}

/** Pixels of the smaller ones: a telephone, a tablet or a sharp telephone, a desk. */
const WIDTHS = [480, 960, 1600];
/** Of these only one frame would be left, or nothing here can write them. */
const ONLY_WHOLE = new Set(["image/gif", "image/avif"]);
/** Letters of a hash that tell two pictures apart, as a name. */
const HASH = 12;
/** Where nothing is known of a picture's size; its shape is that of most photographs. */
const UNKNOWN = { width: 1200, height: 800 };

/** Files of a picture, smallest first. The last is the picture as it is. */
export function pictureFiles(src: string, { hash, fileName, type, width }: SitePicture): PictureFile[] {
  const stem = plainSlug(fileName.replace(/\.[^.]*$/, "")) || "picture";
  const name = `pictures/${stem}-${hash.slice(0, HASH)}`;
  const ending = mediaType(type)?.ending ?? "bin";
  const smaller = ONLY_WHOLE.has(type) ? [] : WIDTHS.filter((each) => each < width);
  return [
    ...smaller.map((each) => ({ file: `${name}-${each}.${ending}`, src, type, width: each })),
    { file: `${name}.${ending}`, src, type, width: null },
  ];
}

/** The file that readers download. */
export function downloadFile(src: string, { hash, fileName, type }: SiteDownload): PictureFile {
  const stem = plainSlug(fileName.replace(/\.[^.]*$/, "")) || "file";
  const ending = mediaType(type)?.ending ?? "bin";
  return { file: `downloads/${stem}-${hash.slice(0, HASH)}.${ending}`, src, type, width: null };
}

/** The path of a file in addresses. */
export const filePath = ({ file }: PictureFile): string => `/${file}`;

interface ShownPicture {
  src: string;
  alt: string;
  /** Size that the text says, where the site has no file of it. */
  width?: number | null;
  height?: number | null;
}

/**
 * Attributes of an image: its files by width, and its size, so that nothing moves when it arrives.
 *
 * @param sizes how wide it is shown, as HTML says it
 */
export function imageProperties(
  context: SiteContext,
  { src, alt, width, height }: ShownPicture,
  sizes: string,
  loading: "lazy" | "eager" = "lazy",
): { properties: Properties; files: PictureFile[] } {
  const picture = context.pictures.get(src);
  const rest: Properties = { alt, ...(loading === "lazy" && { loading }), decoding: "async" };
  if (!picture)
    return {
      properties: { src, width: width || UNKNOWN.width, height: height || UNKNOWN.height, ...rest },
      files: [],
    };
  const files = pictureFiles(src, picture);
  const whole = files.at(-1)!;
  const srcSet = files.map((file) => `${hrefOf(context, filePath(file))} ${file.width ?? picture.width}w`);
  return {
    properties: {
      src: hrefOf(context, filePath(whole)),
      ...(files.length > 1 && { srcSet: srcSet.join(", "), sizes }),
      width: picture.width || UNKNOWN.width,
      height: picture.height || UNKNOWN.height,
      ...rest,
    },
    files,
  };
}
