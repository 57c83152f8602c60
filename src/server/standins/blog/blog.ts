/** The blog: posts in, by the words of Micropub, and pages out, as core/site renders them. */
import { readFileSync } from "node:fs";
import { filesOf } from "../../../core/draft/files";
import { isPictureType, mediaTypeOfName } from "../../../core/media/mediaTypes";
import type { BlogSite } from "../../../core/micropub/blogSite";
import { type Entry, firstText, MicropubError } from "../../../core/micropub/entry";
import { postOfEntry } from "../../../core/micropub/postEntry";
import { type Change, changed } from "../../../core/micropub/update";
import { listPath, postAddressPath, samePath } from "../../../core/site/addresses";
import { momentOf } from "../../../core/site/moments";
import { createSiteRenderer, type RenderedFiles, type SiteFile } from "../../../core/site/render";
import {
  picturesOfSite,
  type RenderedPost,
  type SiteDownload,
  type SitePicture,
} from "../../../core/site/site";
import { isSlug, plainSlug } from "../../../core/site/slugs";
import { type Sized, sizeOfPicture } from "../../../disk/pictureEncoder";
import { type BlogStore, freshPostId, type StoredPost } from "./blogStore";
import { copyPage, copyPath, PLACES } from "./copies";
import { mailOf } from "./mail";
import { mediaOf } from "./mediaAddress";

/** What became of a post: where it is, and whether that is new. */
export interface Placed {
  path: string;
  moved: boolean;
}

/** What stands at a path. */
export type Found =
  | { kind: "file"; file: SiteFile }
  | { kind: "moved"; to: string }
  | { kind: "gone" }
  | { kind: "nothing" };

export class Blog {
  readonly #render = createSiteRenderer();
  /** Posts as they are rendered, by what they were made of. */
  readonly #rendered = new WeakMap<StoredPost, { site: BlogSite; post: RenderedPost }>();
  readonly #sizes = new Map<string, Promise<Sized | null>>();
  #last: { key: string; rendered: RenderedFiles; byFile: Map<string, SiteFile> } | null = null;
  /** Where its readers reach it: scheme, host and port; empty until it listens. */
  origin = "";
  /** Writes one after the other: what one reads is what the one before has written. */
  #queue: Promise<unknown> = Promise.resolve();

  /** @param now milliseconds since 1970 (UTC) */
  constructor(
    readonly store: BlogStore,
    private readonly now: () => number = Date.now,
  ) {}

  /** Adds a post. One of the same uid is the same post, sent again: it takes the place of what was there. */
  create(entry: Entry): Promise<Placed> {
    return this.#next(async () => {
      const at = this.#stamp();
      const uid = firstText(entry, "uid");
      const there = uid ? this.store.posts.find((one) => firstText(one.entry, "uid") === uid) : undefined;
      const whole = { ...entry, properties: { ...entry.properties } };
      whole.properties.published ??= there?.entry.properties.published ?? [at];
      if (there) return this.#place({ ...there, entry: whole, changed: at, deleted: false });
      return this.#place({
        id: freshPostId(),
        entry: whole,
        created: at,
        changed: at,
        deleted: false,
        slug: "",
        formerly: [],
      });
    });
  }

  /** @throws MicropubError where there is no such post */
  update(path: string, change: Change): Promise<Placed> {
    return this.#next(async () => {
      const post = this.#postAt(path);
      const at = this.#stamp();
      const entry = changed(post.entry, change);
      const says = "updated" in (change.replace ?? {}) || "updated" in (change.add ?? {});
      if (!says) entry.properties.updated = [at];
      return this.#place({ ...post, entry, changed: at });
    });
  }

  delete(path: string): Promise<Placed> {
    return this.#next(() => this.#place({ ...this.#postAt(path), deleted: true, changed: this.#stamp() }));
  }
  undelete(path: string): Promise<Placed> {
    return this.#next(() => this.#place({ ...this.#postAt(path), deleted: false, changed: this.#stamp() }));
  }

  /** @throws MicropubError where there is no such post */
  source(path: string): Entry {
    const post = this.#postAt(path);
    if (post.deleted) throw new MicropubError("not_found", "This post was deleted.");
    return post.entry;
  }

  /** All posts that are not deleted, those that were changed last first. */
  list(): { path: string; entry: Entry }[] {
    return this.store.posts
      .filter(({ deleted }) => !deleted)
      .sort((a, b) => (a.changed < b.changed ? 1 : -1))
      .map((post) => ({ path: this.#pathOf(post), entry: post.entry }));
  }

  async tellSite(site: BlogSite): Promise<void> {
    await this.#next(async () => {
      const before = this.store.posts.map((post) => ({ post, path: this.#pathOf(post) }));
      await this.store.saveSite(site);
      // A pattern or a category's slug may move many: each old address leads on.
      for (const { post, path } of before)
        if (this.#pathOf(post) !== path && this.#isOut(post))
          await this.store.savePost({
            ...post,
            formerly: [...post.formerly, { path, since: this.#stamp() }],
          });
    });
  }

  /** Mails what is out and should be mailed, each post once. */
  async mailDue(): Promise<void> {
    await this.#next(async () => {
      for (const post of this.store.posts) {
        if (post.mailed !== undefined || !this.#isShown(post) || !this.#postOf(post).mailed) continue;
        const { origin, name } = this.store.site;
        const at = this.#stamp();
        const original = origin + this.#pathOf(post);
        const about = { id: post.id, original, from: name, at: new Date(at) };
        await this.store.saveMail(post.id, await mailOf(this.#postOf(post), about));
        // A kill in between writes the same message to the same place.
        await this.store.savePost({ ...post, mailed: at });
      }
    });
  }

  /** The page of a copy elsewhere; null where nothing was copied there, or the post is not to be seen. */
  copyAt(uid: string, id: string): string | null {
    const place = PLACES.find((one) => one.uid === uid);
    const post = this.store.posts.find((one) => one.id === id);
    if (!place || !post || !this.#isShown(post) || !this.#postOf(post).syndicateTo.includes(uid)) return null;
    return copyPage(place, this.#postOf(post), this.store.site.origin + this.#pathOf(post));
  }

  /** What is at a path, this moment. */
  async at(path: string): Promise<Found> {
    const rendered = await this.#current();
    const file =
      this.#last!.byFile.get(fileKey(path)) ?? this.#last!.byFile.get(fileKey(`${path}/index.html`));
    const isStub = file && !("path" in file) && file.type === "text/html" && file.file !== "404.html";
    if (file && !isStub) return { kind: "file", file };
    const { redirects } = JSON.parse(textOf(rendered, "redirects.json")) as {
      redirects: { from: string; to: string }[];
    };
    const moved = redirects.find(({ from }) => samePath(from) === samePath(path));
    if (moved) return { kind: "moved", to: moved.to };
    const gone = this.store.posts.find(
      (post) =>
        post.deleted &&
        [this.#pathOf(post), ...post.formerly.map((one) => one.path)].some(
          (one) => samePath(one) === samePath(path),
        ),
    );
    return gone ? { kind: "gone" } : { kind: "nothing" };
  }

  /** The path of the page that readers begin with. */
  startPath(): string {
    const { pages } = this.store.site;
    return pages.some(({ path }) => path === "/") ? "/" : listPath(this.store.site);
  }

  /** The page of what is not there. */
  async notFound(): Promise<string> {
    return textOf(await this.#current(), "404.html");
  }

  /** The bytes of a picture that pages ask for. */
  async picture(
    file: Extract<SiteFile, { picture: unknown }>,
    narrow: (bytes: Uint8Array, type: string, width: number) => Promise<Uint8Array>,
  ): Promise<Buffer | null> {
    const media = mediaOf(file.picture.src);
    if (!media || !this.store.hasMedia(media.file)) return null;
    const bytes = readFileSync(this.store.mediaPath(media.file));
    const { width } = file.picture;
    if (width === null) return bytes;
    return this.store.picture(file.file.replace(/^pictures\//, ""), () => narrow(bytes, file.type, width));
  }

  #stamp(): string {
    return new Date(this.now()).toISOString();
  }

  /** Stored, with a slug that no other post has at its place. */
  async #place(post: StoredPost): Promise<Placed> {
    const before = this.store.posts.find(({ id }) => id === post.id);
    const slugAskedFor = firstText(post.entry, "mp-slug").trim();
    const name = postOfEntry(post.entry, post.id, this.store.site.categories).title;
    const base =
      (isSlug(slugAskedFor) ? slugAskedFor : plainSlug(slugAskedFor)) ||
      before?.slug ||
      plainSlug(name).slice(0, 80) ||
      "post";
    const others = this.store.posts.filter(({ id }) => id !== post.id);
    const taken = new Set(others.map((one) => samePath(this.#pathOf(one))));
    const pathWith = (slug: string) => samePath(this.#pathOf({ ...post, slug }));
    let slug = base;
    for (let number = 2; taken.has(pathWith(slug)); number++) slug = `${base}-${number}`;
    const stored: StoredPost = { ...post, entry: this.#withCopies(post), slug };
    const [from, to] = [before && this.#pathOf(before), this.#pathOf(stored)];
    if (before && from !== undefined && from !== to)
      stored.formerly = [
        ...before.formerly.filter(({ path }) => path !== to),
        ...(this.#isOut(before) ? [{ path: from, since: this.#stamp() }] : []),
      ];
    await this.store.savePost(stored);
    return { path: to, moved: from !== undefined && from !== to };
  }

  /** The entry with the addresses of its copies elsewhere: known from the start, and there once the post is. */
  #withCopies({ id, entry }: StoredPost): Entry {
    const { syndicateTo, syndicated } = postOfEntry(entry, id, []);
    const copies = PLACES.filter(({ uid }) => syndicateTo.includes(uid)).map(
      ({ uid }) => this.origin + copyPath(uid, id),
    );
    if (!this.origin || !copies.length) return entry;
    const all = [...new Set([...syndicated, ...copies])];
    return { ...entry, properties: { ...entry.properties, syndication: all } };
  }

  /** Whether readers may know its address: it was, or is, to be seen. */
  #isOut({ entry }: StoredPost): boolean {
    const published = momentOf(firstText(entry, "published"));
    return !published || published.time <= this.now();
  }

  #pathOf(post: StoredPost): string {
    const { slug, categories } = this.#postOf(post);
    return postAddressPath({ slug, categories }, this.store.site);
  }

  #postOf(stored: StoredPost): RenderedPost {
    const { site } = this.store;
    const kept = this.#rendered.get(stored);
    if (kept?.site === site) return kept.post;
    const post = { ...postOfEntry(stored.entry, stored.id, site.categories), slug: stored.slug };
    this.#rendered.set(stored, { site, post });
    return post;
  }

  /** @throws MicropubError where no post is or was at the path */
  #postAt(path: string): StoredPost {
    const key = samePath(path);
    const post =
      this.store.posts.find((one) => samePath(this.#pathOf(one)) === key) ??
      this.store.posts.find(({ formerly }) => formerly.some((one) => samePath(one.path) === key));
    if (!post) throw new MicropubError("not_found", `There is no post at ${path}.`);
    return post;
  }

  #isShown(post: StoredPost): boolean {
    if (post.deleted || firstText(post.entry, "post-status") === "draft") return false;
    if (firstText(post.entry, "visibility") === "private") return false;
    return this.#isOut(post);
  }

  async #current(): Promise<RenderedFiles> {
    const shown = this.store.posts.filter((post) => this.#isShown(post));
    const key = `${this.store.revision} ${shown.length}`;
    if (this.#last?.key === key) return this.#last.rendered;
    const posts = shown.map((post) => this.#postOf(post));
    const { site } = this.store;
    const rendered = this.#render({
      site,
      posts,
      redirects: [
        ...site.redirects,
        ...shown.flatMap((post) =>
          post.formerly.map(({ path, since }) => ({
            id: `${post.id} ${path}`,
            from: path,
            to: this.#pathOf(post),
            since,
            why: "slug changed" as const,
            postId: null,
          })),
        ),
      ],
      ...(await this.#files(posts)),
    });
    this.#last = { key, rendered, byFile: new Map(rendered.files.map((one) => [fileKey(one.file), one])) };
    return rendered;
  }

  /** What the site and its posts show and offer, by its addresses. */
  async #files(posts: readonly RenderedPost[]) {
    const pictures = new Map<string, SitePicture>();
    const downloads = new Map<string, SiteDownload>();
    const all = posts.flatMap(({ blocks, leadPicture, socialPicture }) => [
      leadPicture?.src ?? "",
      socialPicture,
      ...filesOf(blocks),
    ]);
    for (const src of new Set([...picturesOfSite(this.store.site), ...all])) {
      const media = mediaOf(src);
      if (!media || !this.store.hasMedia(media.file)) continue;
      const file = {
        hash: media.file.split(".")[0]!,
        fileName: media.fileName,
        type: typeOf(media.file),
      };
      const size = isPictureType(file.type) && (await this.#sizeOf(media.file));
      if (size) pictures.set(src, { ...file, ...size });
      else if (!isPictureType(file.type)) downloads.set(src, file);
    }
    return { pictures, downloads };
  }

  #sizeOf(file: string): Promise<Sized | null> {
    const size = this.#sizes.get(file) ?? sizeOfPicture(readFileSync(this.store.mediaPath(file)));
    this.#sizes.set(file, size);
    return size;
  }

  #next<T>(work: () => Promise<T>): Promise<T> {
    const done = this.#queue.then(work);
    this.#queue = done.catch(() => {});
    return done;
  }
}

const fileKey = (path: string): string =>
  path.split("/").filter(Boolean).join("/").normalize("NFC").toLowerCase();

function textOf({ files }: RenderedFiles, file: string): string {
  const one = files.find((each) => each.file === file);
  return one && "text" in one ? one.text : "";
}

export const typeOf = (file: string): string => mediaTypeOfName(file)?.type ?? "application/octet-stream";
