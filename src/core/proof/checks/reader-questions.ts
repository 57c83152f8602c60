import { type Check, judged, notApplicable, waiting } from "../check";
import { plural, quoted, wholeBlock } from "../evidence";

const MOST_NAMED = 3;

export const readerQuestions: Check = {
  id: "reader-questions",
  group: "coverage",
  name: "Reader questions answered",
  effort: "minutes",
  place: "body",
  says: "The questions that were chosen in Plan are answered: each by a heading with words enough under it, or by a sentence that holds all that it asks about.",
  judge(reading) {
    const { coverage } = reading;
    if (!coverage) return notApplicable("No field is kept for this post.");
    const { questions } = coverage;
    if (!questions.length) return notApplicable("No reader questions are chosen in Plan.");
    if (!reading.words) return waiting("There is no text yet.");
    const open = questions.filter(({ answered }) => !answered);
    const evidence = questions.flatMap(({ heading }) =>
      heading === null ? [] : [wholeBlock(reading, heading)],
    );
    return judged(
      1 - open.length / questions.length,
      open.length
        ? `${questions.length - open.length} of ${plural(questions.length, "question")}; open: ${open
            .slice(0, MOST_NAMED)
            .map(({ text }) => quoted(text))
            .join(", ")}.`
        : `All ${questions.length} are answered.`,
      evidence,
    );
  },
};
