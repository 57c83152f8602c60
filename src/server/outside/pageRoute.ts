/** POST /api/read-page: a page, read into the draft tree. What comes back is JSON; no fetched HTML is ever served. */
import { Router } from "express";
import type { ReadPageAnswer, ReadPageQuestion } from "../../data/schemas/collected";
import { checkShape, ShapeError } from "../../data/schemas/validate";
import { readPageQuestion } from "../../data/schemas/validators.generated.js";
import { answerError } from "../errors";
import { type Log, logFailure } from "../log";
import { AddressRefused } from "./addressRules";
import { PageFailure, type PageFetcher } from "./pageFetcher";
import type { PageReading } from "./pageReading";

const STATUS: Record<PageFailure["code"], number> = {
  "too-many-redirects": 502,
  "took-too-long": 504,
  "too-large": 502,
  "not-a-page": 415,
  "page-failed": 502,
  "not-reached": 502,
  "no-text": 502,
};

export function pageRoute(fetchPage: PageFetcher, readPage: PageReading, log: Log): Router {
  const router = Router();
  router.post("/", async (request, response) => {
    try {
      const { address } = checkShape<ReadPageQuestion>(
        readPageQuestion,
        request.body,
        "a question to the page reader",
      );
      const { address: reached, html, standIn } = await fetchPage(address.trim());
      const answer: ReadPageAnswer = { page: await readPage(html, reached), standIn };
      response.json(answer);
    } catch (error) {
      if (error instanceof AddressRefused) answerError(response, 400, "address-refused", error.message);
      else if (error instanceof ShapeError)
        answerError(response, 400, "bad-question", error.message, error.faults);
      else if (error instanceof PageFailure)
        answerError(response, STATUS[error.code], error.code, error.message);
      else {
        logFailure(log, request, 500, error);
        answerError(response, 500, "failed", "The page could not be read. Nothing of yours is lost.");
      }
    }
  });
  return router;
}
