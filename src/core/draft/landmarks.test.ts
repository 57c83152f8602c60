import type { Element } from "hast";
import { describe, expect, it } from "vitest";
import { parseHtml } from "./fromHtml";
import { landmarksOf } from "./landmarks";

const seen = (html: string) =>
  landmarksOf(parseHtml(html)).elements.map(
    ({ node, inDrawing, inTemplate, inFurniture }) =>
      `${node.tagName}${inDrawing ? " drawn" : ""}${inTemplate ? " in a template" : ""}${inFurniture ? " beside" : ""}`,
  );

describe("the landmarks of a page", () => {
  it("come in the order of the document, each with what it stands in", () => {
    expect(
      seen(
        "<title>A</title><nav><h1>B</h1></nav><main><h1>C</h1><svg><title>D</title></svg></main><div role=main></div>",
      ),
    ).toEqual(["html", "title", "body", "h1 beside", "main", "h1", "title drawn", "div"]);
  });

  it("count all elements, and how deep they nest, without recursion", () => {
    const { count, depth } = landmarksOf(parseHtml("<p>a<b>c</b></p><p>d</p>"));
    // html, head, body, p, b, p.
    expect([count, depth]).toEqual([6, 4]);
    let inner: Element = { type: "element", tagName: "h1", properties: {}, children: [] };
    for (let i = 0; i < 100_000; i++)
      inner = { type: "element", tagName: "div", properties: {}, children: [inner] };
    const deep = landmarksOf({ type: "root", children: [inner] });
    expect([deep.depth, deep.elements.length]).toEqual([100_001, 1]);
  });
});
