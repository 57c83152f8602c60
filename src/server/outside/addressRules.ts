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
  if (!ipaddr.isValid(ip)) return "it is not an address";
  // The library takes them for mapped ones, which are this machine's; these are nobody's (RFC 4291, section 2.5.5.1).
  if (/^(?:0*:){2,}(?:0+:)*(?:\d+\.){3}\d+$/.test(ip))
    return "it is an IPv4 address in disguise (IPv4-compatible) and not a public address";
  const address = ipaddr.process(ip);
  const range = address.range();
  if (range === "loopback" && reach === "this-machine") return null;
  if (range !== "unicast") return `it is ${range} and not a public address`;
  const why = address instanceof ipaddr.IPv6 ? refusalOfIPv6(address) : null;
  return why && `it is ${why} and not a public address`;
}

/** Parts of the one block of IPv6 that is given out (2000::/3) which lead elsewhere or nowhere (IANA, IPv6 Special-Purpose Address Registry). */
const SPECIAL: [block: string, what: string][] = [
  ["2001::/23", "reserved for protocols"],
  ["2001:db8::/32", "for documentation"],
  ["2002::/16", "an IPv4 address in disguise (6to4)"],
  ["2620:4f:8000::/48", "for black holes"],
  ["3fff::/20", "for documentation"],
];

function refusalOfIPv6(address: ipaddr.IPv6): string | null {
  if (!address.match(ipaddr.IPv6.parseCIDR("2000::/3"))) return "outside of what is given out";
  for (const [block, what] of SPECIAL) if (address.match(ipaddr.IPv6.parseCIDR(block))) return what;
  // RFC 5214, section 6.1: an interface that carries an IPv4 address.
  const [, , , , high, low] = address.parts;
  if ((high === 0 || high === 0x200) && low === 0x5efe) return "an IPv4 address in disguise (ISATAP)";
  return null;
}

/** @throws AddressRefused where the address itself shows that it may not be reached; its name is checked when it is resolved */
export function checkAddress(address: string, reach: Reach): URL {
  if (!URL.canParse(address)) throw new AddressRefused(address, "it is not a web address");
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
