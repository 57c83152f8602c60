import type { Block, PictureBlock } from "../../draft/draft";
import { isBalanced, titleParts } from "../../snippet/wholeness";
import { concreteStems } from "../../text/concrete/concrete";
import { fold } from "../../text/fold";
import { sentences } from "../../text/sentences";
import { altFault, altTextThresholds } from "../checks/altText";
import { isMadeOfWords } from "../fileNames";
import type { DraftReading } from "../reading/reading";
import { thresholdsIn } from "../thresholds";
import type { ChangedLine, FixRule } from "./fixRule";

/** Starts alt texts from the caption or the file name; else from a sentence beside the picture that names something to be seen. */
export const altTexts: FixRule = {
  id: "alt-texts",
  check: "alt-text",
  name: "Start the alt texts",
  safe: false,
  toCheck: true,
  suggest(reading) {
    const lines: ChangedLine[] = [];
    const blocks = new Map<number, Block[]>();
    const used = new Set<string>();
    for (const { block, picture } of reading.pictures) {
      if (picture.decorative || !altFault(reading, picture)) continue;
      const alt = startsOf(reading, block, picture).find((text) => {
        const changed: PictureBlock = { ...picture, alt: text };
        return !used.has(text) && altFault(reading, changed) === null;
      });
      if (!alt) continue;
      used.add(alt);
      blocks.set(block, [{ ...picture, alt }]);
      lines.push({ before: picture.alt || picture.fileName || "picture without alt text", after: alt });
    }
    return lines.length ? [{ lines, change: { blocks } }] : [];
  },
};

/**
 * What an alt text may begin from, the surest first. A sentence beside the picture or the heading above it counts only where
 * it names something to be seen besides what the whole post is about.
 */
function startsOf(reading: DraftReading, at: number, picture: PictureBlock): string[] {
  const { blocks } = reading.draft;
  const near = [at - 1, at + 1].flatMap((i) => {
    const block = blocks[i];
    if (!block || (block.kind !== "paragraph" && block.kind !== "listItem")) return [];
    const parts = sentences(block.text, reading.pack);
    const part = i < at ? parts.at(-1) : parts[0];
    return part ? [block.text.slice(part.start, part.end)] : [];
  });
  const heading = blocks.slice(0, at).findLast(({ kind }) => kind === "heading")?.text ?? "";
  const most = thresholdsIn(reading.profile, "alt-text", altTextThresholds).mostCharacters;
  return [
    withoutOpening(picture.alt ?? "", reading),
    picture.text,
    nameInWords(picture.fileName),
    ...[...near, heading].filter((text) => [...text].length <= most && isSeen(text, reading)),
  ].map((text) => cut(text.replace(/\s+/g, " ").trim(), reading));
}

function isSeen(text: string, reading: DraftReading): boolean {
  const { pack, draft, keyword } = reading;
  const seen = concreteStems(pack.code);
  const subject = new Set(keyword ? reading.analyse(draft.meta.keyword).tokens.map(({ stem }) => stem) : []);
  const { tokens } = reading.analyse(text);
  return (
    !(tokens[0] && pack.leans(text.slice(tokens[0].start, tokens[0].end))) &&
    isBalanced(text) &&
    tokens.some(({ stem }) => seen.has(stem) && !subject.has(stem))
  );
}

/** "two-children-in-a-box.jpg" as words; nothing where the name is not made of words. */
function nameInWords(fileName: string): string {
  if (!isMadeOfWords(fileName)) return "";
  const words = fileName.replace(/\.[a-z0-9]{2,5}$/i, "").replace(/[-_]+/g, " ");
  return words.includes(" ") ? words.trim().replace(/^\p{Ll}/u, (letter) => letter.toUpperCase()) : "";
}

/** "Image of a bike" without the part that only says it is a picture. */
function withoutOpening(alt: string, { pack }: DraftReading): string {
  // Folding may change the length; where it does, the opening cannot be told in the alt itself.
  const folded = fold(alt);
  const opening = folded.length === alt.length ? pack.altOpening.exec(folded)?.[0] : undefined;
  if (!opening) return alt;
  return alt
    .slice(opening.length)
    .trim()
    .replace(/^\p{Ll}/u, (letter) => letter.toUpperCase());
}

/** Without the stop at its end; what is too long is cut where a clause ends, or not used. */
function cut(text: string, { profile, pack }: DraftReading): string {
  const most = thresholdsIn(profile, "alt-text", altTextThresholds).mostCharacters;
  const plain = text.replace(/[.;:,\s]+$/u, "");
  if ([...plain].length <= most) return plain;
  return titleParts(plain, pack).find(({ text: part }) => [...part].length <= most)?.text ?? "";
}
