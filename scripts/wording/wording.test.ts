import { describe, expect, it } from "vitest";
import { faultsOf } from "./faults";
import { interfaceTexts } from "./interfaceTexts";

const textsOf = (source: string) => interfaceTexts("a.tsx", source).map(({ text }) => text.trim());

describe("texts of the interface", () => {
  it("are what a person reads: in JSX, in attributes, in strings and templates", () => {
    expect(
      textsOf(`
        import { Button } from "Some where";
        const title = \`Fix \${n} posts at once\`;
        export const A = () => (
          <section className="Flex items-center" aria-label="Pages to read">
            The text of it {n > 1 ? "Several of them" : "one"}
          </section>
        );`),
    ).toEqual(["Fix", "posts at once", "Pages to read", "The text of it", "Several of them"]);
  });

  it.each([
    ["class names", `const a = "rounded border-edge px-2 py-1";`],
    ["what is compared with", `if (name === "Old name of it") go();`],
    ["cases of a switch", `switch (x) { case "Some name here": go(); }`],
    ["types of structured data", `const a = { "@type": "Blog Posting" };`],
    ["keys of the program", `const a = "key-of-it";`],
  ])("are not %s", (_what, source) => {
    expect(textsOf(source)).toEqual([]);
  });

  it("know their line", () => {
    expect(interfaceTexts("a.ts", `\n\nconst a = "One line of text";`)).toEqual([
      { text: "One line of text", line: 3 },
    ]);
  });
});

describe("faults of a text", () => {
  it.each([
    ["The keyword is in the slug, as HTML or a .md file.", 0],
    ["Colour and organise", 0],
    ["The kewyord", 1],
    ["It is is here", 1],
    ["A answer", 1],
    ["Separated by commas", 0],
    ["Words parted by commas", 1],
    ["Files can be brought in", 1],
    ["Leave it", 1],
    ["You can leave it empty", 0],
  ])("%s", async (text, faults) => {
    expect(await faultsOf(text)).toHaveLength(faults);
  });
});
