/** The stand-in web over HTTP: a server of its own on this machine, asked for any of its sites by the Host header. */
import { readFileSync } from "node:fs";
import { createServer, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { join } from "node:path";
import { readWeb, SITE_PICTURE, type WebPage } from "./pages";

export interface StandInWeb {
  /** Is it one of its sites? */
  has(host: string): boolean;
  /** Where it listens, from the first time that somebody asks. */
  origin(): Promise<string>;
}

/**
 * @param folder of sites, as demo/web; none of them where there is no such folder
 * @param photos folder of the pictures that sites are shared with
 */
export function standInWeb(folder: string, photos = ""): StandInWeb {
  let pages: Map<string, WebPage> | undefined;
  const read = () => {
    pages ??= pagesOf(folder);
    return pages;
  };
  let hosts: Set<string> | undefined;
  let listening: Promise<string> | undefined;
  return {
    has(host) {
      hosts ??= new Set([...read().keys()].map((address) => new URL(address).host));
      return hosts.has(host);
    },
    origin() {
      listening ??= listen(read(), photos);
      return listening;
    },
  };
}

function pagesOf(folder: string): Map<string, WebPage> {
  try {
    return new Map(readWeb(folder).map((page) => [page.address, page]));
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === "ENOENT") return new Map();
    throw error;
  }
}

function listen(pages: ReadonlyMap<string, WebPage>, photos: string): Promise<string> {
  const pictures = new Map([...pages.values()].map(({ site }) => [site.host, site.picture]));
  const server: Server = createServer((request, response) => {
    const path = (request.url ?? "/").replace(/[?#].*$/, "").replace(/(?<=.)\/$/, "");
    const { host = "" } = request.headers;
    const picture = path === SITE_PICTURE && pictures.get(host);
    if (picture) {
      response.writeHead(200, { "content-type": "image/jpeg" }).end(readFileSync(join(photos, picture)));
      return;
    }
    const html = pages.get(`https://${host}${path}`)?.html;
    response
      .writeHead(html ? 200 : 404, {
        "content-type": html ? "text/html; charset=utf-8" : "text/plain",
        "content-security-policy": "default-src 'none'; sandbox",
        "x-content-type-options": "nosniff",
      })
      .end(html ?? "Not found\n");
  });
  // It must not keep a process alive that has nothing else to do.
  server.unref();
  return new Promise((resolve, reject) => {
    server.once("error", reject);
    server.listen(0, "127.0.0.1", () =>
      resolve(`http://127.0.0.1:${(server.address() as AddressInfo).port}`),
    );
  });
}
