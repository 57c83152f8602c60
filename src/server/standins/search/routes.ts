/** The stand-in search over HTTP: POST of a question to /<operation>, as docs/standins.md describes. */
import { join } from "node:path";
import { Router } from "express";
import { isSearchOperation, searchAnswer, searchQuestion } from "../../../data/schemas/search";
import { checkShape, ShapeError } from "../../../data/schemas/validate";
import { answerError } from "../../errors";
import { readWeb } from "../web/pages";
import { Corpus } from "./corpus";
import { readKeywordLog } from "./keywordLog";
import { SearchService, UnknownRegion } from "./searchService";
import { troubleOf } from "./trouble";

/** @param demo folder with keyword-log.csv and web/ */
export function searchRoutes(demo: string): Router {
  const router = Router();
  // Read at the first question: most starts of the server never ask one at once.
  let service: SearchService | undefined;
  const searching = () => {
    service ??= new SearchService(
      readKeywordLog(join(demo, "keyword-log.csv")),
      new Corpus(readWeb(join(demo, "web"))),
    );
    return service;
  };
  router.post("/:operation", async (request, response) => {
    const { operation } = request.params;
    if (!isSearchOperation(operation))
      return answerError(response, 404, "unknown-operation", `The search has no operation “${operation}”.`);
    const { delay, fails } = troubleOf(request, Math.random());
    if (delay) await new Promise((resolve) => setTimeout(resolve, delay));
    if (fails)
      return answerError(
        response,
        503,
        "stand-in-trouble",
        "The stand-in failed on purpose: Settings, “Connections” has its error rate above zero.",
      );
    try {
      const question = checkShape<never>(searchQuestion[operation], request.body, "a question to the search");
      const answer = searching().answer(operation, question);
      response.json(checkShape(searchAnswer[operation], answer, "an answer of the search"));
    } catch (error) {
      if (error instanceof UnknownRegion) answerError(response, 400, "unknown-region", error.message);
      else if (error instanceof ShapeError)
        answerError(response, 400, "bad-question", error.message, error.faults);
      else throw error;
    }
  });
  return router;
}
