import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { anyDoc } from "../testing/arbitraries";
import { RUNS } from "../testing/runs";
import { likelyChoices, merged, threeWays, withOwnFiles } from "./threeWays";

const p = (text: string): EditorNode => ({ type: "paragraph", content: [{ type: "text", text }] });
const doc = (...texts: string[]): EditorDoc => ({ type: "doc", content: texts.map(p) });
const textsOf = ({ content }: EditorDoc) => content.map((node) => node.content?.[0]?.text ?? "");
const filled = ({ content }: EditorDoc) =>
  content.filter((node) => node.type !== "paragraph" || node.content?.length);

describe("two people's changes", () => {
  const sent = doc("Oil the chain every month", "Check the brakes", "Ride on");
  const cases: [string, EditorDoc, EditorDoc, string[], (string | null)[]][] = [
    [
      "of different blocks are both taken",
      doc("Oil the chain every week", "Check the brakes", "Ride on"),
      doc("Oil the chain every month", "Check the brakes", "Ride on in any weather"),
      ["Oil the chain every week", "Check the brakes", "Ride on in any weather"],
      ["theirs", null, "mine"],
    ],
    [
      "of one block are for somebody to decide; ours is the first offer",
      doc("Oil the chain every week", "Check the brakes", "Ride on"),
      doc("Oil the chain every day", "Check the brakes", "Ride on"),
      ["Oil the chain every day", "Check the brakes", "Ride on"],
      ["both", null, null],
    ],
    [
      "that remove and add stay apart",
      doc("Oil the chain every month", "Ride on"),
      doc("Oil the chain every month", "Check the brakes", "Ride on", "Come home"),
      ["Oil the chain every month", "Ride on", "Come home"],
      [null, "theirs", null, "mine"],
    ],
    [
      "of the order are of the side that moved something, changed or not",
      doc("Check both brakes", "Oil the chain every week", "Ride on"),
      doc("Oil the chain every month", "Check the brakes", "Ride on"),
      ["Check both brakes", "Oil the chain every week", "Ride on"],
      ["theirs", "theirs", "theirs", null],
    ],
    [
      "that are the same are none",
      doc("Oil the chain every week", "Check the brakes", "Ride on"),
      doc("Oil the chain every week", "Check the brakes", "Ride on"),
      ["Oil the chain every week", "Check the brakes", "Ride on"],
      [null, null, null],
    ],
  ];
  it.each(cases)("%s", (_what, theirs, mine, result, changedBy) => {
    const differences = threeWays(sent, theirs, mine);
    expect(differences.map((one) => one.changedBy)).toEqual(changedBy);
    expect(textsOf(merged(differences, likelyChoices(differences)))).toEqual(result);
  });

  it("say what both began with", () => {
    const [first] = threeWays(sent, doc("Oil the chain every week"), doc("Oil the chain every day"));
    expect(first!.before).toBe("Oil the chain every month");
  });

  it("give either side whole where all is taken from it", () =>
    fc.assert(
      fc.property(anyDoc, anyDoc, anyDoc, (before, theirs, mine) => {
        const differences = threeWays(before, theirs, mine);
        expect(
          filled(
            merged(
              differences,
              differences.map(() => "mine" as const),
            ),
          ),
        ).toEqual(filled(mine));
        const their = filled(
          merged(
            differences,
            differences.map(() => "theirs" as const),
          ),
        );
        expect(their).toHaveLength(filled(theirs).length);
      }),
      RUNS,
    ));

  it("of one side alone are that side, whatever it is", () =>
    fc.assert(
      fc.property(anyDoc, anyDoc, (before, other) => {
        const mine = threeWays(before, before, other);
        expect(filled(merged(mine, likelyChoices(mine)))).toEqual(filled(other));
        const theirs = threeWays(before, other, before);
        expect(theirs.every(({ changedBy }) => changedBy !== "both" && changedBy !== "mine")).toBe(true);
      }),
      RUNS,
    ));
});

it("names pictures, files and cards as the workspace does", () => {
  const nodes: EditorNode[] = [
    {
      type: "gallery",
      content: [{ type: "picture", attrs: { src: "https://b.example/1", href: "https://b.example/1" } }],
    },
    { type: "file", attrs: { src: "https://b.example/1" } },
    { type: "linkCard", attrs: { href: "https://b.example/1", picture: "https://b.example/1" } },
  ];
  const own = withOwnFiles({ type: "doc", content: nodes }, (src) =>
    src === "https://b.example/1" ? "asset:1" : src,
  );
  expect(own.content).toMatchObject([
    { content: [{ attrs: { src: "asset:1", href: "https://b.example/1" } }] },
    { attrs: { src: "asset:1" } },
    { attrs: { href: "https://b.example/1", picture: "asset:1" } },
  ]);
});
