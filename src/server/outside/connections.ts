/**
 * Services at other addresses, as the application's settings named them. What asks a service names it by the id that it got here, never
 * by an address: nothing else can make this server ask somebody.
 */
import { randomUUID } from "node:crypto";
import { Router } from "express";
import { checkShape, ShapeError } from "../../data/schemas/validate";
import { searchConnectionQuestion } from "../../data/schemas/validators.generated.js";
import { answerError } from "../errors";
import { AddressRefused, checkAddress, type Reach } from "./addressRules";

/** Of a person's settings there are a few; the oldest make room. */
const MOST = 50;

export class Connections {
  readonly #addresses = new Map<string, URL>();

  /** @returns the id under which the address is asked; the same for the same address */
  add(address: URL): string {
    for (const [id, allowed] of this.#addresses) if (allowed.href === address.href) return id;
    const id = randomUUID();
    this.#addresses.set(id, address);
    for (const oldest of this.#addresses.keys())
      if (this.#addresses.size > MOST) this.#addresses.delete(oldest);
    return id;
  }

  address(id: string): URL | undefined {
    return this.#addresses.get(id);
  }
}

/** POST of {address}: {id}. Only a page of the application itself may; browsers say so (Fetch Metadata), and pages cannot. */
export function connectionRoutes(connections: Connections, reach: Reach): Router {
  const router = Router();
  router.post("/", (request, response) => {
    if (request.get("Sec-Fetch-Site") !== "same-origin")
      return answerError(response, 403, "other-site", "Only the application's settings name services.");
    try {
      const { address } = checkShape<{ address: string }>(
        searchConnectionQuestion,
        request.body,
        "a connection",
      );
      response.json({ id: connections.add(checkAddress(address.trim(), reach)) });
    } catch (error) {
      if (error instanceof AddressRefused) answerError(response, 400, "address-refused", error.message);
      else if (error instanceof ShapeError)
        answerError(response, 400, "bad-question", error.message, error.faults);
      else throw error;
    }
  });
  return router;
}
