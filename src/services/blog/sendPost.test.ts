/** A post on its way to a blog: it arrives once and whole, or it is said what became of it. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { plainBlogSite } from "../../core/micropub/blogSite";
import type { Entry } from "../../core/micropub/entry";
import { standInBlog } from "../../data/settings";
import { BlogFailure } from "./blogFailure";
import { type Outcome, type Sending, sendPost } from "./sendPost";
import { type FakeBlog, fakeBlog, type Trouble } from "./testing/fakeBlog";

const entryOf = (name: string, picture = ""): Entry => ({
  type: ["h-entry"],
  properties: {
    name: [name],
    uid: ["post-1"],
    content: [{ html: `<p>${name}</p>${picture && `<img src="${picture}">`}` }],
  },
});

/** What a sender keeps between tries, as the outbox does. */
class Sender {
  media: Record<string, string> = {};
  perhaps: Entry[] = [];
  before: Sending["before"] = null;
  seen: Entry | null = null;
  published = "";
  more: Entry["properties"] = {};
  constructor(readonly blog: FakeBlog) {}

  dated({ type, properties }: Entry): Entry {
    return {
      type,
      properties: { ...properties, ...(this.published && { published: [this.published] }), ...this.more },
    };
  }

  async send(name: string, pictures: readonly string[] = ["asset:a"]): Promise<Outcome> {
    const outcome = await sendPost(this.blog.client, {
      blog: standInBlog,
      site: () => plainBlogSite,
      entry: (addressOf) => this.dated(entryOf(name, pictures[0] && addressOf(pictures[0]))),
      files: pictures,
      file: async (src) => ({ blob: new Blob([src]), fileName: `${src.slice(6)}.jpg` }),
      media: this.media,
      uploaded: async (src, address) => {
        this.media = { ...this.media, [src]: address };
      },
      before: this.before,
      perhaps: this.perhaps,
      about: async (entry) => {
        this.perhaps.push(entry);
      },
      seen: this.seen,
    });
    if (outcome.kind === "sent") {
      this.before = {
        address: outcome.address,
        entry: outcome.entry,
        ...(outcome.there && { there: outcome.there }),
      };
      this.perhaps = [];
      this.seen = null;
    }
    return outcome;
  }
}
const nameOf = (blog: FakeBlog) => [...blog.posts.values()].map(({ entry }) => entry.properties.name?.[0]);

describe("sending a post", () => {
  it("sends pictures first, each once, then the post, then only what changed", async () => {
    const blog = fakeBlog();
    const sender = new Sender(blog);
    await sender.send("One");
    expect([...blog.media.keys()]).toEqual(["https://blog.example/media/a.jpg"]);
    expect(JSON.stringify([...blog.posts.values()])).toContain("https://blog.example/media/a.jpg");
    blog.media.clear();
    await sender.send("Two");
    expect(blog.media.size).toBe(0);
    expect(nameOf(blog)).toEqual(["Two"]);
  });

  it("tells the site where the blog takes it, and only when it is another", async () => {
    const blog = fakeBlog({ takesSite: true });
    const sender = new Sender(blog);
    await sender.send("One");
    await sender.send("Two");
    expect(blog.sites).toHaveLength(1);
  });

  it("stops where somebody changed it at the blog, until that was looked at", async () => {
    const blog = fakeBlog();
    const sender = new Sender(blog);
    await sender.send("One");
    const [address, post] = [...blog.posts][0]!;
    post.entry = { ...post.entry, properties: { ...post.entry.properties, name: ["Theirs"] } };
    const outcome = await sender.send("Ours");
    expect(outcome).toMatchObject({ kind: "conflict", address });
    expect(nameOf(blog)).toEqual(["Theirs"]);
    sender.seen = (outcome as { theirs: Entry }).theirs;
    // Changed once more since it was looked at: not that either.
    post.entry = { ...post.entry, properties: { ...post.entry.properties, name: ["Theirs again"] } };
    expect((await sender.send("Ours")).kind).toBe("conflict");
    post.entry = { ...post.entry, properties: { ...post.entry.properties, name: ["Theirs"] } };
    expect((await sender.send("Ours")).kind).toBe("sent");
    expect(nameOf(blog)).toEqual(["Ours"]);
  });

  it("leaves what the blog adds by itself, and does not take it for a change", async () => {
    const blog = fakeBlog();
    const sender = new Sender(blog);
    await sender.send("One");
    const [, post] = [...blog.posts][0]!;
    Object.assign(post.entry.properties, {
      url: ["https://blog.example/1"],
      updated: ["2026-01-01"],
      syndication: ["https://elsewhere.example"],
    });
    expect((await sender.send("Two")).kind).toBe("sent");
    expect(post.entry.properties.syndication).toEqual(["https://elsewhere.example"]);
  });

  it("sends another minute though nothing else has changed, and not the same one said in another way", async () => {
    const blog = fakeBlog();
    const sender = new Sender(blog);
    const at = async (published: string) => {
      sender.published = published;
      await sender.send("One");
      return [...blog.posts.values()][0]!.entry.properties.published;
    };
    expect(await at("2099-01-01T08:00:00.000Z")).toEqual(["2099-01-01T08:00:00.000Z"]);
    expect(await at("2026-01-01T08:00:00.000Z")).toEqual(["2026-01-01T08:00:00.000Z"]);
    const there = [...blog.posts.values()][0]!;
    there.entry.properties.published = ["2026-01-01T09:00:00+01:00"];
    expect(await at("2026-01-01T08:00:00.000Z")).toEqual(["2026-01-01T09:00:00+01:00"]);
  });

  it("does not take for a change how another blog writes what it was sent", async () => {
    const blog = fakeBlog();
    const { source } = blog.client;
    blog.client.source = async (...call) => {
      const entry = await source(...call);
      return (
        entry && {
          ...entry,
          properties: { ...entry.properties, content: [{ html: "<p >Written anew</p >" }] },
        }
      );
    };
    const sender = new Sender(blog);
    await sender.send("One");
    expect((await sender.send("Two")).kind).toBe("sent");
  });

  it("adds copies elsewhere that are new, and tells of those that the blog made", async () => {
    const blog = fakeBlog({ onceByUid: true, takesSite: true });
    const sender = new Sender(blog);
    sender.more = { "mp-syndicate-to": ["digest"] };
    await sender.send("Rain", []);
    const [there] = blog.posts.values();
    there!.entry.properties.syndication = ["https://digest.example/1"];
    sender.more = { ...sender.more, syndication: ["https://by-hand.example/1"] };
    const sent = await sender.send("Rain", []);
    const copies = ["https://digest.example/1", "https://by-hand.example/1"];
    expect(there!.entry.properties.syndication).toEqual(copies);
    expect(sent).toMatchObject({ kind: "sent", copies });
  });

  it("does not let a blog whose clock is behind hold back what is due", async () => {
    const blog = fakeBlog({ clockAhead: 600_000 });
    const sender = new Sender(blog);
    sender.published = new Date().toISOString();
    await sender.send("Rain", []);
    const [there] = blog.posts.values();
    expect(Date.parse(String(there!.entry.properties.published![0]))).toBeLessThanOrEqual(
      Date.now() - 600_000,
    );
    sender.published = "2099-01-01T08:00:00.000Z";
    await sender.send("Rain", []);
    expect(there!.entry.properties.published).toEqual(["2099-01-01T08:00:00.000Z"]);
  });

  it("says that a post is no longer there", async () => {
    const blog = fakeBlog();
    const sender = new Sender(blog);
    await sender.send("One");
    blog.posts.clear();
    expect(await sender.send("Two")).toEqual({ kind: "gone" });
    expect(blog.posts.size).toBe(0);
  });

  it("says which picture a blog does not take, and that one takes none", async () => {
    const none = new Sender(fakeBlog({ media: null }));
    await expect(none.send("One")).rejects.toMatchObject({ code: "no-media" });
    expect(none.blog.posts.size).toBe(0);
    const refusing = fakeBlog();
    refusing.client.upload = async () => {
      throw new BlogFailure("invalid_request", "Too large.", false);
    };
    await expect(new Sender(refusing).send("One")).rejects.toThrow(
      "The file “a.jpg” was not taken. Too large.",
    );
  });

  it("asks where a blog cannot say whether it has a post", async () => {
    const blog = fakeBlog();
    blog.client.addressOf = async () => undefined;
    const sender = new Sender(blog);
    blog.trouble = troubles(["", "", "after"]);
    await expect(sender.send("One")).rejects.toMatchObject({ perhapsDone: true });
    await expect(sender.send("One")).rejects.toMatchObject({ code: "unsure" });
    expect(blog.posts.size).toBe(1);
  });
});

function troubles(each: readonly string[]): () => Trouble {
  let at = 0;
  return () => (each[at++] || null) as Trouble;
}

it("whatever breaks, and whenever, the post is there once, whole and as it was sent last", async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.boolean(),
      fc.array(fc.constantFrom("", "", "before", "after"), { maxLength: 30 }),
      fc.array(fc.constantFrom("One", "Two", "Three"), { minLength: 1, maxLength: 5 }),
      async (onceByUid, faults, names) => {
        const blog = fakeBlog({ onceByUid, takesSite: true });
        blog.trouble = troubles(faults);
        const sender = new Sender(blog);
        for (const name of names) {
          // Each try may be the last that the person waits for; then another text is sent.
          for (let tries = 0; tries < 3; tries++) {
            const outcome = await sender.send(name).catch((error: unknown) => {
              expect(error).toBeInstanceOf(BlogFailure);
              return null;
            });
            expect(blog.posts.size).toBeLessThanOrEqual(1);
            for (const { entry } of blog.posts.values()) expect(names).toContain(entry.properties.name?.[0]);
            if (!outcome) continue;
            expect(outcome.kind).toBe("sent");
            break;
          }
        }
        blog.trouble = () => null;
        expect((await sender.send(names.at(-1)!)).kind).toBe("sent");
        expect(nameOf(blog)).toEqual([names.at(-1)]);
      },
    ),
    { numRuns: 300 },
  );
});
