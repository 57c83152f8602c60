import { defineGate } from "./gate";

export const title = defineGate({
  id: "title",
  name: "Title",
  place: { stage: "write", field: "title" },
  judge: ({ meta }) => ({
    passed: meta.title !== "",
    says: meta.title ? `“${meta.title}”` : "The post has no title.",
  }),
});
