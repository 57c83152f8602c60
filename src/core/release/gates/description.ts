import { defineGate } from "./gate";

export const description = defineGate({
  id: "description",
  name: "Meta description",
  place: { stage: "write", field: "description" },
  judge: ({ meta }) => ({
    passed: meta.description !== "",
    says: meta.description
      ? "There is one."
      : "There is no meta description: results pages would make one up.",
  }),
});
