import { defineGate } from "./gate";

export const rawPaste = defineGate({
  id: "raw-paste",
  name: "No leftovers of pasting",
  place: { stage: "write", field: "body" },
  remedy: "clean",
  judge: (_draft, { rawSigns }) => ({
    passed: !rawSigns.length,
    says: rawSigns.length ? `The text has ${rawSigns.join(", ")}.` : "The text is clean.",
  }),
});
