/**
 * The way to a search service at another address. The browser may only talk to this server, so questions go through it:
 * by POST, to an address that may be reached, with no redirects, within bounds of time and size; and only an answer of
 * the interface's shape comes back.
 */
import { Router } from "express";
import { Agent, request } from "undici";
import { isSearchOperation, searchAnswer, searchQuestion } from "../../data/schemas/search";
import { checkShape, parseJson, ShapeError } from "../../data/schemas/validate";
import { answerError } from "../errors";
import { AddressRefused, checkAddress, guardedLookup, type Reach } from "./addressRules";
import { readBounded, TooLarge } from "./readBounded";

const MOST_BYTES = 5_000_000;
const LONGEST_WAIT = 15_000;
const A_QUESTION = "a question to the search";
const AN_ANSWER = "an answer that the application understands";

export function searchRelay(reach: Reach): Router {
  const agent = new Agent({ connect: { lookup: guardedLookup(reach), timeout: LONGEST_WAIT } });
  const router = Router();
  router.post("/:operation", async (incoming, response) => {
    const { operation } = incoming.params;
    const address = incoming.get("X-Connection") ?? "";
    if (!isSearchOperation(operation))
      return answerError(response, 404, "unknown-operation", `The search has no operation “${operation}”.`);
    try {
      const question = checkShape(searchQuestion[operation], incoming.body, A_QUESTION);
      const url = checkAddress(`${address.replace(/\/+$/, "")}/${operation}`, reach);
      const answer = await request(url, {
        method: "POST",
        dispatcher: agent,
        headers: { "content-type": "application/json", accept: "application/json" },
        body: JSON.stringify(question),
        signal: AbortSignal.timeout(LONGEST_WAIT),
      });
      const text = (await readBounded(answer.body, MOST_BYTES)).toString("utf8");
      if (answer.statusCode !== 200)
        return answerError(
          response,
          502,
          "service-failed",
          `The search service at ${url.host} answered with an error (${answer.statusCode}).`,
        );
      response.json(checkShape(searchAnswer[operation], parseJson(text, AN_ANSWER), AN_ANSWER));
    } catch (error) {
      const host = URL.canParse(address) ? new URL(address).host : address;
      const cause = error instanceof Error && error.cause instanceof AddressRefused ? error.cause : error;
      if (cause instanceof AddressRefused) answerError(response, 400, "address-refused", cause.message);
      else if (cause instanceof ShapeError && cause.message.includes(A_QUESTION))
        answerError(response, 400, "bad-question", cause.message, cause.faults);
      else if (cause instanceof ShapeError)
        answerError(
          response,
          502,
          "bad-answer",
          `The search service at ${host} answered in a shape that is not the interface's.`,
          cause.faults,
        );
      else if (cause instanceof TooLarge)
        answerError(response, 502, "answer-too-large", `The answer of ${host} is larger than 5 MB.`);
      else if (cause instanceof Error && /Timeout/.test(cause.name))
        answerError(response, 504, "no-answer", `The search service at ${host} did not answer in time.`);
      else answerError(response, 502, "not-reached", `The search service at ${host} could not be reached.`);
    }
  });
  return router;
}
