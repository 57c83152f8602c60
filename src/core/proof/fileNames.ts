/** Telling the names that people give files from those that cameras, screens and stores give them. */

const ENDING = /\.(jpe?g|jfif|png|gif|webp|avif|svg|bmp|tiff?|heic|heif)$/i;
/** Parts that say only that the file is a picture, or what made it. */
const NOTHING =
  /^(img|image|images|imgp|dsc|dscn|dscf|dcim|pxl|mvi|gopr|pict?|pic|photo|picture|screenshot|screen|shot|bildschirmfoto|capture|snip|scan|untitled|unnamed|file|download|thumbnail|thumb|copy|final|edit|edited|wp|whatsapp|wa|new|tmp|temp|asset|at|am|pm|jpg|jpeg|png|gif|webp)$/i;

/** Is the name made of words? "family-cargo-bike.jpg" is; "IMG_2041.jpg", "screenshot-2.png" and hashes are not. */
export function isMadeOfWords(fileName: string): boolean {
  const stem = fileName.replace(ENDING, "").normalize("NFC");
  if (isHash(stem.replace(/[-_]/g, ""))) return false;
  const parts = stem.replace(/(\p{Ll})(\p{Lu})/gu, "$1 $2").split(/[^\p{L}\p{M}\p{N}]+/u);
  return parts.some((part) => {
    if (isHash(part)) return false;
    const letters = part.replace(/^\p{N}+|\p{N}+$/gu, "");
    return /^[\p{L}\p{M}]{3,}$/u.test(letters) && !NOTHING.test(letters);
  });
}

/** Long runs of hexadecimal figures, or of letters and figures in turns. */
function isHash(part: string): boolean {
  if (part.length >= 8 && /^[0-9a-f]+$/i.test(part) && /\d/.test(part)) return true;
  return part.length >= 8 && (part.match(/\d+/g)?.length ?? 0) >= 3;
}

/** Is an alt text just a file's name: one with an ending, a camera's, or that of this very file? */
export function isFileName(alt: string, fileName: string): boolean {
  const text = alt.trim();
  if (ENDING.test(text)) return true;
  if (/^(img|dsc|dscn|dscf|pxl|mvi|imgp|p)[-_ ]?\d{3,}\w*$/i.test(text) || /^screen ?shot[-_ ]/i.test(text))
    return true;
  const stem = fileName.replace(ENDING, "");
  return stem !== "" && /[-_\d]/.test(stem) && text.toLowerCase() === stem.toLowerCase();
}
