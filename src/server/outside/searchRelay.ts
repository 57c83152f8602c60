/**
 * The way to a search service at another address. The browser may only talk to this server, so questions go through it:
 * by POST, to a connection of the application's settings, with no redirects, within bounds of time and size; and only an answer of
 * the interface's shape comes back. Whatever else is there, or nothing, is answered alike: nobody learns what listens where.
 */
import { Router } from "express";
import { Agent, request } from "undici";
import { isSearchOperation, searchAnswer, searchQuestion } from "../../data/schemas/search";
import { checkShape, parseJson, ShapeError } from "../../data/schemas/validate";
import { answerError } from "../errors";
import { AddressRefused, checkAddress, guardedLookup, type Reach } from "./addressRules";
import type { Connections } from "./connections";
import { readBounded } from "./readBounded";

const MOST_BYTES = 5_000_000;
const LONGEST_WAIT = 15_000;
/** Milliseconds before which no failure is told: a port that is shut answers sooner than one that is not. */
const SOONEST_FAILURE = 400;
const A_QUESTION = "a question to the search";
const AN_ANSWER = "an answer that the application understands";

export function searchRelay(connections: Connections, reach: Reach): Router {
  const agent = new Agent({ connect: { lookup: guardedLookup(reach), timeout: LONGEST_WAIT } });

  /** @throws whatever went wrong, which is nobody's business outside */
  async function ask(
    url: URL,
    question: unknown,
    validate: Parameters<typeof checkShape>[0],
  ): Promise<unknown> {
    const answer = await request(url, {
      method: "POST",
      dispatcher: agent,
      headers: { "content-type": "application/json", accept: "application/json" },
      body: JSON.stringify(question),
      signal: AbortSignal.timeout(LONGEST_WAIT),
    });
    const text = (await readBounded(answer.body, MOST_BYTES)).toString("utf8");
    if (answer.statusCode !== 200) throw new Error("It answered with an error.");
    return checkShape(validate, parseJson(text, AN_ANSWER), AN_ANSWER);
  }

  const router = Router();
  router.post("/:id/:operation", async (incoming, response) => {
    const { id, operation } = incoming.params;
    const began = performance.now();
    if (!isSearchOperation(operation))
      return answerError(response, 404, "unknown-operation", `The search has no operation “${operation}”.`);
    const base = connections.address(id);
    if (!base)
      return answerError(
        response,
        404,
        "unknown-connection",
        "This connection is not known here (any more).",
      );
    try {
      const question = checkShape(searchQuestion[operation], incoming.body, A_QUESTION);
      const url = checkAddress(`${base.href.replace(/\/+$/, "")}/${operation}`, reach);
      response.json(await ask(url, question, searchAnswer[operation]));
    } catch (error) {
      const cause = error instanceof Error && error.cause instanceof AddressRefused ? error.cause : error;
      if (cause instanceof AddressRefused)
        return answerError(response, 400, "address-refused", cause.message);
      if (cause instanceof ShapeError && cause.message.includes(A_QUESTION))
        return answerError(response, 400, "bad-question", cause.message, cause.faults);
      const early = SOONEST_FAILURE - (performance.now() - began);
      if (early > 0) await new Promise((resolve) => setTimeout(resolve, early));
      answerError(
        response,
        502,
        "no-service",
        `No search service answered at ${base.host}: nothing is there, it took too long, or what is there does not speak the interface.`,
      );
    }
  });
  return router;
}
