import type { PictureBlock } from "../../draft/draft";
import { defineGate } from "./gate";

export const leadPicture = defineGate({
  id: "lead-picture",
  name: "Alt text of the lead picture",
  place: { stage: "write", field: "body" },
  judge({ blocks }, { leadPicture: own }) {
    if (own)
      return {
        passed: own.alt.trim() !== "",
        says: own.alt.trim() ? `“${own.alt}”` : "The lead picture has no alt text.",
      };
    const lead = blocks.find((block): block is PictureBlock => block.kind === "picture");
    if (!lead)
      return { passed: false, says: "There is no picture: nothing to lead with, and nothing to share." };
    if (lead.decorative) return { passed: false, says: "The first picture is marked as decoration." };
    return {
      passed: Boolean(lead.alt),
      says: lead.alt ? `“${lead.alt}”` : "The first picture has no alt text.",
    };
  },
});
