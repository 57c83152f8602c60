/** Routes under /api: JSON in and out, for this application's own pages only. */
import { join } from "node:path";
import express, { type NextFunction, type Request, type Response, Router } from "express";
import { rateLimit } from "express-rate-limit";
import { answerError } from "./errors";
import { createLog, type Log, logFailure } from "./log";
import type { Reach } from "./outside/addressRules";
import { blogRelay } from "./outside/blogRelay";
import { Connections, connectionRoutes } from "./outside/connections";
import { pageFetcher, pictureFetcher } from "./outside/pageFetcher";
import { pageReading } from "./outside/pageReading";
import { pageRoute, pictureRoute } from "./outside/pageRoute";
import { searchRelay } from "./outside/searchRelay";
import { writerRelay } from "./outside/writerRelay";
import type { RunningBlog } from "./standins/blog/startBlog";
import { STANDINS } from "./standins/registry";
import { standInWeb } from "./standins/web/webServer";

const A_MINUTE = 60_000;

export interface ApiOptions {
  /** Folder with what the stand-ins compute from. */
  demo: string;
  /** Where connections may lead: this machine too, where only this machine can ask. */
  reach: Reach;
  /** Where pages may be read from, beside the stand-in web: public addresses, unless a test has its own servers. */
  pageReach?: Reach;
  /** Pages read a minute for one address: each costs a fetch and the work of reading it. */
  pageLimit?: number;
  /** Requests a minute from one address. */
  limit?: number;
  /** The stand-in blog, where it runs. */
  blog?: RunningBlog | null;
  /** Where failures are written. */
  log?: Log;
}

export function api({
  demo,
  reach,
  pageReach = "public",
  pageLimit = 240,
  limit = 1200,
  blog = null,
  log = createLog(),
}: ApiOptions): Router {
  const connections = new Connections();
  const router = Router();
  router.use(atMost(limit));
  router.use(ownPagesOnly);
  // A post with all that is in it is larger than any other question.
  router.use("/blog", blogRelay(connections, reach, blog));
  router.use(express.json({ limit: "1mb" }));
  for (const { name, routes } of STANDINS) router.use(`/standins/${name}`, routes(demo));
  router.use("/connections/search", searchRelay(connections, reach));
  router.use("/connections/writer", writerRelay(connections, reach));
  router.use("/connections", connectionRoutes(connections, reach));
  const web = standInWeb(join(demo, "web"), join(demo, "photos"));
  router.use("/read-page", atMost(pageLimit), pageRoute(pageFetcher(pageReach, web), pageReading(), log));
  router.use("/read-picture", atMost(pageLimit), pictureRoute(pictureFetcher(pageReach, web), log));
  router.use((_request, response) =>
    answerError(response, 404, "not-found", "There is nothing at this address."),
  );
  router.use((error: { status?: number }, request: Request, response: Response, _next: NextFunction) => {
    const status = error.status ?? 500;
    if (status >= 500) logFailure(log, request, status, error);
    if (response.headersSent) response.destroy();
    else if (status >= 500)
      answerError(response, 500, "failed", "The server failed. Nothing of yours is lost.");
    else answerError(response, status, "bad-request", "The request could not be read.");
  });
  return router;
}

const atMost = (limit: number) =>
  rateLimit({
    windowMs: A_MINUTE,
    limit,
    standardHeaders: "draft-8",
    legacyHeaders: false,
    handler: (_request, response) =>
      answerError(response, 429, "too-many", "Too many requests in a minute. Wait a little and try again."),
  });

/** Another site's page must not use this server through a visitor's browser (Fetch Metadata, and JSON only, which a form cannot send). */
function ownPagesOnly(request: Request, response: Response, next: NextFunction): void {
  const from = request.get("Sec-Fetch-Site");
  if (from && from !== "same-origin" && from !== "none")
    answerError(response, 403, "other-site", "Only the application's own pages may ask here.");
  else if (request.method === "POST" && !request.is("application/json") && !isPicture(request))
    answerError(response, 415, "not-json", "Questions are asked in JSON.");
  else next();
}

/** Bytes of a picture: only a script of the application's own pages can send them with this header (Fetch, CORS-safelisted headers). */
const isPicture = (request: Request): boolean =>
  request.is("application/octet-stream") !== false && request.get("X-Requested-By") === "dune-sparrow";
