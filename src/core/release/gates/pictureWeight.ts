import type { PictureBlock } from "../../draft/draft";
import { fileSize } from "../../media/mediaTypes";
import { defineGate } from "./gate";

/** Bytes from which a picture keeps readers waiting, wherever they are. */
const HEAVY = 1_000_000;

export const pictureWeight = defineGate({
  id: "picture-weight",
  name: "Weight of pictures",
  place: { stage: "write", field: "body" },
  level: "warn",
  judge({ blocks }) {
    const pictures = blocks.filter((block): block is PictureBlock => block.kind === "picture");
    if (!pictures.length) return null;
    const heavy = pictures.filter(({ bytes }) => bytes !== null && bytes > HEAVY);
    const [first] = heavy;
    return {
      passed: !first,
      says: first
        ? `“${first.fileName}” weighs ${fileSize(first.bytes!)}${heavy.length > 1 ? `, and ${heavy.length - 1} more` : ""}: more than ${fileSize(HEAVY)} keeps readers waiting.`
        : `None weighs more than ${fileSize(HEAVY)}.`,
    };
  },
});
