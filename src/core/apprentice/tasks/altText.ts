import * as is from "../../declare";
import { characters, wholeLength } from "../checks/lengths";
import { checkPicture } from "../checks/picture";
import { part, type Sentence } from "../composing/parts";
import { variants } from "../composing/variants";
import { compressed } from "../english/compress";
import { capitalised, oneSpace } from "../english/sentence";
import { proseForm } from "../forms/prose";
import { sentencesOf } from "../material/material";
import { contentStemSet, overlap } from "../methods/likeness";
import { defineTask, said } from "../task";

/** As the check of alt texts has it (core/proof/checks/altText). */
const LONGEST = 125;
const CREDIT = /\s*(?:[(|–—-]\s*)?(?:photo(?:graph)?|picture|image|credit|©|copyright)\s*(?:by|:|©).*$/iu;
const OPENING =
  /^(?:(?:a|an|the)\s+)?(?:photo(?:graph)?|picture|image|graphic|screenshot|figure|fig\.?)\s*(?:of|showing|shows|:|\d+[:.]?)\s*/iu;
const NAMELESS =
  /^(?:img|dsc|dscn|pxl|image|photo|picture|pic|screenshot|untitled|unnamed|file|download|scan|whatsapp|final|copy|new|edited|small|large|web|hero|banner|thumb|\d+|[a-f\d]{8,})$/i;

export const altText = defineTask({
  id: "alt-text",
  name: "Start an alt text",
  says: "A first alt text from the caption, the words around the picture and its file name, for a person to check.",
  fields: {
    caption: is.optional(said(is.text(2000), "Caption")),
    around: is.optional(said(is.text(20_000), "Words around", "The words around the picture")),
    fileName: is.optional(said(is.text(500), "File name")),
  },
  form: proseForm,
  places: ["picture"],
  languages: "any",
  answers: 3,
  ask: ({ caption, around, fileName }) =>
    [
      `Write an alt text of up to ${LONGEST} characters for a picture that you cannot see, from what is said of it. No “image of”.`,
      caption && `Caption: ${caption}`,
      fileName && `File name: ${fileName}`,
      around && `Around it: ${around}`,
    ]
      .filter(Boolean)
      .join("\n"),
  checks: [checkPicture, wholeLength(4, LONGEST)],
  compose(call) {
    const { input, material, chance } = call;
    const { pack } = material;
    const shorten = (text: string): string | null =>
      characters(text) <= LONGEST
        ? text
        : pack.code === "en"
          ? (compressed(text, LONGEST) ?? clause(text))
          : clause(text);
    const starts: Sentence[] = [];
    const caption = input.caption?.trim() ?? "";
    const seen = tidy(caption);
    const ofCaption = { kind: "post" as const, ref: "caption", quote: standing(seen, caption) };
    const short = seen && shorten(seen);
    if (short) starts.push({ text: short, from: [ofCaption] });
    const fileName = input.fileName?.trim() ?? "";
    const named = nameInWords(fileName);
    const ofName = { kind: "post" as const, ref: "file name", quote: fileName };
    if (named) starts.push({ text: named, from: [ofName] });
    if (
      short &&
      named &&
      overlap(contentStemSet(short, pack), contentStemSet(named, pack)) < 0.5 &&
      characters(short) + characters(named) + 2 <= LONGEST
    )
      starts.push({
        text: `${short}: ${named[0]!.toLowerCase()}${named.slice(1)}`,
        from: [ofCaption, ofName],
      });
    for (const passage of sentencesOf(input.around ?? "", "post", "words around the picture", pack).slice(
      0,
      3,
    )) {
      const text = shorten(tidy(passage.text));
      if (text && !/\?$/.test(passage.text)) starts.push({ text, from: [passage] });
    }
    if (!starts.length) {
      call.miss("A caption, words around the picture, or a file name that says something.");
      return [];
    }
    // The caption is the likeliest; the words around it only where there is none.
    const likely = starts.slice(0, short || named ? 3 : 4);
    return variants(call, () => {
      const { text, from } = chance.pick(likely)!;
      return [part("paragraph", text, from)];
    });
  },
});

const tidy = (text: string): string =>
  capitalised(oneSpace(text.replace(CREDIT, "").replace(OPENING, "")).replace(/[.;:,\s]+$/u, ""));
const standing = (text: string, source: string): string =>
  source.includes(text)
    ? text
    : source.toLowerCase().includes(text.toLowerCase())
      ? source.slice(source.toLowerCase().indexOf(text.toLowerCase())).slice(0, text.length)
      : source;

/** Up to a sign that ends a clause. */
function clause(text: string): string | null {
  const at = text.slice(0, LONGEST).search(/[,;:–—(][^,;:–—(]*$/u);
  return at > 20 ? text.slice(0, at).trim() : null;
}

/** "two-children-in-a-box.jpg" as words; "" where the name says nothing. */
function nameInWords(fileName: string): string {
  const words = fileName
    .replace(/\.[a-z\d]{2,5}$/i, "")
    .replace(/(\p{Ll})(\p{Lu})/gu, "$1 $2")
    .split(/[-_.\s+]+/)
    .filter((word) => word && !NAMELESS.test(word) && !/^\d+x\d+$/.test(word));
  return words.length >= 2 && words.every((word) => /^[\p{L}\p{N}'’]+$/u.test(word))
    ? capitalised(words.join(" ").toLowerCase())
    : "";
}
