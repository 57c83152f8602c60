/** The groups of checks, in the order of the weight strip. */
export const groups = [
  { id: "keyword", name: "Keyword" },
  { id: "snippet", name: "Snippet" },
  { id: "structure", name: "Structure" },
  { id: "coverage", name: "Coverage" },
  { id: "pictures", name: "Pictures" },
  { id: "links", name: "Links" },
  { id: "reading", name: "Reading" },
] as const;

export type GroupId = (typeof groups)[number]["id"];
