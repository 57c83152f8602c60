/** A post as Micropub carries it: an h-entry of microformats2 in JSON (W3C Micropub, 2017, section 3.3.2; microformats2 parsing). */

/** Values by property; each has a list of them. */
export type Properties = Record<string, unknown[]>;

export interface Entry {
  type: ["h-entry"];
  properties: Properties;
}

/** A request that cannot be done. `code` is one of the standard's (section 3.8). */
export class MicropubError extends Error {
  override name = "MicropubError";
  constructor(
    readonly code: "invalid_request" | "forbidden" | "unauthorized" | "not_found",
    message: string,
  ) {
    super(message);
  }
}

/** Properties whose names say what to do with a post, and not what it is (section 3.1). */
export const isCommand = (name: string): boolean => name.startsWith("mp-");

/** The first text of a property; empty where there is none. */
export function firstText({ properties }: Entry, name: string): string {
  const value = properties[name]?.find((one) => typeof one === "string" || typeof one === "number");
  return value === undefined ? "" : String(value).toWellFormed();
}

/** All texts of a property. */
export const textsOf = ({ properties }: Entry, name: string): string[] =>
  (properties[name] ?? []).flatMap((one) => (typeof one === "string" ? [one.toWellFormed()] : []));

/** Values of a property that are picture-like: an address, or an address with a description. */
export function picturesOf({ properties }: Entry, name: string): { src: string; alt: string }[] {
  return (properties[name] ?? []).flatMap((one) => {
    if (typeof one === "string") return [{ src: one.toWellFormed(), alt: "" }];
    if (!isRecord(one) || typeof one.value !== "string") return [];
    return [
      { src: one.value.toWellFormed(), alt: typeof one.alt === "string" ? one.alt.toWellFormed() : "" },
    ];
  });
}

export const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** Properties as a request says them. @throws MicropubError where a value is no list */
export function readProperties(value: unknown): Properties {
  if (!isRecord(value)) throw new MicropubError("invalid_request", "“properties” is not an object.");
  for (const [name, values] of Object.entries(value))
    if (!Array.isArray(values))
      throw new MicropubError("invalid_request", `The property “${name}” has no list of values.`);
  // Names that mean something to JavaScript are names like any other.
  return Object.assign(Object.create(null) as Properties, value as Properties);
}
