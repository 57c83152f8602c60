import { createServer, type Server } from "node:http";
import type { Express } from "express";

const MOST_TRIES = 50;
/** Milliseconds that a request may take to come in, its head and in all, and that a connection may say nothing. */
const LONGEST_HEAD = 10_000;
const LONGEST_REQUEST = 30_000;
const LONGEST_SILENCE = 60_000;

/** Listens on a port of this machine, or on the next free one. */
export async function listen(
  app: Express,
  port: number,
  host = "127.0.0.1",
): Promise<{ server: Server; port: number }> {
  for (let tried = port; tried < port + MOST_TRIES && tried < 65_536; tried++) {
    const server = await tryPort(app, tried, host);
    if (server) return { server, port: tried };
  }
  throw new Error(`No port from ${port} to ${port + MOST_TRIES - 1} is free.`);
}

function tryPort(app: Express, port: number, host: string): Promise<Server | null> {
  return new Promise((resolve, reject) => {
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
    server.once("listening", () => resolve(server));
    server.once("error", (error: NodeJS.ErrnoException) =>
      error.code === "EADDRINUSE" ? resolve(null) : reject(error),
    );
  });
}
