/** POST /api/read-page: a page, read into the draft tree. What comes back is JSON; no fetched HTML is ever served. */
import { type Request, type Response, Router } from "express";
import { fileTypeFromBuffer } from "file-type";
import { isPictureType } from "../../core/media/mediaTypes";
import type { ReadPageAnswer, ReadPageQuestion } from "../../data/schemas/collected";
import { checkShape, ShapeError } from "../../data/schemas/validate";
import { readPageQuestion } from "../../data/schemas/validators.generated.js";
import { answerError } from "../errors";
import { type Log, logFailure } from "../log";
import { AddressRefused } from "./addressRules";
import { PageFailure, type PageFetcher, type PictureFetcher } from "./pageFetcher";
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
    await explained(request, response, log, async () => {
      const { address: reached, html, standIn } = await fetchPage(addressIn(request));
      const answer: ReadPageAnswer = { page: await readPage(html, reached), standIn };
      response.json(answer);
    });
  });
  return router;
}

/** POST /api/read-picture: the bytes of a picture, for the card of a link. Never as something that a browser would show. */
export function pictureRoute(fetchPicture: PictureFetcher, log: Log): Router {
  const router = Router();
  router.post("/", async (request, response) => {
    await explained(request, response, log, async () => {
      const bytes = await fetchPicture(addressIn(request));
      const kind = await fileTypeFromBuffer(bytes);
      if (!kind || !isPictureType(kind.mime))
        throw new PageFailure("not-a-page", "What is at this address is not a picture.");
      response.type("application/octet-stream").attachment().send(bytes);
    });
  });
  return router;
}

const addressIn = ({ body }: Request): string =>
  checkShape<ReadPageQuestion>(readPageQuestion, body, "a question to the page reader").address.trim();

async function explained(
  request: Request,
  response: Response,
  log: Log,
  answer: () => Promise<void>,
): Promise<void> {
  try {
    await answer();
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
}
