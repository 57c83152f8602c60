/**
 * What the blog keeps, as files: a JSON file a post, the pictures by their content, what it knows of its site, and its token. Each file is
 * written beside its place, forced to the disk and then put there: a kill at any moment leaves it whole, as it was or as it is now.
 */
import { createHash, randomBytes, randomUUID } from "node:crypto";
import { chmodSync, existsSync, mkdirSync, readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import writeFileAtomic from "write-file-atomic";
import { mediaType } from "../../../core/media/mediaTypes";
import type { BlogSite } from "../../../core/micropub/blogSite";
import type { Entry, Properties } from "../../../core/micropub/entry";

export interface StoredPost {
  /** The name of its file. */
  id: string;
  entry: Entry;
  /** Moments (ISO). */
  created: string;
  changed: string;
  deleted: boolean;
  /** Its part of its address: as asked for, where no other had it. */
  slug: string;
  /** Paths that it stood at before, oldest first. */
  formerly: { path: string; since: string }[];
  /** When it was mailed (ISO); absent where it was not. */
  mailed?: string;
}

const MEDIA = /^([0-9a-f]{64})\.[a-z0-9]{2,4}$/;

export class BlogStore {
  readonly #folder: string;
  readonly #posts = new Map<string, StoredPost>();
  #site: BlogSite;
  /** Counts changes of anything that pages are made of. */
  revision = 0;

  /** @param folder that is its own; made where it is not there. @param site until it is told of another */
  constructor(folder: string, site: BlogSite) {
    this.#folder = folder;
    for (const name of ["posts", "media", "pictures", "mail"])
      mkdirSync(join(folder, name), { recursive: true });
    for (const name of readdirSync(join(folder, "posts"))) {
      if (!name.endsWith(".json")) continue;
      const post = JSON.parse(readFileSync(join(folder, "posts", name), "utf8")) as StoredPost;
      this.#posts.set(post.id, withPlainNames(post));
    }
    const told = join(folder, "site.json");
    this.#site = existsSync(told) ? (JSON.parse(readFileSync(told, "utf8")) as BlogSite) : site;
  }

  get posts(): StoredPost[] {
    return [...this.#posts.values()];
  }
  get site(): BlogSite {
    return this.#site;
  }

  async savePost(post: StoredPost): Promise<void> {
    await this.#write(join("posts", `${post.id}.json`), JSON.stringify(post, null, 1));
    this.#posts.set(post.id, withPlainNames(post));
    this.revision++;
  }

  async saveSite(site: BlogSite): Promise<void> {
    await this.#write("site.json", JSON.stringify(site, null, 1));
    this.#site = site;
    this.revision++;
  }

  /**
   * @param type one of core/media/mediaTypes
   * @returns the name of its file: the same for the same content
   */
  async saveMedia(bytes: Buffer, type: string): Promise<string> {
    const name = `${createHash("sha256").update(bytes).digest("hex")}.${mediaType(type)!.ending}`;
    if (!existsSync(this.mediaPath(name))) await this.#write(join("media", name), bytes);
    return name;
  }
  /** @param name of a file of media */
  mediaPath(name: string): string {
    if (!MEDIA.test(name)) throw new Error(`“${name}” is no file of media.`);
    return join(this.#folder, "media", name);
  }
  hasMedia(name: string): boolean {
    return MEDIA.test(name) && existsSync(this.mediaPath(name));
  }

  /** A picture that was made of another, kept until somebody empties the folder. */
  async picture(name: string, make: () => Promise<Uint8Array>): Promise<Buffer> {
    const path = join(this.#folder, "pictures", name);
    if (existsSync(path)) return readFileSync(path);
    const bytes = Buffer.from(await make());
    await this.#write(join("pictures", name), bytes);
    return bytes;
  }

  async saveMail(id: string, message: Buffer): Promise<void> {
    await this.#write(join("mail", `${id}.eml`), message);
  }

  async #write(name: string, content: string | Buffer): Promise<void> {
    await writeFileAtomic(join(this.#folder, name), content, { fsync: true });
  }
}

/** Properties may have any name; none of them is one that objects have by themselves. */
const withPlainNames = (post: StoredPost): StoredPost => ({
  ...post,
  entry: {
    type: ["h-entry"],
    properties: Object.assign(Object.create(null) as Properties, post.entry.properties),
  },
});

export const freshPostId = (): string => randomUUID();

/** The blog's token: made at the first start, for this person's eyes only. */
export function blogToken(folder: string): string {
  const path = join(folder, "token");
  if (!existsSync(path)) {
    mkdirSync(folder, { recursive: true });
    writeFileAtomic.sync(path, `${randomBytes(24).toString("base64url")}\n`, { fsync: true, mode: 0o600 });
    chmodSync(path, 0o600);
  }
  return readFileSync(path, "utf8").trim();
}
