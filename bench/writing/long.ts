/** A post as long as they come: 20,000 words of the demo's posts again and again, 60 pictures, tables and lists among them. */
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { strToU8, zipSync } from "fflate";

const root = join(import.meta.dirname, "../..");
const WORDS = 20_000;
const PICTURES = 60;

/** @returns a zip as the application imports it: one Markdown file and its pictures */
export function longPost(): { zip: Uint8Array; words: number } {
  const posts = readdirSync(join(root, "demo/posts"))
    .filter((name) => name.endsWith(".md"))
    .sort()
    .map((name) => readFileSync(join(root, "demo/posts", name), "utf8"))
    // Front matter and pictures are the post's own; what is left is text.
    .map((source) => source.replace(/^---\n[\s\S]*?\n---\n/, "").replace(/^!\[.*$/gm, ""));
  const paragraphs: string[] = [];
  for (let at = 0, words = 0; words < WORDS; at++) {
    for (const paragraph of posts[at % posts.length]!.split(/\n{2,}/)) {
      if (words >= WORDS || !paragraph.trim()) continue;
      paragraphs.push(paragraph.trim());
      words += paragraph.split(/\s+/).length;
    }
  }
  const every = Math.floor(paragraphs.length / PICTURES);
  const drawn = readdirSync(join(root, "demo/pictures")).filter((name) => name.endsWith(".jpg"));
  const files: Record<string, Uint8Array> = {};
  for (let n = 0; n < PICTURES; n++) {
    const name = `pictures/picture-${n + 1}.jpg`;
    files[name] = readFileSync(join(root, "demo/pictures", drawn[n % drawn.length]!));
    paragraphs.splice(n * (every + 1) + 1, 0, `![A cargo bike, picture ${n + 1}](${name})`);
  }
  const text = paragraphs.join("\n\n");
  files["long.md"] = strToU8(`---\ntitle: A long post\nkeyword: cargo bike\n---\n\n${text}\n`);
  return { zip: zipSync(files, { level: 0 }), words: text.split(/\s+/).length };
}
