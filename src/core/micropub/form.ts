/** Requests in the form of HTML forms (W3C Micropub, sections 3.3 and 3.5), as the same that JSON says. */
import { type Entry, MicropubError, type Properties } from "./entry";

export type FormAction = { kind: "create"; entry: Entry } | { kind: "delete" | "undelete"; url: string };

/** What a form says beside the post itself. */
const BESIDE = new Set(["h", "access_token", "action", "url"]);

/**
 * @param fields in their order; names that end in [] have several values
 * @throws MicropubError where it asks for what a form cannot
 */
export function readForm(fields: Iterable<[string, string]>): FormAction {
  const values: Properties = Object.create(null) as Properties;
  for (const [name, value] of fields) {
    const plain = name.replace(/\[\d*\]$/, "");
    values[plain] = [...(values[plain] ?? []), value];
  }
  const first = (name: string) => String(values[name]?.[0] ?? "");
  const action = first("action");
  if (action === "delete" || action === "undelete") {
    if (!first("url")) throw new MicropubError("invalid_request", "Say which post by its “url”.");
    return { kind: action, url: first("url") };
  }
  if (action) throw new MicropubError("invalid_request", `A form cannot ask for “${action}”; JSON can.`);
  return { kind: "create", entry: entryOfForm(first("h") || "entry", values) };
}

function entryOfForm(kind: string, values: Properties): Entry {
  if (kind !== "entry")
    throw new MicropubError("invalid_request", `There are no posts of the kind “${kind}” here.`);
  const properties: Properties = Object.create(null) as Properties;
  for (const [name, all] of Object.entries(values)) {
    if (BESIDE.has(name)) continue;
    const told = all.filter((one) => one !== "");
    if (told.length) properties[name] = told;
  }
  return { type: ["h-entry"], properties };
}
