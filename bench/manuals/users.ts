import type { ManualSubject } from "./manual";

export const users: ManualSubject = {
  name: "users and rights",
  keyword: { en: "user accounts", de: "Benutzerkonten", fr: "comptes utilisateur" },
  heldOut: true,
  pages: [
    {
      book: "reference",
      page: "ch04",
      headings: 20,
      about: {
        passwd: [1],
        accounts: [2],
        passwords: [3, 9],
        modules: [5, 6],
        su: [8],
        sudo: [16],
      },
      around: [0],
    },
    {
      book: "securing",
      page: "ch04s11",
      headings: 28,
      about: {
        modules: [1, 3, 4, 6, 7],
        passwords: [2, 25, 26],
        su: [5, 12],
        sudo: [13],
        recording: [17, 18],
        umask: [22],
      },
      around: [0],
    },
    {
      book: "handbook",
      page: "sect.user-group-databases",
      headings: 6,
      about: { passwd: [1, 2], accounts: [3, 4], groups: [5] },
      around: [0],
    },
    {
      book: "handbook",
      page: "sect.rights-management",
      headings: 3,
      about: { permissions: [1] },
      around: [0],
    },
    {
      book: "reference",
      page: "ch01",
      headings: 66,
      about: { sudo: [13], permissions: [18], umask: [19], groups: [20], recording: [47] },
      around: [0],
    },
  ],
};
