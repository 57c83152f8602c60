/** The page reader's interface, and what is kept of collected pages. */
import { pageShape, rankedShape } from "../../core/competitors/pageShape";
import * as is from "../../core/declare";

export const readPageQuestionShape = is.shape({ address: is.someText(4000) });
export type ReadPageQuestion = is.Static<typeof readPageQuestionShape>;

export const readPageAnswerShape = is.shape({
  page: pageShape,
  /** It came from the stand-in web. */
  standIn: is.flag(),
});
export type ReadPageAnswer = is.Static<typeof readPageAnswerShape>;

const askedQuestionShape = is.shape({
  text: is.text(2000),
  service: is.text(200),
  asked: is.list(is.shape({ title: is.text(2000), address: is.text(4000) }), 100),
});
/** What a search service knows of a question, with where it was asked. */
export type QuestionFromSearch = is.Static<typeof askedQuestionShape>;

export const collectedShape = is.shape({
  pages: is.list(rankedShape, 100),
  asked: is.list(askedQuestionShape, 2000),
});
/** What is collected for a post, and is analysed anew from this alone. */
export type CollectedCompetitors = is.Static<typeof collectedShape>;
