import type { Block } from "../../draft/draft";
import { suggestedFileName } from "../../pictures/fileName";
import { isMadeOfWords } from "../fileNames";
import type { ChangedLine, FixRule } from "./fixRule";

/** Names picture files by what their alt texts, captions or the title say. */
export const pictureNames: FixRule = {
  id: "picture-names",
  check: "picture-names",
  name: "Rename the pictures",
  safe: false,
  suggest({ pictures, draft, pack }) {
    const lines: ChangedLine[] = [];
    const blocks = new Map<number, Block[]>();
    const used = new Set(pictures.map(({ picture }) => picture.fileName));
    for (const { block, picture } of pictures) {
      // Only a picture that is kept with the post can be given another name.
      if (!picture.fileName || isMadeOfWords(picture.fileName) || !picture.src.startsWith("asset:")) continue;
      const named = { alt: picture.alt ?? "", caption: picture.text, fileName: picture.fileName };
      const suggested = suggestedFileName(named, draft.meta.title, pack);
      if (!suggested) continue;
      const name = free(suggested, used);
      if (!isMadeOfWords(name)) continue;
      used.add(name);
      blocks.set(block, [{ ...picture, fileName: name }]);
      lines.push({ before: picture.fileName, after: name });
    }
    return lines.length ? [{ lines, change: { blocks } }] : [];
  },
};

function free(name: string, used: ReadonlySet<string>): string {
  const [, stem, ending] = /^(.*?)(\.[a-z0-9]{2,5})?$/.exec(name)!;
  let candidate = name;
  for (let n = 2; used.has(candidate); n++) candidate = `${stem}-${n}${ending ?? ""}`;
  return candidate;
}
