/** The document model that comes with @mozilla/readability, as far as it is used here. */
declare module "@mozilla/readability/JSDOMParser.js" {
  export interface ExtractorNode {
    nodeType: number;
    textContent: string;
    childNodes: ExtractorNode[];
  }
  export interface ExtractorElement extends ExtractorNode {
    localName: string;
    attributes: { name: string; value: string }[];
    appendChild(child: ExtractorNode): void;
    setAttribute(name: string, value: string): void;
  }
  export interface ExtractorDocument {
    title: string;
    documentElement: ExtractorElement;
    head: ExtractorElement;
    body: ExtractorElement;
    createElement(tag: string): ExtractorElement;
    createTextNode(text: string): ExtractorNode;
  }
  export default class JSDOMParser {
    parse(html: string, address?: string): ExtractorDocument;
  }
}
