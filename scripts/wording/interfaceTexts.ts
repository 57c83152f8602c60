/** The texts of a source file that a person may read: what stands in JSX, and strings and templates that are sentences or parts of one. */
import { parseSync, Visitor } from "oxc-parser";

export interface InterfaceText {
  text: string;
  /** From 1. */
  line: number;
}

/** Attributes whose value is for the browser. */
const FOR_THE_BROWSER =
  /^(className|id|key|type|role|d|data-.*|to|href|transform|viewBox|autoComplete|rel|accept)$/;
/** Class names, media queries, paths and the like. */
const CODE =
  /[[\]{}<>_=]|(^|\s)(-?[a-z]+-[\da-z]+\s+[a-z]+-|[a-z]+-\d|[a-z]+:[a-z])|^[a-z\d-]+$|^\(|^[./]|^[A-Z]{4,}$|-src |-semibold/;

/** @throws Error where the file cannot be parsed */
export function interfaceTexts(path: string, source: string): InterfaceText[] {
  const { program, errors } = parseSync(path, source);
  if (errors.length) throw new Error(`${path} could not be parsed: ${errors[0]!.message}`);
  const texts: { text: string; start: number }[] = [];
  const hidden: { start: number; end: number }[] = [];
  new Visitor({
    JSXAttribute({ name, start, end }) {
      if (name.type === "JSXIdentifier" && FOR_THE_BROWSER.test(name.name)) hidden.push({ start, end });
    },
    // What is compared with is shown nowhere.
    BinaryExpression({ operator, right: { start, end } }) {
      if (/^[!=]==$/.test(operator)) hidden.push({ start, end });
    },
    SwitchCase({ test }) {
      if (test) hidden.push(test);
    },
    // Structured data speaks the words of its vocabulary.
    Property({ key, start, end }) {
      if (key.type === "Literal" && key.value === "@type") hidden.push({ start, end });
    },
    ImportDeclaration: ({ start, end }) => void hidden.push({ start, end }),
    JSXText: ({ value, start }) => void texts.push({ text: value, start }),
    Literal({ value, start }) {
      if (typeof value === "string" && isText(value)) texts.push({ text: value, start });
    },
    TemplateElement({ value, start }) {
      const text = value.cooked ?? value.raw;
      if (isText(text)) texts.push({ text, start });
    },
  }).visit(program);
  return texts
    .filter(({ start }) => !hidden.some((part) => part.start <= start && start < part.end))
    .filter(({ text }) => /\p{L}{2}/u.test(text))
    .map(({ text, start }) => ({ text, line: source.slice(0, start).split("\n").length }));
}

const isText = (text: string): boolean =>
  !CODE.test(text) && (/\s/.test(text.trim()) || /^\p{Lu}/u.test(text));
