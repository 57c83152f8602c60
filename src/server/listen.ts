import { once } from "node:events";
import { createServer, type Server } from "node:http";
import type { Express } from "express";
import getPort, { portNumbers } from "get-port";

const MOST_TRIES = 50;
/** Ports below are for who administers the machine, and none is tried that was not asked for. */
const FREE_TO_ALL = 1024;
/** Milliseconds that a request may take to come in, its head and in all, and that a connection may say nothing. */
const LONGEST_HEAD = 10_000;
const LONGEST_REQUEST = 30_000;
const LONGEST_SILENCE = 60_000;

/** Listens on a port of this machine, on the next free one, or on any where the next fifty are taken. */
export async function listen(
  app: Express,
  preferred: number,
  host = "127.0.0.1",
): Promise<{ server: Server; port: number }> {
  const last = Math.min(preferred + MOST_TRIES - 1, 65_535);
  const port = await getPort({
    port: preferred < FREE_TO_ALL ? preferred : portNumbers(preferred, last),
    host,
  });
  const server = createServer(
    {
      headersTimeout: LONGEST_HEAD,
      requestTimeout: LONGEST_REQUEST,
      connectionsCheckingInterval: 2000,
      maxHeaderSize: 32_768,
    },
    app,
  );
  server.setTimeout(LONGEST_SILENCE);
  server.listen(port, host);
  await once(server, "listening");
  return { server, port };
}
