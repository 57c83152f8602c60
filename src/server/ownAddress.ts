/**
 * A server of this machine answers to its own names only. A page elsewhere whose name is made to point here (DNS rebinding) still sends
 * its own name as Host, and its own origin with what it asks.
 */
import { isIP } from "node:net";
import type { NextFunction, Request, Response } from "express";

/** Names of this machine in every resolver (RFC 6761, section 6.3). */
const LOCAL_NAME = /^(?:localhost|[a-z\d-]+\.localhost)$/i;
const bare = (address: string): string => address.replace(/^\[|\]$/g, "").replace(/^::ffff:(?=\d+\.)/i, "");

/**
 * @param names under which it is reached beside its own addresses, without a port
 * @returns whether a host, as the header says it, is one of the server's
 */
function servedHere(host: string, request: Request, names: readonly string[]): boolean {
  if (!/^[\w.:[\]-]+$/.test(host) || !URL.canParse(`http://${host}`)) return false;
  const { hostname, port } = new URL(`http://${host}`);
  const { localAddress = "", localPort } = request.socket;
  if (names.includes(hostname)) return true;
  if (Number(port || 80) !== localPort) return false;
  const address = bare(localAddress);
  const loopback = address === "::1" || address.startsWith("127.");
  if (loopback && LOCAL_NAME.test(hostname)) return true;
  return isIP(bare(hostname)) > 0 && bare(hostname) === address;
}

/** Refuses what was asked under another name, or from another site's page. */
export const ownAddressOnly =
  (names: readonly string[] = []) =>
  (request: Request, response: Response, next: NextFunction): void => {
    const { host = "", origin } = request.headers;
    const from = origin === undefined ? null : URL.canParse(origin) ? new URL(origin).host : "";
    if (servedHere(host, request, names) && (from === null || servedHere(from, request, names))) {
      next();
      return;
    }
    response.status(421).type("text/plain").send("This server does not answer to this address.\n");
  };
