import { describe, expect, it } from "vitest";
import { draftOf } from "../testing/draftOf";
import { leftoversOf } from "./leftovers";

const LONG = "A box bike carries three children and their bags to school.";
const META = {
  title: "Box bikes",
  metaTitle: "Box bikes",
  description: "All of them.",
  slug: "box-bikes",
  date: "2026-01-02",
  socialPicture: "asset:card",
};
const source = draftOf(`${LONG}\n\nCall us.\n\n![A box](a.jpg)\n\n![A long one](b.jpg)`, META);
const left = (body: string, meta: Partial<typeof META> = {}, accepted: string[] = []) =>
  leftoversOf(draftOf(body, { ...META, ...meta }), source, accepted).map(
    ({ name, says }) => `${name}: ${says}`,
  );
const NEW = {
  title: "Longtails",
  metaTitle: "",
  description: "Other.",
  slug: "longtails",
  date: "",
  socialPicture: "",
};

describe("leftovers", () => {
  it.each([
    ["nothing of the source", "Wholly new text about something else than it was.", NEW, []],
    [
      "all fields",
      "New.",
      {},
      [
        "Title: Box bikes",
        "Meta title: Box bikes",
        "Meta description: All of them.",
        "Slug: box-bikes",
        "Date: 2026-01-02",
        "Social picture: the one that its source is shared with",
      ],
    ],
    [
      "a paragraph whatever its blanks and capitals",
      LONG.toUpperCase().replaceAll(" ", "  "),
      NEW,
      [`Paragraph: ${LONG.toUpperCase()}`],
    ],
    ["a changed paragraph", LONG.replace("three", "four"), NEW, []],
    ["a short line", "Call us.", NEW, []],
    [
      "pictures, and an alt text on another picture",
      "![A box](a.jpg)\n\n![A long one](new.jpg)\n\n![Mine](b.jpg)",
      NEW,
      ["Lead picture: A box", "Alt text: A long one", "Picture: Mine"],
    ],
    ["an empty post", "", NEW, []],
  ])("of %s", (_what, body, meta, expected) => expect(left(body, meta)).toEqual(expected));
  it("are none once accepted, and none of a post that says other things", () => {
    const draft = draftOf(LONG, { ...META, ...NEW, slug: "box-bikes" });
    const keys = leftoversOf(draft, source, []).map(({ key }) => key);
    expect(keys).toHaveLength(2);
    expect(leftoversOf(draft, source, keys)).toEqual([]);
  });
});
