/** A workspace of many posts in a browser, out of what the demo's say. */
import type { Page } from "@playwright/test";

interface Many {
  posts: number;
  /** Words of each. */
  words: number;
  /** Statuses of the demo's posts that they are like; any where empty. */
  like: string;
  /** Types of nodes that they are made of. */
  nodes: string[];
}

/** Puts posts into the database of a page, each with another text; each is a day younger than the one before. */
export async function addManyPosts(page: Page, many: Many): Promise<void> {
  await page.evaluate(async ({ posts, words, like, nodes: types }) => {
    const open = indexedDB.open("dune-sparrow");
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      open.onsuccess = () => resolve(open.result);
      open.onerror = () => reject(open.error);
    });
    const all = <T>(name: string) =>
      new Promise<T[]>((resolve) => {
        const get = db.transaction(name).objectStore(name).getAll();
        get.onsuccess = () => resolve(get.result as T[]);
      });
    type Node = { type: string; attrs?: object; content?: Node[]; text?: string };
    const demo = (await all<{ id: string; status: string; title: string }>("posts")).filter(
      ({ status }) => !like || status === like,
    );
    const nodes = (await all<{ json: string }>("bodies"))
      .flatMap(({ json }) => (JSON.parse(json) as Node).content ?? [])
      .filter(({ type }) => types.includes(type));
    const textOf = (node: Node): string => node.text ?? (node.content ?? []).map(textOf).join(" ");
    const write = db.transaction(["posts", "bodies"], "readwrite");
    for (let n = 0; n < posts; n++) {
      const base = demo[n % demo.length]!;
      const content: Node[] = [];
      for (let i = n * 7, count = 0; count < words; i++) {
        const node = nodes[i % nodes.length]!;
        content.push(node);
        count += textOf(node).split(/\s+/).length;
      }
      const id = `bench-${n}`;
      const date = new Date(Date.UTC(2020, 0, 1 + n)).toISOString().slice(0, 10);
      write
        .objectStore("posts")
        .put({ ...base, id, slug: id, title: `${base.title} ${n}`, metaTitle: "", date, publishAt: "" });
      write.objectStore("bodies").put({ postId: id, json: JSON.stringify({ type: "doc", content }) });
    }
    await new Promise((resolve) => {
      write.oncomplete = resolve;
    });
    db.close();
  }, many);
}
