import type { Book, ManualLanguage } from "./manual";

const LOCALES: Record<ManualLanguage, string> = { en: "en-US", de: "de-DE", fr: "fr-FR" };

/** The package of a language: the English one of these books has no ending. */
const translated = (name: string, language: ManualLanguage): string =>
  language === "en" ? name : `${name}-${language}`;

export const BOOKS: Record<string, (language: ManualLanguage) => Book> = {
  handbook: (language) => ({
    package: "debian-handbook",
    version: "11.20220922",
    path: (page) => `usr/share/doc/debian-handbook/html/${LOCALES[language]}/${page}.html`,
  }),
  reference: (language) => ({
    package: `debian-reference-${language}`,
    version: "2.100",
    path: (page) => `usr/share/debian-reference/${page}.${language}.html`,
  }),
  questions: (language) => ({
    package: translated("debian-faq", language),
    version: "11.1",
    path: (page) =>
      `usr/share/doc/debian/FAQ/${language === "en" ? "" : `${language}/`}${page}.${language}.html`,
  }),
  installation: (language) => ({
    package: "installation-guide-amd64",
    version: "20230508+deb12u1",
    path: (page) => `usr/share/doc/installation-guide-amd64/${language}/${page}.html`,
  }),
  maintaining: (language) => ({
    package: translated("maint-guide", language),
    version: "1.2.53",
    path: (page) => `usr/share/doc/${translated("maint-guide", language)}/html/${page}.${language}.html`,
  }),
  developing: (language) => ({
    package: translated("developers-reference", language),
    version: "12.18",
    path: (page) => `usr/share/developers-reference/${language === "en" ? "" : `${language}/`}${page}.html`,
  }),
  securing: (language) => ({
    package: "harden-doc",
    version: "3.19+nmu1",
    path: (page) => `usr/share/doc/harden-doc/html/${LOCALES[language]}/${page}.html`,
  }),
};
