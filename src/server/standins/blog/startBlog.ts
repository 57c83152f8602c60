/** Starting the blog: where its files are, what it begins with, and its port. */
import { existsSync, readFileSync } from "node:fs";
import type { Server } from "node:http";
import { join } from "node:path";
import envPaths from "env-paths";
import { blogSiteOf, plainBlogSite } from "../../../core/micropub/blogSite";
import { entryOfPost } from "../../../core/micropub/postEntry";
import { livePost } from "../../../data/livePost";
import { isLiveAt, renderedPost } from "../../../data/renderedSite";
import { readWorkspace } from "../../../data/workspace/read";
import { listen } from "../../listen";
import type { Log } from "../../log";
import { Blog } from "./blog";
import { createBlogApp } from "./blogApp";
import { BlogStore, blogToken } from "./blogStore";
import { mediaPath } from "./mediaAddress";

/** Milliseconds between two looks for what should be mailed. */
const A_WHILE = 15_000;

export interface RunningBlog {
  /** Scheme, host and port. */
  origin: string;
  token: string;
  server: Server;
}

/** Where this person's data lies: as DUNE_SPARROW_DATA says, else where programs of this system keep theirs. */
export const dataFolder = (said = process.env.DUNE_SPARROW_DATA): string =>
  said?.trim() || envPaths("dune-sparrow", { suffix: "" }).data;

export interface BlogOptions {
  /** Folder of this person's data. */
  data: string;
  /** A workspace file whose live posts the blog begins with. */
  demo: string;
  port: number;
  host: string;
  log: Log;
}

/** @throws Error where its folder cannot be written */
export async function startBlog({ data, demo, port, host, log }: BlogOptions): Promise<RunningBlog> {
  const folder = join(data, "blog");
  const isFirst = !existsSync(join(folder, "posts"));
  const token = blogToken(folder);
  const blog = new Blog(new BlogStore(folder, plainBlogSite));
  if (isFirst && existsSync(demo)) await beginWith(blog, demo);
  const mail = () => void blog.mailDue().catch(() => log.error("posts were not mailed"));
  mail();
  // What waits for its minute is mailed at it.
  setInterval(mail, A_WHILE).unref();
  const { server, port: own } = await listen(createBlogApp(blog, { token, log }), port, host);
  blog.origin = `http://127.0.0.1:${own}`;
  return { origin: blog.origin, token, server };
}

/** The live posts of a workspace file, as if they had been published. */
async function beginWith(blog: Blog, demo: string): Promise<void> {
  const { file, pictures } = await readWorkspace(new Blob([new Uint8Array(readFileSync(demo))]));
  const addresses = new Map<string, string>();
  for (const asset of file.assets) {
    const name = await blog.store.saveMedia(Buffer.from(pictures.get(asset.file)!), asset.type);
    addresses.set(`asset:${asset.id}`, mediaPath(name, asset.fileName));
  }
  await blog.tellSite(blogSiteOf(file.site, file.redirects ?? [], (src) => addresses.get(src) ?? src));
  const docs = new Map(file.bodies.map(({ postId, doc }) => [postId, doc]));
  const copies = new Map((file.liveCopies ?? []).map((copy) => [copy.postId, copy]));
  for (const post of file.posts)
    if (copies.has(post.id) || isLiveAt(post, Date.now())) {
      const copy = copies.get(post.id);
      const live = copy ? livePost(copy, file.site.categories) : renderedPost(post, docs.get(post.id)!);
      await blog.create(entryOfPost(live, file.site.categories, (src) => addresses.get(src) ?? src));
    }
}
