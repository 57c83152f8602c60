/**
 * The way to a blog: the stand-in, or one at another address. The browser may only talk to this server, so what it asks of a blog goes
 * through it: to the endpoint that the blog names, with the token that the browser holds and sends along each time, with no redirects, within
 * bounds of time and size. The token is kept nowhere here. For the stand-in it is the one of its own.
 */
import express, { type Request, type Response, Router } from "express";
import { Agent, request } from "undici";
import { visit } from "unist-util-visit";
import { parseHtml } from "../../core/draft/fromHtml";
import { checkShape, ShapeError } from "../../data/schemas/validate";
import { searchConnectionQuestion } from "../../data/schemas/validators.generated.js";
import { answerError } from "../errors";
import type { RunningBlog } from "../standins/blog/startBlog";
import { AddressRefused, checkAddress, guardedLookup, type Reach } from "./addressRules";
import type { Connections } from "./connections";
import { readBounded } from "./readBounded";

/** What the stand-in goes by among connections. */
export const STAND_IN = "stand-in";

const MOST_BYTES = 20_000_000;
const MOST_MEDIA = "30mb";
const LONGEST_WAIT = 30_000;

interface Way {
  endpoint: URL;
  token: string;
  /** Headers that only the stand-in understands. */
  trouble: Record<string, string>;
}

export function blogRelay(connections: Connections, reach: Reach, blog: RunningBlog | null): Router {
  const agent = new Agent({ connect: { lookup: guardedLookup(reach), timeout: LONGEST_WAIT } });
  // The stand-in is on this machine by design, and nothing else can be asked through this one.
  const own = new Agent();
  const router = Router();
  router.use(express.json({ limit: "25mb" }));

  router.get("/stand-in", (_request, response) => {
    response.json({ origin: blog?.origin ?? null });
  });

  /** POST of {address}: where its endpoint is, and the id under which it is asked. */
  router.post("/find", async (incoming, response) => {
    await answered(response, async () => {
      const { address } = checkShape<{ address: string }>(
        searchConnectionQuestion,
        incoming.body,
        "a connection",
      );
      const endpoint = checkAddress((await endpointOf(checkAddress(address.trim(), reach))).href, reach);
      response.json({ id: connections.add(endpoint), endpoint: endpoint.href });
    });
  });

  /** POST of {query}: a question; of {body}: something to do. */
  router.post("/:id/ask", async (incoming, response) => {
    await answered(response, async () => {
      const { query, body } = incoming.body as { query?: Record<string, string>; body?: object };
      const way = wayOf(incoming);
      const url = new URL(way.endpoint);
      for (const [name, value] of Object.entries(query ?? {})) url.searchParams.append(name, String(value));
      response.json(
        await passed(
          way,
          url,
          body ? { method: "POST", type: "application/json", body: JSON.stringify(body) } : { method: "GET" },
        ),
      );
    });
  });

  /** POST of a picture's bytes, with its name and type: to the media endpoint of the blog. */
  router.post(
    "/:id/media",
    express.raw({ type: "application/octet-stream", limit: MOST_MEDIA }),
    async (incoming, response) => {
      await answered(response, async () => {
        const way = wayOf(incoming);
        const {
          name = "picture",
          type = "image/jpeg",
          endpoint = "",
        } = incoming.query as Record<string, string>;
        const named = new URL(endpoint, way.endpoint);
        // The standard lets a blog take pictures at another host; that one is looked at like any address.
        const target = named.host === way.endpoint.host ? named : checkAddress(named.href, reach);
        const form = new FormData();
        form.append("file", new Blob([incoming.body as Uint8Array<ArrayBuffer>], { type }), name);
        const encoded = new globalThis.Response(form);
        response.json(
          await passed(way, target, {
            method: "POST",
            type: encoded.headers.get("content-type")!,
            body: Buffer.from(await encoded.arrayBuffer()),
          }),
        );
      });
    },
  );

  function wayOf(incoming: Request): Way {
    const { id } = incoming.params as { id: string };
    if (id === STAND_IN) {
      if (!blog) throw new Refusal(503, "no-stand-in", "The stand-in blog is not running.");
      const trouble = Object.fromEntries(
        ["X-Stand-In-Delay", "X-Stand-In-Error-Rate"].flatMap((name) => {
          const value = incoming.get(name);
          return value === undefined ? [] : [[name, value]];
        }),
      );
      return { endpoint: new URL("/micropub", blog.origin), token: blog.token, trouble };
    }
    const endpoint = connections.address(id);
    if (!endpoint)
      throw new Refusal(404, "unknown-connection", "This connection is not known here (any more).");
    return {
      endpoint: checkAddress(endpoint.href, reach),
      token: incoming.get("X-Blog-Token") ?? "",
      trouble: {},
    };
  }

  async function passed(
    { endpoint, token, trouble }: Way,
    url: URL,
    { method, type, body }: { method: "GET" | "POST"; type?: string; body?: string | Buffer },
  ): Promise<PassedOn> {
    const answer = await request(url, {
      method,
      dispatcher: blog && endpoint.origin === blog.origin ? own : agent,
      headers: {
        accept: "application/json",
        ...(token && { authorization: `Bearer ${token}` }),
        ...(type !== undefined && { "content-type": type }),
        ...trouble,
      },
      ...(body !== undefined && { body }),
      signal: AbortSignal.timeout(LONGEST_WAIT),
    });
    const text = (await readBounded(answer.body, MOST_BYTES)).toString("utf8");
    const { location, date } = answer.headers;
    return {
      status: answer.statusCode,
      location: typeof location === "string" ? location : null,
      // What time the blog has: a post is held back by its clock.
      date: typeof date === "string" ? date : null,
      body: parsed(text),
      rubbish: text.trim() !== "" && parsed(text) === null,
    };
  }

  /** The endpoint that a page names, in its head or in the head of its answer; the address itself where it is no page. */
  async function endpointOf(page: URL): Promise<URL> {
    const answer = await request(page, {
      dispatcher: blog && page.origin === blog.origin ? own : agent,
      headers: { accept: "text/html" },
      signal: AbortSignal.timeout(LONGEST_WAIT),
    });
    const html = (await readBounded(answer.body, MOST_BYTES)).toString("utf8");
    const { link } = answer.headers;
    for (const one of [link ?? []].flat().flatMap((line) => line.split(/,\s*(?=<)/))) {
      const match = /^\s*<([^>]*)>\s*;.*\brel="?(?:[^"]*\s)?micropub(?:\s[^"]*)?"?/i.exec(one);
      if (match && URL.canParse(match[1]!, page)) return new URL(match[1]!, page);
    }
    let named = "";
    visit(parseHtml(html), "element", ({ tagName, properties: { rel, href } }) => {
      if (!named && /^(?:link|a)$/.test(tagName) && [rel].flat().includes("micropub"))
        named = String(href ?? "");
    });
    return named && URL.canParse(named, page) ? new URL(named, page) : page;
  }

  return router;
}

/** What a blog answered, as the browser gets it. */
interface PassedOn {
  status: number;
  location: string | null;
  date: string | null;
  /** JSON; null where there is none. */
  body: unknown;
  /** There is something in it, and that is no JSON. */
  rubbish: boolean;
}

class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
  ) {
    super(message);
  }
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

/** What went wrong on the way is said alike, whatever it was: nobody learns what listens where. */
async function answered(response: Response, work: () => Promise<void>): Promise<void> {
  try {
    await work();
  } catch (error) {
    const cause = error instanceof Error && error.cause instanceof AddressRefused ? error.cause : error;
    if (cause instanceof AddressRefused) answerError(response, 400, "address-refused", cause.message);
    else if (cause instanceof Refusal) answerError(response, cause.status, cause.code, cause.message);
    else if (cause instanceof ShapeError)
      answerError(response, 400, "bad-question", cause.message, cause.faults);
    else
      answerError(
        response,
        502,
        "not-reached",
        "The blog gave no answer: nothing is there, it took too long, or the connection broke.",
      );
  }
}
