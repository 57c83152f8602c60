/** A blog in memory, for tests: it keeps what Micropub says, and fails when and how it is told to. */
import type { BlogSite } from "../../../core/micropub/blogSite";
import type { Entry } from "../../../core/micropub/entry";
import { changed } from "../../../core/micropub/update";
import type { BlogClient, BlogConfig } from "../blogClient";
import { BlogFailure } from "../blogFailure";

export type Trouble = "before" | "after" | null;

export interface FakeBlog {
  client: BlogClient;
  posts: Map<string, { entry: Entry; deleted: boolean }>;
  /** Pictures that were sent, by their addresses. */
  media: Map<string, Blob>;
  /** What happens to the next request: it is lost on the way there, or done and its answer lost. */
  trouble: () => Trouble;
  sites: BlogSite[];
  config: BlogConfig;
}

export function fakeBlog(config: Partial<BlogConfig> = {}): FakeBlog {
  let made = 0;
  const fake: FakeBlog = {
    posts: new Map(),
    media: new Map(),
    trouble: () => null,
    sites: [],
    config: {
      media: "https://blog.example/media",
      syndicateTo: [],
      subscribers: null,
      clockAhead: 0,
      holdsFuture: true,
      onceByUid: false,
      takesSite: false,
      ...config,
    },
    client: undefined as unknown as BlogClient,
  };
  const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
  /** A path is one of the blog's own. */
  const whole = (address: string): string => new URL(address, "https://blog.example").href;
  const lost = (perhapsDone: boolean) => new BlogFailure("lost", "Lost.", true, perhapsDone);
  const withTrouble = async <T>(changes: boolean, work: () => T): Promise<T> => {
    const trouble = fake.trouble();
    await Promise.resolve();
    if (trouble === "before") throw lost(changes);
    const answer = work();
    if (trouble === "after") throw lost(changes);
    return answer;
  };
  const postAt = (address: string) => {
    const post = fake.posts.get(whole(address));
    if (!post) throw new BlogFailure("not_found", "The blog has no such post.", false);
    return post;
  };
  fake.client = {
    config: () => withTrouble(false, () => fake.config),
    source: (_blog, address) =>
      withTrouble(false, () => {
        const post = fake.posts.get(whole(address));
        return post && !post.deleted ? copy(post.entry) : null;
      }),
    addressOf: (_blog, uid) =>
      withTrouble(
        false,
        () => [...fake.posts].find(([, { entry }]) => entry.properties.uid?.includes(uid))?.[0] ?? null,
      ),
    create: (_blog, entry) =>
      withTrouble(true, () => {
        const uid = entry.properties.uid?.[0];
        const there = [...fake.posts].find(([, post]) => post.entry.properties.uid?.[0] === uid)?.[0];
        const address = (fake.config.onceByUid && there) || `https://blog.example/${++made}`;
        fake.posts.set(address, { entry: copy(entry), deleted: false });
        return address;
      }),
    update: (_blog, address, change) =>
      withTrouble(true, () => {
        const post = postAt(address);
        post.entry = changed(post.entry, copy(change));
        return address;
      }),
    remove: (_blog, address) =>
      withTrouble(true, () => {
        postAt(address).deleted = true;
      }),
    restore: (_blog, address) =>
      withTrouble(true, () => {
        postAt(address).deleted = false;
        return address;
      }),
    upload: (_blog, _config, picture, fileName) =>
      withTrouble(true, () => {
        const address = `https://blog.example/media/${fileName}`;
        fake.media.set(address, picture);
        return address;
      }),
    site: () => withTrouble(false, () => fake.sites.at(-1) ?? null),
    tellSite: (_blog, site) =>
      withTrouble(true, () => {
        fake.sites.push(copy(site));
      }),
    standInOrigin: async () => null,
  };
  return fake;
}
