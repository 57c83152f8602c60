/** Answers as assistants give them, without what is around: fences, chatter, marks, numbers, labels. */
import { oneSpace } from "../english/sentence";

const FENCE = /(?:^|\n)[ \t]*(`{3,}|~{3,})[^\n]*\n([\s\S]*?)(?:\n[ \t]*\1[ \t]*(?=\n|$)|$)/g;

/** What stands in fences, where anything does; else all of it. */
export function unfenced(text: string): string {
  const inside = [...text.matchAll(FENCE)].map(([, , body]) => body!.trim()).filter(Boolean);
  return inside.length ? inside.join("\n\n") : text;
}

/**
 * The first JSON object or array of a text; what is cut off is closed behind its last whole entry.
 *
 * @returns undefined where there is none
 */
export function jsonIn(text: string): unknown {
  for (let at = text.search(/[[{]\s*["{[\]}]/u); at >= 0 && at < text.length; ) {
    const value = jsonAt(text, at);
    if (value !== undefined) return value;
    const next = text.slice(at + 1).search(/[[{]\s*["{[\]}]/u);
    if (next < 0) return undefined;
    at += next + 1;
  }
  return undefined;
}

/** Deeper nesting is no answer of ours. */
const DEEPEST = 12;

function jsonAt(text: string, start: number): unknown {
  const open: string[] = [];
  /** Where everything but what is open is whole. */
  let whole: { at: number; open: string[] } | null = null;
  let quoted = false;
  for (let at = start; at < text.length; at++) {
    const sign = text[at]!;
    if (quoted) {
      if (sign === "\\") at++;
      else if (sign === '"') {
        quoted = false;
        if (open.at(-1) === "]") whole = { at: at + 1, open: [...open] };
      }
      continue;
    }
    if (sign === '"') quoted = true;
    else if (sign === "{" || sign === "[") {
      open.push(sign === "{" ? "}" : "]");
      if (open.length > DEEPEST) return undefined;
    } else if (sign === "}" || sign === "]") {
      if (open.pop() !== sign) return undefined;
      if (!open.length) return parsed(text.slice(start, at + 1));
      whole = { at: at + 1, open: [...open] };
    }
  }
  return whole ? parsed(text.slice(start, whole.at) + [...whole.open].reverse().join("")) : undefined;
}

function parsed(json: string): unknown {
  try {
    return JSON.parse(json.replace(/,(\s*[\]}])/g, "$1"));
  } catch {
    return undefined;
  }
}

const OPENING =
  /^(?:(?:sure|certainly|of course|absolutely|great|okay|ok|yes|no problem|happy to help|here(?:['’]s| is| are| you go)|below (?:is|are)|i(?:['’]ve| have)|as requested|based on|let me|got it|understood|thank)\b.*(?:[:.!]|—)\s*$|(?:sure|certainly|of course|absolutely)[!.,].*)$/i;
const CLOSING =
  /^(?:let me know|i hope|hope (?:this|that|these)|would you like|feel free|if you(?:['’]d| would) like|want me to|shall i|do you want|happy to|these (?:titles|options|headlines)|note:|\(?note that|good luck|happy writing)/i;
const RULE = /^\s*(?:[-*_=]\s*){3,}$/;

/** Lines of a text without what an assistant says before and behind its answer. */
export function answerLines(text: string): string[] {
  const lines = text
    .replace(/^\uFEFF/, "")
    .replace(/\r\n?/g, "\n")
    .split("\n")
    .map((line) => line.trimEnd());
  const content = lines.filter((line) => !RULE.test(line));
  let from = 0;
  while (from < content.length && (!content[from]!.trim() || OPENING.test(plainMarks(content[from]!.trim()))))
    from++;
  let to = content.length;
  while (to > from && (!content[to - 1]!.trim() || CLOSING.test(plainMarks(content[to - 1]!.trim())))) to--;
  return content.slice(from, to);
}

/** Without bold, italics, code and links. */
export const plainMarks = (text: string): string =>
  oneSpace(
    text
      .replace(/!?\[([^\]]*)\]\([^)]*\)/g, "$1")
      .replace(/(\*\*|__)(?=\S)([\s\S]*?\S)\1/g, "$2")
      .replace(/(?<![\p{L}\p{N}*])[*_](?=\S)([^*_]*\S)[*_](?![\p{L}\p{N}*])/gu, "$1")
      .replace(/`([^`]*)`/g, "$1")
      .replace(/<\/?[a-z][^>]*>/gi, ""),
  );

const LISTED = /^\s*(?:[-*+•–—▪●]\s+|\(?\d{1,3}[.):]\s+|\d{1,3}\/\d{1,3}[.):]?\s+|[a-z][.)]\s+|#{1,6}\s+)/iu;
const LABEL =
  /^(?:option|title|headline|variant|idea|tweet|post|part|suggestion|version|choice)\s*#?\d{0,3}\s*[:.–—-]\s+/i;

export const isListed = (line: string): boolean => LISTED.test(line) || LABEL.test(plainMarks(line));

/** One line as what it says: no number, mark or label, and no quotation marks that only wrap it. */
export function plainLine(line: string): string {
  let text = plainMarks(line.replace(LISTED, ""));
  text = text.replace(LABEL, "");
  text = text.replace(LISTED, "");
  text = text.replace(/\s*\((?:\d+\s*(?:characters|chars|words|px|pixels))\)\s*$/i, "");
  const wrapped = /^["“”„«'‘](.+)["”“»'’]$/u.exec(text);
  if (wrapped && !/["“”„]/u.test(wrapped[1]!)) text = wrapped[1]!;
  return oneSpace(text);
}

/** Paragraphs: runs of lines between empty ones; items and headings stand alone. */
export function paragraphsOf(lines: readonly string[]): string[] {
  const paragraphs: string[] = [];
  let open: string[] = [];
  const close = () => {
    if (open.length) paragraphs.push(open.join(" "));
    open = [];
  };
  for (const line of lines) {
    if (!line.trim()) close();
    else if (LISTED.test(line)) {
      close();
      paragraphs.push(line);
    } else open.push(line.trim());
  }
  close();
  return paragraphs;
}

/** Texts by the labels before them: "Title: …", "**Description** – …". Labels in small letters. */
export function labelled(lines: readonly string[], labels: readonly string[]): Map<string, string> {
  const fields = new Map<string, string[]>();
  const label = new RegExp(
    `^(?:meta |seo |email )?(${labels.join("|")})(?: line| text| tag)?\\s*(?:\\([^)]*\\))?\\s*(?:[:–—-]\\s*|$)`,
    "i",
  );
  let current: string[] | null = null;
  for (const line of lines) {
    const plain = plainMarks(line.replace(LISTED, ""));
    const match = label.exec(plain);
    if (match) {
      current = [plain.slice(match[0].length)];
      fields.set(match[1]!.toLowerCase(), current);
    } else if (current) current.push(line);
  }
  return new Map([...fields].map(([name, all]) => [name, all.join("\n").trim()]));
}

/** What an assistant says when it will not. */
const REFUSAL =
  /^(?:i(?:['’]m| am) sorry|sorry,|i can(?:['’]t|not)|i(?:['’]m| am) (?:unable|not able)|as an ai\b|unfortunately, i)/i;

export const isRefusal = (text: string): boolean => REFUSAL.test(text.trim()) && text.trim().length < 600;
