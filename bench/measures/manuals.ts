import { analyseCompetitors } from "../../src/core/benchmark/competitors";
import { readPage } from "../../src/core/competitors/page";
import { defaultProfile } from "../../src/core/proof/profile";
import { judgeTopics, type TopicFigures } from "../judgeTopics";
import { MANUAL_LANGUAGES, type ManualLanguage, type ManualSubject } from "../manuals/manual";
import { areThere, headingName, readManual } from "../manuals/pages";
import { manualSubjects } from "../manuals/subjects";
import { type Figure, type Measure, mean, versionOf } from "./measure";

function judge({ keyword, pages }: ManualSubject, language: ManualLanguage): TopicFigures {
  const read = pages.map((page) => readManual(page, language));
  const { topics } = analyseCompetitors(
    read.map(({ html }, rank) => ({
      rank,
      page: readPage(html, `https://manual${rank}.example/page`, language),
    })),
    { keyword: keyword[language], language, profile: defaultProfile },
  );
  const marked = read.flatMap(({ marks }, page) => marks.map((mark) => ({ ...mark, page })));
  return judgeTopics(topics, marked, headingName);
}

export const manuals: Measure = {
  title: "Topics of software manuals",
  says: "Sixty pages of manuals that ship with Debian, four subjects of five pages in three languages, with what each heading is about marked by hand. No rule was made by the half that is held out.",
  data: () => `bench/manuals (${versionOf("bench/manuals")}); the pages are named there`,
  missing: () =>
    areThere(manualSubjects, MANUAL_LANGUAGES)
      ? null
      : "its pages are not here: npm run manuals fetches them",
  figures: () =>
    [false, true].flatMap((heldOut) =>
      MANUAL_LANGUAGES.flatMap((language): Figure[] => {
        const all = manualSubjects
          .filter((subject) => subject.heldOut === heldOut)
          .map((subject) => judge(subject, language));
        const name = `${language}, ${heldOut ? "held out" : "open"}`;
        return [
          { what: `${name}: precision`, value: mean(all.map(({ precision }) => precision)), aim: 0.9 },
          { what: `${name}: recall`, value: mean(all.map(({ recall }) => recall)), aim: 0.8 },
        ];
      }),
    ),
};
