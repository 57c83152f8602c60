/** Files that a post can have beside its text, and that a site serves: pictures that pages show, and files that readers download. */

export interface MediaType {
  /** IANA media type. */
  type: string;
  /** Of file names, without its dot. */
  ending: string;
}

/** Pictures that every browser draws and none runs. */
export const PICTURE_TYPES: readonly MediaType[] = [
  { type: "image/jpeg", ending: "jpg" },
  { type: "image/png", ending: "png" },
  { type: "image/webp", ending: "webp" },
  { type: "image/avif", ending: "avif" },
  { type: "image/gif", ending: "gif" },
];

/** What readers can download. Nothing that a browser or a computer would run is among them: no page, no script, no program. */
export const DOWNLOAD_TYPES: readonly MediaType[] = [
  { type: "application/pdf", ending: "pdf" },
  { type: "text/csv", ending: "csv" },
  { type: "text/plain", ending: "txt" },
  { type: "text/markdown", ending: "md" },
  { type: "text/calendar", ending: "ics" },
  { type: "application/gpx+xml", ending: "gpx" },
  { type: "application/epub+zip", ending: "epub" },
  { type: "application/zip", ending: "zip" },
  {
    type: "application/vnd.openxmlformats-officedocument.wordprocessingml.document",
    ending: "docx",
  },
  {
    type: "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet",
    ending: "xlsx",
  },
  {
    type: "application/vnd.openxmlformats-officedocument.presentationml.presentation",
    ending: "pptx",
  },
  { type: "application/vnd.oasis.opendocument.text", ending: "odt" },
  { type: "application/vnd.oasis.opendocument.spreadsheet", ending: "ods" },
  { type: "audio/mpeg", ending: "mp3" },
  { type: "audio/ogg", ending: "ogg" },
  { type: "video/mp4", ending: "mp4" },
];

export const MEDIA_TYPES: readonly MediaType[] = [...PICTURE_TYPES, ...DOWNLOAD_TYPES];

const byEnding = new Map(MEDIA_TYPES.map((one) => [one.ending, one]));
const byType = new Map(MEDIA_TYPES.map((one) => [one.type, one]));

export const isPictureType = (type: string): boolean => PICTURE_TYPES.some((one) => one.type === type);

/** @returns the kind of a media type; undefined for any that no post has */
export const mediaType = (type: string): MediaType | undefined => byType.get(type);

/** @returns the kind that a file's name says; undefined for any that no post has */
export const mediaTypeOfName = (fileName: string): MediaType | undefined =>
  byEnding.get((/\.([a-z0-9]+)$/i.exec(fileName)?.[1] ?? "").toLowerCase().replace(/^jpeg$/, "jpg"));

/**
 * Whether a file may be what its name says.
 *
 * @param type that its name says
 * @param detected media type that its first bytes say; undefined where they say none, as those of a text do
 */
export function mayBe(type: string, detected: string | undefined): boolean {
  if (type.startsWith("text/")) return detected === undefined;
  if (type.endsWith("+xml")) return detected === undefined || /xml$/.test(detected);
  const family = /^(?:audio|video)\//.exec(type)?.[0];
  return detected === type || (family !== undefined && detected?.startsWith(family) === true);
}

/**
 * A number of bytes in decimal units (SI), the same in every language: "812 B", "230 kB", "4.1 MB".
 *
 * @param language BCP 47, for the figure
 */
export function fileSize(bytes: number, language = "en"): string {
  const [unit, of] = bytes < 1000 ? ["B", 1] : bytes < 1_000_000 ? ["kB", 1000] : ["MB", 1_000_000];
  const value = bytes / of;
  const figure = new Intl.NumberFormat(language, { maximumFractionDigits: value < 10 && of > 1 ? 1 : 0 });
  return `${figure.format(value)} ${unit}`;
}
