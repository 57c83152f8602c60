/**
 * The document model that the extractor brings along, made of a tree that was parsed already: a page is parsed once, and by the HTML Standard.
 * It holds what the extractor asks for and nothing else, and is several times as fast as one that holds all.
 */
import JSDOMParser, {
  type ExtractorDocument,
  type ExtractorElement,
  type ExtractorNode,
} from "@mozilla/readability/JSDOMParser.js";
import type { Element, Nodes, Properties, Root } from "hast";
import { h } from "hastscript";
import { find, html } from "property-information";

/** Nothing of these is seen on a page; structured data is read for its title. */
const UNSEEN = new Set(["style", "template"]);
const isUnseen = ({ tagName, properties }: Element): boolean =>
  UNSEEN.has(tagName) || (tagName === "script" && properties.type !== "application/ld+json");

const ELEMENT = 1;
const TEXT = 3;

/** @param root of any depth: nothing here recurses */
export function domOf(root: Root): ExtractorDocument {
  const document = new JSDOMParser().parse("<html><head></head><body></body></html>");
  const whole = new Map([
    ["html", document.documentElement],
    ["head", document.head],
    ["body", document.body],
  ]);
  const stack: { node: Nodes; parent: ExtractorElement }[] = [{ node: root, parent: document.body }];
  for (let next = stack.pop(); next; next = stack.pop()) {
    const { node, parent } = next;
    if (node.type === "text") parent.appendChild(document.createTextNode(node.value));
    if (node.type !== "element" && node.type !== "root") continue;
    let inside = parent;
    if (node.type === "element") {
      if (isUnseen(node)) continue;
      const there = whole.get(node.tagName);
      inside = there ?? document.createElement(node.tagName);
      for (const [name, value] of attributesOf(node.properties)) inside.setAttribute(name, value);
      if (!there) parent.appendChild(inside);
      if (node.tagName === "title" && !document.title) document.title = textOf(node).trim();
    }
    for (let i = node.children.length - 1; i >= 0; i--)
      stack.push({ node: node.children[i]!, parent: inside });
  }
  return document;
}

const textOf = ({ children }: Element): string =>
  children.map((child) => (child.type === "text" ? child.value : "")).join("");

function* attributesOf(properties: Properties): Generator<[string, string]> {
  for (const [name, value] of Object.entries(properties)) {
    if (value === null || value === undefined || value === false) continue;
    const { attribute, commaSeparated } = find(html, name);
    if (Array.isArray(value)) yield [attribute, value.join(commaSeparated ? ", " : " ")];
    else yield [attribute, value === true ? "" : `${value}`];
  }
}

/** What the extractor took, as a tree again. */
export const treeOf = ({ childNodes }: ExtractorElement): Root => ({
  type: "root",
  children: childNodes.flatMap(treesOf),
});

function treesOf(node: ExtractorNode): Root["children"] {
  if (node.nodeType === TEXT) return [{ type: "text", value: node.textContent }];
  if (node.nodeType !== ELEMENT) return [];
  const { localName, attributes, childNodes } = node as ExtractorElement;
  return [
    h(
      localName,
      Object.fromEntries(attributes.map(({ name, value }) => [name, value])),
      childNodes.flatMap(treesOf),
    ),
  ];
}
