import { Type } from "@sinclair/typebox";
import { defineCheck, judged, notApplicable, waiting } from "../check";
import { atFault, plural, quoted, wholeHeadingAt } from "../evidence";
import { amount } from "../thresholds";

const MOST_NAMED = 3;

export const readerQuestionsThresholds = Type.Object(
  {
    answerWords: amount(8, { name: "Shortest answer", unit: "words" }),
  },
  { additionalProperties: false },
);

export const readerQuestions = defineCheck({
  id: "reader-questions",
  weight: 3,
  thresholds: readerQuestionsThresholds,
  group: "coverage",
  name: "Reader questions answered",
  effort: "minutes",
  place: "body",
  says: ({ answerWords }) =>
    `The questions chosen in Plan are answered: each by a heading or FAQ entry that asks it with ${answerWords} words or more under it, or by a sentence that holds all that it asks about.`,
  reads: ["questions", "headings", "hasWords"],
  judge(reading, { answerWords }) {
    const { questions } = reading;
    if (!questions) return notApplicable("No competing pages are collected for this post.");
    if (!questions.length) return notApplicable("No reader questions are chosen in Plan.");
    if (!reading.hasWords) return waiting("There is no text yet.");
    const open = questions.filter(({ answered }) => !answered);
    // A heading that asks, with too little under it, is where an answer is missing.
    const evidence = questions.flatMap(({ heading, answered }) => {
      const places = wholeHeadingAt(reading.headings, heading);
      return answered ? places : atFault(places, 1 / questions.length);
    });
    return judged(
      1 - open.length / questions.length,
      open.length
        ? `${questions.length - open.length} of ${plural(questions.length, "question")}; open: ${open
            .slice(0, MOST_NAMED)
            .map(({ text }) => quoted(text))
            .join(
              ", ",
            )}. An answer is ${answerWords} words or more under a heading that asks, or one sentence that says all of it.`
        : `All ${questions.length} are answered.`,
      evidence,
    );
  },
});
