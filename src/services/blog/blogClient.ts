/** A blog as the application asks it: Micropub, by way of this application's own server. */
import type { BlogSite } from "../../core/micropub/blogSite";
import { type Entry, isRecord } from "../../core/micropub/entry";
import type { Change } from "../../core/micropub/update";
import type { BlogConnection } from "../../data/model";
import { BlogFailure } from "./blogFailure";

/** What a blog says that it can do. */
export interface BlogConfig {
  /** Where it takes pictures; null where it takes none. */
  media: string | null;
  syndicateTo: { uid: string; name: string }[];
  /** Subscribers that it can mail a post to; null where it mails nothing. */
  subscribers: number | null;
  /** It keeps a post whose time has not come. */
  holdsFuture: boolean;
  /** Milliseconds by which the clock here is ahead of the blog's; negative where it is behind, 0 where they agree. */
  clockAhead: number;
  /** It takes a post of one uid once, however often it is sent. */
  onceByUid: boolean;
  /** It can be told of the site. */
  takesSite: boolean;
}

export interface BlogClient {
  config(blog: BlogConnection, signal?: AbortSignal): Promise<BlogConfig>;
  /** @returns the post at an address; null where there is none */
  source(blog: BlogConnection, address: string, signal?: AbortSignal): Promise<Entry | null>;
  /** @returns the address of the post of a uid, null where there is none, undefined where the blog cannot say */
  addressOf(blog: BlogConnection, uid: string, signal?: AbortSignal): Promise<string | null | undefined>;
  /** @returns where it is */
  create(blog: BlogConnection, entry: Entry, signal?: AbortSignal): Promise<string>;
  /** @returns where it is now */
  update(blog: BlogConnection, address: string, change: Change, signal?: AbortSignal): Promise<string>;
  remove(blog: BlogConnection, address: string, signal?: AbortSignal): Promise<void>;
  /** @returns where it is */
  restore(blog: BlogConnection, address: string, signal?: AbortSignal): Promise<string>;
  /** @returns where the blog has it */
  upload(
    blog: BlogConnection,
    config: BlogConfig,
    picture: Blob,
    fileName: string,
    signal?: AbortSignal,
  ): Promise<string>;
  /** Tells it of the site, where it is told otherwise by now. */
  site(blog: BlogConnection, signal?: AbortSignal): Promise<unknown>;
  tellSite(blog: BlogConnection, site: BlogSite, signal?: AbortSignal): Promise<void>;
  /** Where the stand-in is, this time; null where it does not run. */
  standInOrigin(): Promise<string | null>;
}

const LONGEST_WAIT = 45_000;
/** Milliseconds by which two clocks may differ and be called the same: an answer takes its time, and says whole seconds. */
const SAME_TIME = 60_000;

interface Answer {
  status: number;
  location: string | null;
  /** When it answered, by its clock (RFC 9110, section 6.6.1). */
  date: string | null;
  body: unknown;
  /** There is something in it, and that is no JSON. */
  rubbish: boolean;
}

/** @param tokenOf the token of a connection, which only this browser has; empty for none */
export function createBlogClient(tokenOf: (connection: string) => Promise<string>): BlogClient {
  /** What the server calls an address. */
  const ids = new Map<string, string>();

  async function idOf({ kind, address }: BlogConnection, signal?: AbortSignal): Promise<string> {
    if (kind === "stand-in") return "stand-in";
    const earlier = ids.get(address);
    if (earlier) return earlier;
    const answer = (await post("/api/blog/find", JSON.stringify({ address }), jsonHeaders, signal)) as {
      id: string;
    };
    ids.set(address, answer.id);
    return answer.id;
  }

  async function headersOf({ id, kind, delay, errorRate }: BlogConnection): Promise<Record<string, string>> {
    if (kind === "stand-in")
      return {
        ...(delay > 0 && { "X-Stand-In-Delay": String(delay) }),
        ...(errorRate > 0 && { "X-Stand-In-Error-Rate": String(errorRate) }),
      };
    const token = await tokenOf(id);
    return token ? { "X-Blog-Token": token } : {};
  }

  async function answerOf(
    blog: BlogConnection,
    path: string,
    body: BodyInit,
    headers: Record<string, string>,
    signal: AbortSignal | undefined,
    changes: boolean,
  ): Promise<Answer> {
    const send = async () =>
      post(
        `/api/blog/${await idOf(blog, signal)}/${path}`,
        body,
        { ...headers, ...(await headersOf(blog)) },
        signal,
        changes,
      );
    const answer = await send().catch((error: unknown) => {
      if (!(error instanceof BlogFailure) || error.code !== "unknown-connection") throw error;
      // The server was started again since it was told of the connection.
      ids.delete(blog.address);
      return send();
    });
    if (!isRecord(answer) || typeof answer.status !== "number") throw badAnswer();
    const said = answer as unknown as Answer;
    if (said.status >= 200 && said.status < 300) return said;
    throw refusalOf(said.status, said.body);
  }

  const question = (blog: BlogConnection, query: Record<string, string>, signal?: AbortSignal) =>
    answerOf(blog, "ask", JSON.stringify({ query }), jsonHeaders, signal, false);
  const command = (blog: BlogConnection, body: object, signal?: AbortSignal) =>
    answerOf(blog, "ask", JSON.stringify({ body }), jsonHeaders, signal, true);

  return {
    async config(blog, signal) {
      const { body, date } = await question(blog, { q: "config" }, signal);
      if (!isRecord(body)) throw badAnswer();
      const apart = date && Date.parse(date) ? Date.now() - Date.parse(date) : 0;
      const targets = Array.isArray(body["syndicate-to"]) ? body["syndicate-to"] : [];
      return {
        media: typeof body["media-endpoint"] === "string" ? body["media-endpoint"] : null,
        syndicateTo: targets
          .filter(isRecord)
          .map(({ uid, name }) => ({ uid: String(uid), name: String(name ?? uid) })),
        subscribers: isRecord(body["x-mail"]) ? Number(body["x-mail"].subscribers) || 0 : null,
        holdsFuture: body["x-holds-future"] === true,
        clockAhead: Math.abs(apart) < SAME_TIME ? 0 : apart,
        onceByUid: body["x-once-by-uid"] === true,
        takesSite: body["x-site"] === true,
      };
    },
    async source(blog, address, signal) {
      try {
        const { body } = await question(blog, { q: "source", url: address }, signal);
        if (!isRecord(body) || !isRecord(body.properties)) throw badAnswer();
        for (const values of Object.values(body.properties)) if (!Array.isArray(values)) throw badAnswer();
        return { type: ["h-entry"], properties: body.properties as Entry["properties"] };
      } catch (error) {
        if (error instanceof BlogFailure && error.code === "not_found") return null;
        throw error;
      }
    },
    async addressOf(blog, uid, signal) {
      try {
        const { body } = await question(blog, { q: "source" }, signal);
        if (!isRecord(body) || !Array.isArray(body.items)) return undefined;
        for (const item of body.items) {
          if (!isRecord(item) || !isRecord(item.properties)) continue;
          const { uid: uids, url } = item.properties;
          if (Array.isArray(uids) && uids.includes(uid) && Array.isArray(url) && typeof url[0] === "string")
            return url[0];
        }
        return null;
      } catch (error) {
        // The standard knows no list of posts: most blogs refuse it.
        if (error instanceof BlogFailure && error.code === "invalid_request") return undefined;
        throw error;
      }
    },
    async create(blog, entry, signal) {
      const { location } = await command(blog, entry, signal);
      if (!location) throw badAnswer(true);
      return location;
    },
    async update(blog, address, change, signal) {
      const { location } = understood(
        await command(blog, { action: "update", url: address, ...change }, signal),
      );
      return location ?? address;
    },
    async remove(blog, address, signal) {
      understood(await command(blog, { action: "delete", url: address }, signal));
    },
    async restore(blog, address, signal) {
      const { location } = understood(await command(blog, { action: "undelete", url: address }, signal));
      return location ?? address;
    },
    async upload(blog, config, picture, fileName, signal) {
      const query = new URLSearchParams({ name: fileName, type: picture.type, endpoint: config.media ?? "" });
      const { location } = await answerOf(
        blog,
        `media?${query.toString()}`,
        picture,
        { "content-type": "application/octet-stream" },
        signal,
        true,
      );
      if (!location) throw badAnswer(true);
      return location;
    },
    async site(blog, signal) {
      return (await question(blog, { q: "x-site" }, signal)).body;
    },
    async tellSite(blog, site, signal) {
      understood(await command(blog, { action: "x-site", site }, signal));
    },
    async standInOrigin() {
      const response = await fetch("/api/blog/stand-in").catch(() => null);
      const answer: unknown = response?.ok ? await response.json().catch(() => null) : null;
      return isRecord(answer) && typeof answer.origin === "string" ? answer.origin : null;
    },
  };
}

const jsonHeaders = { "content-type": "application/json" };
/** Something between here and there may have answered in the blog's place, and not do so again: it is asked once more. */
const badAnswer = (perhapsDone = false) =>
  new BlogFailure("bad-answer", "The blog answered with something that is not Micropub.", true, perhapsDone);

/** An answer to a change has nothing in it, or JSON: a page of somebody else's says nothing of what became of the change. */
function understood(answer: Answer): Answer {
  if (answer.rubbish) throw badAnswer(true);
  return answer;
}

/** What the blog said no to, in words that say what to do. */
function refusalOf(status: number, body: unknown): BlogFailure {
  const code = isRecord(body) && typeof body.error === "string" ? body.error : "";
  const why =
    isRecord(body) && typeof body.error_description === "string"
      ? ` It says: “${body.error_description}”`
      : "";
  if (
    status === 401 ||
    status === 403 ||
    code === "unauthorized" ||
    code === "forbidden" ||
    code === "insufficient_scope"
  )
    return new BlogFailure(
      code || "forbidden",
      `The blog did not accept the token. Enter a new one under Settings, Connections; then it goes on.${why}`,
      false,
    );
  if (status === 404 || status === 410 || code === "not_found")
    return new BlogFailure("not_found", `The blog has no such post.${why}`, false);
  if (status === 429 || status === 503) return new BlogFailure("busy", `The blog is busy.${why}`, true);
  if (status >= 500) return new BlogFailure("failed", `The blog failed (${status}).${why}`, true, true);
  return new BlogFailure(code || "refused", `The blog refused it (${status}).${why}`, false);
}

/** @param changes whether the blog may have done something when its answer is lost. @throws BlogFailure */
async function post(
  address: string,
  body: BodyInit,
  headers: Record<string, string>,
  signal?: AbortSignal,
  changes = false,
): Promise<unknown> {
  const timeout = AbortSignal.timeout(LONGEST_WAIT);
  let response: Response;
  let answer: unknown;
  try {
    response = await fetch(address, {
      method: "POST",
      headers: { "X-Requested-By": "dune-sparrow", ...headers },
      body,
      signal: signal ? AbortSignal.any([signal, timeout]) : timeout,
    });
    answer = await response.json();
  } catch (error) {
    if (signal?.aborted) throw new BlogFailure("cancelled", "Cancelled.", false, changes);
    if (timeout.aborted) throw new BlogFailure("lost", "The blog did not answer in time.", true, changes);
    if (error instanceof SyntaxError)
      throw new BlogFailure("lost", "The answer of the blog was lost on the way.", true, changes);
    throw new BlogFailure(
      "not-reached",
      "There is no connection: this application's server was not reached.",
      true,
      changes,
    );
  }
  if (response.ok) return answer;
  const said = isRecord(answer) && isRecord(answer.error) ? answer.error : {};
  const code = typeof said.code === "string" ? said.code : "failed";
  const message =
    typeof said.message === "string" ? said.message : `The way to the blog failed (${response.status}).`;
  const again = code === "not-reached" || code === "too-many" || response.status >= 500;
  throw new BlogFailure(code, message, again && code !== "no-stand-in", changes && code === "not-reached");
}
