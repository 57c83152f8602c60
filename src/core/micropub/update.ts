/** Changing an entry by replace, add and delete (W3C Micropub, section 3.4). */
import { type Entry, isRecord, MicropubError, type Properties, readProperties } from "./entry";

export interface Change {
  replace?: Properties;
  add?: Properties;
  /** Whole properties by name, or single values of them. */
  delete?: string[] | Properties;
}

/** @throws MicropubError where the request is not one of these, or asks for nothing */
export function readChange(body: Record<string, unknown>): Change {
  const change: Change = {};
  if (body.replace !== undefined) change.replace = readProperties(body.replace);
  if (body.add !== undefined) change.add = readProperties(body.add);
  if (Array.isArray(body.delete)) {
    if (!body.delete.every((name) => typeof name === "string"))
      throw new MicropubError("invalid_request", "“delete” lists something that is no name of a property.");
    change.delete = body.delete;
  } else if (body.delete !== undefined) change.delete = readProperties(body.delete);
  if (!Object.keys(change).length)
    throw new MicropubError("invalid_request", "An update needs “replace”, “add” or “delete”.");
  return change;
}

/** @returns a new entry: first what is replaced, then what is added, then what is deleted */
export function changed(entry: Entry, { replace, add, delete: gone }: Change): Entry {
  const properties: Properties = { ...entry.properties };
  for (const [name, values] of Object.entries(replace ?? {})) properties[name] = values;
  for (const [name, values] of Object.entries(add ?? {})) {
    const before = properties[name] ?? [];
    properties[name] = [...before, ...values.filter((value) => !before.some((one) => same(one, value)))];
  }
  if (Array.isArray(gone)) for (const name of gone) delete properties[name];
  else
    for (const [name, values] of Object.entries(gone ?? {})) {
      const left = (properties[name] ?? []).filter((one) => !values.some((value) => same(one, value)));
      if (left.length) properties[name] = left;
      else delete properties[name];
    }
  return { ...entry, properties };
}

/** What a blog must be told to make one entry of another; null where they say the same. */
export function changeBetween(before: Entry, after: Entry): Change | null {
  const replace: Properties = {};
  for (const [name, values] of Object.entries(after.properties))
    if (!same(before.properties[name], values)) replace[name] = values;
  const gone = Object.keys(before.properties).filter((name) => !(name in after.properties));
  const change = {
    ...(Object.keys(replace).length && { replace }),
    ...(gone.length && { delete: gone }),
  };
  return Object.keys(change).length ? change : null;
}

/** Do two values of JSON say the same, whatever the order of what is in them? */
export function same(a: unknown, b: unknown): boolean {
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((one, at) => same(one, b[at]));
  if (isRecord(a) && isRecord(b)) {
    const names = Object.keys(a);
    return (
      names.length === Object.keys(b).length &&
      names.every((name) => Object.hasOwn(b, name) && same(a[name], b[name]))
    );
  }
  return a === b;
}
