/** Which addresses the server may reach on somebody's behalf. */
import { lookup as resolve } from "node:dns";
import { isIP, type LookupFunction } from "node:net";
import ipaddr from "ipaddr.js";

export class AddressRefused extends Error {
  constructor(what: string, why: string) {
    super(`The address ${what} is refused: ${why}.`);
  }
}

/** Where an address may lead. "this-machine" lets loopback through beside public addresses, and nothing else. */
export type Reach = "public" | "this-machine";

/** Why an IP address is out of reach; null where it is not. Every spelling of IPv4 inside IPv6 counts as IPv4. */
export function refusalOf(ip: string, reach: Reach): string | null {
  if (!ipaddr.isValid(ip)) return "it is no address";
  const range = ipaddr.process(ip).range();
  if (range === "unicast") return null;
  if (range === "loopback" && reach === "this-machine") return null;
  return `it is ${range} and not a public address`;
}

/** @throws AddressRefused where the address itself shows that it may not be reached; its name is checked when it is resolved */
export function checkAddress(address: string, reach: Reach): URL {
  if (!URL.canParse(address)) throw new AddressRefused(address, "it is no web address");
  const url = new URL(address);
  if (url.protocol !== "http:" && url.protocol !== "https:")
    throw new AddressRefused(address, "only http and https are read");
  if (url.username || url.password) throw new AddressRefused(url.host, "it holds a name or a password");
  const host = url.hostname.replace(/^\[|\]$/g, "");
  // Names under localhost are this machine, whatever a resolver makes of them (RFC 6761, section 6.3).
  const loopback = reach === "public" && /(?:^|\.)localhost\.?$/i.test(host);
  const why = loopback ? "it is this machine" : isIP(host) ? refusalOf(host, reach) : null;
  if (why) throw new AddressRefused(url.host, why);
  return url;
}

/**
 * A resolver that checks what a name resolves to at the moment of connecting, so that a name cannot be checked as one
 * address and reached as another.
 */
export function guardedLookup(reach: Reach): LookupFunction {
  return (hostname, options, callback) => {
    resolve(hostname, { ...options, all: true }, (error, addresses) => {
      if (error) return callback(error, []);
      for (const { address } of addresses) {
        const why = refusalOf(address, reach);
        if (why) return callback(new AddressRefused(hostname, why), []);
      }
      if (options.all) callback(null, addresses);
      else callback(null, addresses[0]!.address, addresses[0]!.family);
    });
  };
}
