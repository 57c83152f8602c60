/** Packs the demo: posts/*.md, pictures/, and what was looked up for them into one workspace file. Run with `npm run demo:build`. */
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { parse } from "yaml";
import type { EditorDoc, EditorNode } from "../src/core/blocks/editorJson";
import { draftFromMarkdown } from "../src/core/draft/fromMarkdown";
import { blocksToEditor } from "../src/core/draft/toEditor";
import type { OutlineItem } from "../src/core/outline/outline";
import { noPiece, type Piece } from "../src/core/outline/piece";
import type { Post, Site, Stage } from "../src/data/model";
import { newPost } from "../src/data/newPost";
import { packFiles } from "../src/data/workspace/pack";
import { VERSION, type WorkspaceFile } from "../src/data/workspace/workspaceFile";
import type { ZipItem } from "../src/data/zip";
import { about, demoSlips, voice } from "./apprentice";
import { demoCompetitors } from "./competitors";
import { demoHistory } from "./history";
import { demoLive, demoReviews } from "./live";
import { categoryIds, places } from "./places";
import { rawDog } from "./posts/carrying-a-dog.raw";
import { demoResearch, supportingOf } from "./research";

const here = import.meta.dirname;
const WIDTH = 1200;
const HEIGHT = 800;

const site: Site = {
  id: "site",
  name: "Brackenford Cargo Cycles",
  blogName: "The Long Haul",
  origin: "https://brackenford-cycles.example",
  basePath: "/journal/",
  titleSuffix: "",
  titleAsH1: "auto",
  language: "en",
  ...places,
  about,
  voices: [voice],
  voice: voice.id,
  demo: true,
};

const assets = readdirSync(join(here, "pictures"))
  .filter((name) => name.endsWith(".jpg"))
  .map((fileName) => ({
    id: fileName.replace(/\.jpg$/, "").toLowerCase(),
    fileName,
    file: `pictures/${fileName}`,
  }));
const assetByName = new Map(assets.map((asset) => [asset.fileName, asset]));
const bytesOf = (fileName: string) => readFileSync(join(here, "pictures", fileName));

/** Pictures of the Markdown files become assets of the workspace. */
function withAssets(node: EditorNode): EditorNode {
  if (node.type !== "picture")
    return node.content ? { ...node, content: node.content.map(withAssets) } : node;
  const fileName = String(node.attrs?.fileName);
  const asset = assetByName.get(fileName);
  if (!asset) throw new Error(`There is no picture ${fileName}`);
  return {
    ...node,
    attrs: {
      ...node.attrs,
      src: `asset:${asset.id}`,
      bytes: bytesOf(fileName).length,
      width: WIDTH,
      height: HEIGHT,
    },
  };
}

const stamp = "2026-11-20T09:00:00.000Z";
const files = readdirSync(join(here, "posts")).filter((name) => name.endsWith(".md"));
const posts = files.map((name) => {
  const text = readFileSync(join(here, "posts", name), "utf8");
  const { meta, blocks } = draftFromMarkdown(text);
  const extra = parse(/^---\n([\s\S]*?)\n---/.exec(text)![1]!) as Record<string, string | undefined>;
  const id = name.replace(/\.md$/, "");
  const { canonical: _canonical, titleSuffix: _suffix, category, ...fields } = meta;
  const post = newPost(id, site, stamp, {
    ...fields,
    categories: categoryIds(category),
    supporting: supportingOf(id, fields.supporting),
    stage: extra["x-stage"] as Stage,
    due: extra["x-due"] ?? "",
    status: (extra["x-status"] ?? "draft") as Post["status"],
    ...(extra["x-publish-at"] && { publishAt: extra["x-publish-at"] }),
  });
  const doc = extra["x-raw"] ? rawDog : (withAssets(blocksToEditor(blocks)) as EditorDoc);
  const outline = (extra["x-outline"] ?? "")
    .split("|")
    .filter(Boolean)
    .map(
      (line, i): OutlineItem => ({
        id: `${id}-${i}`,
        level: Number(line[0]) as 2 | 3,
        text: line.slice(2),
        note: "",
      }),
    );
  return { post, doc, outline };
});
const tour = posts.find(({ post }) => post.id === "electric-cargo-bike-for-families")!;
tour.outline[5]!.note = "Use the four households' books. Say what a new battery costs.";
tour.outline[7]!.note = "Three laps of the yard, one hard stop, one hill start.";

const kept = demoCompetitors(tour.post, stamp);
const tourPiece: Piece = {
  ...noPiece,
  audience: "parents who ride a bike, but no cargo bike yet",
  goal: "a test ride booked at the workshop",
  tones: ["warm", "encouraging"],
  length: 650,
  points: ["What our hire families found out in their first month"],
};
const research = demoResearch(
  posts.map(({ post }) => post),
  stamp,
);
const file: WorkspaceFile = {
  format: "dune-sparrow-workspace",
  version: VERSION,
  savedAt: stamp,
  site,
  posts: posts.map(({ post }) => post),
  bodies: posts.map(({ post, doc }) => ({ postId: post.id, doc })),
  outlines: posts.map(({ post, outline }) => ({
    postId: post.id,
    items: outline,
    ...(post.id === tour.post.id && { piece: tourPiece }),
  })),
  keywords: [],
  lists: research.lists,
  lookUps: research.lookUps.map(({ lookUp }) => lookUp),
  ideas: research.ideas,
  fields: [kept.competitors],
  drawer: [
    ...kept.drawer,
    ...demoSlips(site, {
      posts: posts.map(({ post }) => post),
      docOf: (id) => posts.find(({ post }) => post.id === id)?.doc ?? null,
      post: tour.post,
      outline: { postId: tour.post.id, items: tour.outline, piece: tourPiece },
      competitors: kept.competitors,
      collected: kept.collected,
      recording: null,
    }),
  ],
  ...demoHistory(posts, site),
  reviews: demoReviews(posts),
  ...demoLive(
    posts,
    site,
    assets.map(({ id, fileName }) => ({ id, fileName, bytes: bytesOf(fileName) })),
  ),
  assets: assets.map((asset) => ({ ...asset, type: "image/jpeg", width: WIDTH, height: HEIGHT })),
};
const items: ZipItem[] = [{ name: "workspace.json", content: JSON.stringify(file, null, 1) }];
for (const { lookUp, held } of research.lookUps)
  items.push({ name: `look-ups/${lookUp.id}.json`, content: JSON.stringify(held) });
items.push({ name: `fields/${kept.competitors.id}.json`, content: JSON.stringify(kept.collected) });
for (const asset of assets) items.push({ name: asset.file, content: bytesOf(asset.fileName) });
const out = join(here, "../public/demo/brackenford.dunesparrow.zip");
const packed = await packFiles(items, undefined, new Date(stamp));
writeFileSync(out, new Uint8Array(await packed.arrayBuffer()));
console.log(
  `${posts.length} posts, ${research.lists.length} lists, ${research.lookUps.length} look-ups, ${assets.length} pictures: ${out}`,
);
