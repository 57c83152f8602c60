/** What is wrong with a text of the interface: spelling, a word twice, "a" for "an", and words that have been replaced by plainer ones. */
import dictionary from "dictionary-en-gb";
import retextEnglish from "retext-english";
import retextIndefiniteArticle from "retext-indefinite-article";
import retextRepeatedWords from "retext-repeated-words";
import retextSpell from "retext-spell";
import retextStringify from "retext-stringify";
import { unified } from "unified";

/** Words of the trade, of this application, and names of formats, which no dictionary has. */
const OWN_WORDS = [
  "Arial",
  "Arimo",
  "Authorization",
  "AVIF",
  "backup",
  "blog",
  "canonical",
  "changelog",
  "repurpose",
  "config",
  "csv",
  "CSV",
  "Ctrl",
  "de",
  "DOCX",
  "Esc",
  "FAQ",
  "Flesch",
  "html",
  "HTML",
  "HTTP",
  "http",
  "https",
  "JPEG",
  "json",
  "JSON",
  "KB",
  "keyword",
  "lookup",
  "mailto",
  "Markdown",
  "MB",
  "meta",
  "Micropub",
  "mistyped",
  "npm",
  "offline",
  "online",
  "PNG",
  "px",
  "readability",
  "sitemap",
  "slug",
  "subheading",
  "subheadings",
  "uncropped",
  "UTF",
  "WCAG",
  "WebP",
  "workspaces",
];

/** Names of keys, elements and file types: a digit, a dot in front, or a capital within. */
const CODE = /\d|^\.|[a-z][A-Z]|^calc$|\.md$/;

/** Words that are no longer said, with what is said instead. */
const REPLACED: readonly [RegExp, string][] = [
  [/\bmends?\b|\bmended\b/i, "fix"],
  [/\bhouse profile\b/i, "default profile"],
  [/\bparted by\b/i, "separated by"],
  [/\btake (it|them) away\b/i, "export"],
  [/\b(bring|brought|brings) in\b/i, "import"],
  [/\bput (it|them|all) in\b/i, "add"],
  [/\btake (it|them) out\b|\btaken out\b/i, "remove"],
  [/^leave it$/i, "cancel"],
  [/\bwritten up\b|\bwrite it up\b/i, "add headings to draft"],
  [/\bat the (least|most)\b/i, "at least, at most"],
  [/\bbegun\b/i, "to review"],
];

const checker = unified()
  .use(retextEnglish)
  .use(retextSpell, { dictionary, personal: OWN_WORDS.join("\n") })
  .use(retextRepeatedWords)
  .use(retextIndefiniteArticle)
  .use(retextStringify);

/** @returns each fault in words; none where the text is right */
export async function faultsOf(text: string): Promise<string[]> {
  const { messages } = await checker.process(text);
  return [
    ...messages.filter(({ actual }) => actual && !CODE.test(actual)).map(({ reason }) => reason),
    ...REPLACED.filter(([old]) => old.test(text)).map(
      ([old, plain]) => `\`${old.exec(text)![0]}\` is no longer said; say \`${plain}\``,
    ),
  ];
}
