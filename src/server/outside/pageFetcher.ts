/**
 * Fetches a page for the page reader: http and https alone, to addresses that may be reached, each redirect checked like the
 * address itself, within bounds of time and size that hold while it streams. No cookies, and nothing of a page is run.
 */
import { Agent, type Dispatcher, request } from "undici";
import { decode } from "../../core/text/decodeText";
import type { StandInWeb } from "../standins/web/webServer";
import { AddressRefused, checkAddress, guardedLookup, type Reach } from "./addressRules";
import { readBounded, TooLarge } from "./readBounded";

/** A page could not be had. The message is for people. */
export class PageFailure extends Error {
  constructor(
    readonly code:
      | "too-many-redirects"
      | "took-too-long"
      | "too-large"
      | "not-a-page"
      | "page-failed"
      | "not-reached"
      | "no-text",
    message: string,
  ) {
    super(message);
  }
}

export interface FetchedPage {
  /** Where it was found in the end, redirects followed. */
  address: string;
  html: string;
  standIn: boolean;
}

/** What is fetched: what it is called, and the media types that it may have. */
interface Sought {
  name: "page" | "picture";
  accept: string;
  takes: RegExp;
}
const PAGE: Sought = {
  name: "page",
  accept: "text/html, application/xhtml+xml;q=0.9, text/plain;q=0.8",
  takes: /^(?:text\/html|application\/xhtml\+xml|text\/plain)$/,
};
const PICTURE: Sought = {
  name: "picture",
  accept: "image/webp, image/*;q=0.9",
  takes: /^image\/(?:jpeg|png|gif|webp|avif)$/,
};

/** What an address gave in the end. */
interface Answer {
  url: URL;
  /** Its `Content-Type`. */
  type: string;
  bytes: Buffer;
  standIn: boolean;
}

export interface FetchBounds {
  redirects: number;
  milliseconds: number;
  bytes: number;
}

export const PAGE_BOUNDS: FetchBounds = { redirects: 5, milliseconds: 10_000, bytes: 5_000_000 };
const REDIRECTS = new Set([301, 302, 303, 307, 308]);

export type PageFetcher = (address: string) => Promise<FetchedPage>;
export type PictureFetcher = (address: string) => Promise<Buffer>;

/**
 * @returns a function that fetches one page
 * @throws AddressRefused where the address, a redirect or what either resolves to may not be reached; PageFailure else
 */
export function pageFetcher(reach: Reach, standIns: StandInWeb, bounds = PAGE_BOUNDS): PageFetcher {
  const fetch = fetcher(reach, standIns, bounds, PAGE);
  return async (address) => {
    const { url, type, bytes, standIn } = await fetch(address);
    const html = textOf(bytes, type, url);
    url.hash = "";
    return { address: url.href, html, standIn };
  };
}

/**
 * @returns a function that fetches one picture; that it is one, nobody but its server has said
 * @throws as pageFetcher
 */
export function pictureFetcher(reach: Reach, standIns: StandInWeb, bounds = PAGE_BOUNDS): PictureFetcher {
  const fetch = fetcher(reach, standIns, bounds, PICTURE);
  return async (address) => (await fetch(address)).bytes;
}

function fetcher(reach: Reach, standIns: StandInWeb, bounds: FetchBounds, sought: Sought) {
  const agent = new Agent({
    connect: { lookup: guardedLookup(reach), timeout: bounds.milliseconds },
    maxHeaderSize: 65_536,
  });
  // The stand-in web is on this machine by design, and nothing else can be asked through this one.
  const own = new Agent();

  return async (address: string): Promise<Answer> => {
    const signal = AbortSignal.timeout(bounds.milliseconds);
    let at = address;
    for (let hops = 0; hops <= bounds.redirects; hops++) {
      const url = checkAddress(at, reach);
      const standIn = standIns.has(url.host);
      const target = standIn ? `${await standIns.origin()}${url.pathname}${url.search}` : url;
      try {
        const answer = await request(target, {
          dispatcher: standIn ? own : agent,
          headers: {
            ...(standIn && { host: url.host }),
            accept: sought.accept,
            "accept-encoding": "identity",
            "accept-language": "*",
            "user-agent": "dune-sparrow page reader",
          },
          signal,
        });
        const next = redirectOf(answer, url);
        if (next === null) return { url, ...(await contentOf(answer, url, bounds.bytes, sought)), standIn };
        await discard(answer);
        at = next;
      } catch (error) {
        throw explained(error, url, bounds, sought);
      }
    }
    throw new PageFailure(
      "too-many-redirects",
      `The ${sought.name} sends its readers on more than ${bounds.redirects} times.`,
    );
  };
}

function redirectOf({ statusCode, headers }: Dispatcher.ResponseData, from: URL): string | null {
  if (!REDIRECTS.has(statusCode)) return null;
  const { location } = headers;
  const to = Array.isArray(location) ? location[0] : location;
  if (!to || !URL.canParse(to, from))
    throw new PageFailure("page-failed", `The page at ${from.host} sends its readers on to nowhere.`);
  return new URL(to, from).href;
}

/** What is left of an answer is not read: its connection is given up. */
async function discard({ body }: Dispatcher.ResponseData): Promise<void> {
  body.on("error", () => {});
  body.destroy();
  await Promise.resolve();
}

async function contentOf(
  answer: Dispatcher.ResponseData,
  url: URL,
  mostBytes: number,
  { name, takes }: Sought,
): Promise<Pick<Answer, "type" | "bytes">> {
  const { statusCode, headers, body } = answer;
  if (statusCode !== 200) {
    await discard(answer);
    throw new PageFailure(
      "page-failed",
      statusCode === 404 || statusCode === 410
        ? `There is no such ${name} at ${url.host} (${statusCode}).`
        : `${url.host} answered with an error (${statusCode}).`,
    );
  }
  const type = String(headers["content-type"] ?? "");
  const media = type.split(";")[0]!.trim().toLowerCase();
  if (!takes.test(media)) {
    await discard(answer);
    throw new PageFailure(
      "not-a-page",
      media
        ? `What is at this address is not a ${name} but ${media}.`
        : "What is at this address does not say what it is.",
    );
  }
  return { type, bytes: await readBounded(body, mostBytes) };
}

/** A page as text, by the charset that its header or it says. */
function textOf(bytes: Buffer, type: string, url: URL): string {
  const media = type.split(";")[0]!.trim().toLowerCase();
  const named = /;\s*charset\s*=\s*"?([\w:.-]+)/i.exec(type)?.[1];
  try {
    const text = decode(bytes, true, named && isCharset(named) ? named : undefined).text;
    return media === "text/plain" ? `<pre>${text.replace(/&/g, "&amp;").replace(/</g, "&lt;")}</pre>` : text;
  } catch {
    throw new PageFailure("no-text", `What ${url.host} sent is not text.`);
  }
}

function isCharset(charset: string): boolean {
  try {
    new TextDecoder(charset);
    return true;
  } catch {
    return false;
  }
}

function explained(error: unknown, url: URL, bounds: FetchBounds, { name }: Sought): Error {
  const cause = error instanceof Error && error.cause instanceof AddressRefused ? error.cause : error;
  if (cause instanceof AddressRefused || cause instanceof PageFailure) return cause;
  if (cause instanceof TooLarge)
    return new PageFailure(
      "too-large",
      `The ${name} at ${url.host} is larger than ${bounds.bytes / 1_000_000} MB.`,
    );
  if (cause instanceof Error && /Timeout/.test(cause.name))
    return new PageFailure(
      "took-too-long",
      `${url.host} took longer than ${bounds.milliseconds / 1000} seconds.`,
    );
  return new PageFailure("not-reached", `${url.host} could not be reached.`);
}
