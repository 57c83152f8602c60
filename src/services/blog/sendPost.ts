/**
 * Sending a post to a blog, so that it is there once and whole whatever happens on the way: pictures first, each once; a post that may be there
 * already is looked for before it is created; what somebody changed at the blog is never written over unseen.
 */
import type { BlogSite } from "../../core/micropub/blogSite";
import { type Entry, firstText, textsOf } from "../../core/micropub/entry";
import { POST_PROPERTIES } from "../../core/micropub/postEntry";
import { type Change, changeBetween, same } from "../../core/micropub/update";
import { momentOf } from "../../core/site/moments";
import type { BlogConnection } from "../../data/model";
import type { BlogClient, BlogConfig } from "./blogClient";
import { BlogFailure } from "./blogFailure";

export interface Sending {
  blog: BlogConnection;
  /** The site, with its picture as the blog has it. */
  site(addressOf: (src: string) => string): BlogSite;
  /** The post, with pictures as the blog has them. @param addressOf where that is, by what the document calls a picture */
  entry(addressOf: (src: string) => string): Entry;
  /** Pictures that it shows and files that it offers, by what the document calls them. */
  files: readonly string[];
  /** The file of one; null where it is not there. */
  file(src: string): Promise<{ blob: Blob; fileName: string } | null>;
  /** Where the blog has pictures by now; what is added is told at once, so that nothing is sent twice. */
  media: Readonly<Record<string, string>>;
  uploaded(src: string, address: string): Promise<void>;
  /** What was sent last, and where it is; null for a post that this blog has not had. */
  before: { address: string; entry: Entry; there?: Entry } | null;
  /** What earlier tries may have written there: their answers were lost. */
  perhaps: readonly Entry[];
  /** Told what will be written, before it is: whoever is cut off then knows what may be there. */
  about(entry: Entry): Promise<void>;
  /** What the blog had when somebody looked and decided that it may go; null where nobody has. */
  seen: Entry | null;
}

export type Outcome =
  /** `there` is how the blog gives it back, where that may be another way than it was sent. */
  | {
      kind: "sent";
      address: string;
      entry: Entry;
      there?: Entry;
      media: Record<string, string>;
      /** Addresses of copies elsewhere that the blog made or knows. */
      copies: string[];
    }
  /** Somebody has changed it at the blog since: what is there now. */
  | { kind: "conflict"; theirs: Entry; address: string }
  /** It is no longer there. */
  | { kind: "gone" };

/** Properties that a blog may set by itself. */
const ITS_OWN = new Set(["updated", "uid", "published", "syndication"]);

/** @throws BlogFailure */
export async function sendPost(client: BlogClient, sending: Sending, signal?: AbortSignal): Promise<Outcome> {
  const { blog } = sending;
  const config = await client.config(blog, signal);
  const media = await sendFiles(client, config, sending, signal);
  const addressOf = (src: string) => media[src] ?? src;
  const site = plain(sending.site(addressOf));
  if (config.takesSite && !same(await client.site(blog, signal), site))
    await client.tellSite(blog, site, signal);
  const entry = dueByItsClock(plain(sending.entry(addressOf)), config.clockAhead);

  const sent = async (address: string): Promise<Outcome> => {
    // Another blog may keep less than it was sent, or write HTML in its own way: what it has now is nobody's change.
    const copied = (entry.properties["mp-syndicate-to"] ?? []).length > 0;
    const source =
      config.takesSite && !copied ? null : await client.source(blog, address, signal).catch(() => null);
    return {
      kind: "sent",
      address,
      entry,
      ...(source && !config.takesSite && { there: source }),
      media,
      copies: source ? textsOf(source, "syndication") : [],
    };
  };
  const create = async (): Promise<Outcome> => {
    await sending.about(entry);
    return sent(await client.create(blog, entry, signal));
  };
  const address = sending.before?.address ?? (await whereItIs(client, config, sending, entry, signal));
  if (address === null) return create();

  const theirs = await client.source(blog, address, signal);
  if (!theirs) return sending.before ? { kind: "gone" } : create();
  // What we wrote, or somebody has looked at, is nobody's change.
  const { before } = sending;
  const ours = [before?.there, before?.entry, sending.seen, entry, ...sending.perhaps].filter(isThere);
  if (before && ours.every((one) => changedThere(theirs, one))) return { kind: "conflict", theirs, address };
  const change = changeBetween(withoutItsOwn(theirs), withoutItsOwn(entry));
  // What only the blog has stays: an extension of its own, a copy elsewhere.
  const copies = (entry.properties.syndication ?? []).filter(
    (address) => !theirs.properties.syndication?.includes(address),
  );
  if (!change && !copies.length && sameMinute(theirs, entry))
    return { kind: "sent", address, entry, media, copies: textsOf(theirs, "syndication") };
  const update = {
    ...replacing(change ?? {}, entry),
    ...(copies.length && { add: { syndication: copies } }),
  };
  await sending.about(entry);
  return sent(await client.update(blog, address, update, signal));
}

/** What is due by the clock here is due: a blog whose clock is behind would hold it back. */
function dueByItsClock(entry: Entry, clockAhead: number): Entry {
  const published = momentOf(firstText(entry, "published"));
  const there = Date.now() - clockAhead;
  if (!published || published.time > Date.now() || published.time <= there) return entry;
  return { ...entry, properties: { ...entry.properties, published: [new Date(there).toISOString()] } };
}

/** Does a blog have the minute at which a post goes live? It may write it in another way, or have set its own where none was sent. */
function sameMinute(theirs: Entry, ours: Entry): boolean {
  const [own, there] = [ours, theirs].map((entry) => momentOf(firstText(entry, "published")));
  return !own || own.time === there?.time;
}

/** Has anybody changed it there since it was sent? */
export const changedThere = (theirs: Entry, sent: Entry): boolean =>
  changeBetween(withoutItsOwn(sent), withoutItsOwn(theirs)) !== null;

/** A post that may be there by now: null where it is not. */
async function whereItIs(
  client: BlogClient,
  config: BlogConfig,
  { blog, perhaps }: Sending,
  { properties }: Entry,
  signal?: AbortSignal,
): Promise<string | null> {
  if (!perhaps.length || config.onceByUid) return null;
  const address = await client.addressOf(blog, String(properties.uid?.[0] ?? ""), signal);
  if (address !== undefined) return address;
  throw new BlogFailure(
    "unsure",
    "The answer of the blog was lost, and this blog cannot say whether it has the post. Look at the blog: then say here whether it is there.",
    false,
    true,
  );
}

async function sendFiles(
  client: BlogClient,
  config: BlogConfig,
  { blog, files, file, media, uploaded }: Sending,
  signal?: AbortSignal,
): Promise<Record<string, string>> {
  const all: Record<string, string> = {};
  for (const src of files) {
    const there = media[src];
    if (there !== undefined) {
      all[src] = there;
      continue;
    }
    const held = await file(src);
    if (!held) continue;
    if (config.media === null)
      throw new BlogFailure(
        "no-media",
        "This blog takes no pictures or files. Put them on the web elsewhere and use their addresses, or remove them from the post.",
        false,
      );
    try {
      all[src] = await client.upload(blog, config, held.blob, held.fileName, signal);
    } catch (error) {
      if (!(error instanceof BlogFailure) || error.again) throw error;
      throw new BlogFailure(error.code, `The file “${held.fileName}” was not taken. ${error.message}`, false);
    }
    await uploaded(src, all[src]!);
  }
  return all;
}

/** What we say of a post; what else a blog keeps with it is its own. */
const withoutItsOwn = ({ type, properties }: Entry): Entry => ({
  type,
  properties: Object.fromEntries(
    Object.entries(properties).filter(([name]) => POST_PROPERTIES.has(name) && !ITS_OWN.has(name)),
  ),
});

function replacing({ replace = {}, delete: gone }: Change, { properties }: Entry): Change {
  const said = Object.fromEntries(
    ["published", "updated"].flatMap((name) => (properties[name] ? [[name, properties[name]]] : [])),
  );
  return { replace: { ...replace, ...said }, ...(gone !== undefined && { delete: gone }) };
}

const isThere = <T>(value: T | null | undefined): value is T => value !== null && value !== undefined;

/** As JSON carries it: what comes back can be compared with it. */
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
