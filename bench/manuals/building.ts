import type { ManualSubject } from "./manual";

export const building: ManualSubject = {
  name: "building packages",
  keyword: { en: "building packages", de: "Pakete bauen", fr: "construire un paquet" },
  heldOut: true,
  pages: [
    {
      book: "maintaining",
      page: "dreq",
      headings: 8,
      about: { control: [1], changelog: [3], rules: [4, 5, 6, 7] },
      around: [0],
    },
    { book: "maintaining", page: "build", headings: 8, about: { rebuild: [1, 6] }, around: [0] },
    {
      book: "developing",
      page: "best-pkging-practices",
      headings: 78,
      about: {
        rules: [2],
        changes: [4],
        control: [6],
        changelog: [14, 15, 16, 17, 18, 19],
        scripts: [21],
      },
      around: [0, 1, 72, 73, 74, 75, 76, 77],
    },
    {
      book: "handbook",
      page: "sect.package-meta-information",
      headings: 14,
      about: { control: [1], scripts: [10, 11, 12] },
      around: [0],
    },
    {
      book: "handbook",
      page: "debian-packaging",
      headings: 5,
      about: { rebuild: [1, 4], changes: [3] },
      around: [0],
    },
  ],
};
