import { defineGate } from "./gate";

export const ownLinks = defineGate({
  id: "own-links",
  name: "Links to own pages",
  place: { stage: "write", field: "body" },
  level: "warn",
  judge: (_draft, { deadLinks }) => ({
    passed: deadLinks.length === 0,
    says: deadLinks.length
      ? `${deadLinks.length === 1 ? "A link leads" : `${deadLinks.length} links lead`} nowhere on this site: ${deadLinks.slice(0, 3).join(", ")}`
      : "Each leads to a page.",
  }),
});
