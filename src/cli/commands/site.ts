import { createHash } from "node:crypto";
import { resolve } from "node:path";
import { parseArgs } from "node:util";
import { isPictureType } from "../../core/media/mediaTypes";
import { messageOf } from "../../core/messageOf";
import { momentOf } from "../../core/site/moments";
import { createSiteRenderer, type Problem, type RenderedFiles } from "../../core/site/render";
import type { SiteDownload, SitePicture, SiteSource } from "../../core/site/site";
import { livePost } from "../../data/livePost";
import { isLiveAt, renderedPost } from "../../data/renderedSite";
import type { Workspace } from "../../data/workspace/workspaceFile";
import { sizeOfPicture } from "../../disk/pictureEncoder";
import { FolderError, writeSiteFolder } from "../../disk/siteFolder";
import { CallError, type Command } from "../command";
import { printable } from "../printable";
import { openWorkspace } from "../workspace";

const USAGE = `Usage: dune-sparrow site WORKSPACE.dunesparrow.zip --out DIR [options]

Writes the whole site as files: every post that is live or whose time has come, the pages that list them, feeds,
sitemap, redirects, and pictures in several widths.

  --out DIR         folder to write to: empty, or made by an earlier run
  --base URL        where the site will be reached; its own address where absent
  --now ISO-DATE    the moment that counts as now; that of the call where absent
  --format FORMAT   how to answer: text (the default) or json

Exit: 0; 1 where there are problems (a link that leads nowhere, an address used twice); 2 for a bad call.
`;

interface Call {
  workspace: string;
  out: string;
  base: string | null;
  now: number;
  json: boolean;
}

export const site: Command = {
  name: "site",
  usage: USAGE,
  async run(argv, { out, err }) {
    const call = readCall(argv);
    if (call === "help") {
      out(USAGE);
      return 0;
    }
    const workspace = await openWorkspace(call.workspace);
    const { source, bytes } = await sourceOf(workspace, call.now);
    const rendered = createSiteRenderer()(source, call.base);
    let unmade: Problem[];
    try {
      unmade = await writeSiteFolder(resolve(call.out), rendered.files, (src) => bytes.get(src)!);
    } catch (error) {
      if (error instanceof FolderError) throw new CallError(error.message);
      throw error;
    }
    const problems = [...rendered.problems, ...unmade];
    if (call.json) out(`${JSON.stringify(asJson(rendered, problems), null, 2)}\n`);
    else {
      out(printable(asText(rendered, call.out)));
      for (const { file, says } of problems) err(printable(`${file}: ${says}\n`));
    }
    return problems.length ? 1 : 0;
  },
};

const asJson = ({ files, pages, posts, redirects }: RenderedFiles, problems: readonly Problem[]): object => ({
  version: 1,
  files: files.length,
  pages,
  posts,
  redirects,
  problems: problems.map(({ file, says }) => ({ file, says })),
});

const asText = ({ files, pages, posts, redirects }: RenderedFiles, folder: string): string =>
  `${folder}: ${files.length} files, ${pages} pages, ${posts} posts, ${redirects} redirects\n`;

function readCall(argv: string[]): Call | "help" {
  let parsed: ReturnType<typeof parse>;
  try {
    parsed = parse(argv);
  } catch (error) {
    throw new CallError(messageOf(error));
  }
  const { values, positionals } = parsed;
  if (values.help) return "help";
  const [workspace, ...others] = positionals;
  if (!workspace || others.length) throw new CallError("Name one workspace file.");
  if (!values.out) throw new CallError("Name the folder to write to: --out DIR.");
  const { base = null, format = "text" } = values;
  if (base !== null && !(URL.canParse(base) && /^https?:$/.test(new URL(base).protocol)))
    throw new CallError(`--base takes an address such as https://my-site.example, not “${base}”.`);
  if (format !== "text" && format !== "json")
    throw new CallError(`There is no format “${format}”: text, json.`);
  const moment = values.now === undefined ? null : momentOf(values.now);
  if (values.now !== undefined && !moment)
    throw new CallError(`--now takes a date such as 2026-12-03 or 2026-12-03T08:00Z, not “${values.now}”.`);
  return { workspace, out: values.out, base, now: moment?.time ?? Date.now(), json: format === "json" };
}

function parse(args: string[]) {
  return parseArgs({
    args,
    allowPositionals: true,
    options: {
      out: { type: "string" },
      base: { type: "string" },
      now: { type: "string" },
      format: { type: "string" },
      help: { type: "boolean", short: "h" },
    },
  });
}

/** What the site is rendered from, and the file of each picture. */
async function sourceOf(
  { file, pictures }: Workspace,
  now: number,
): Promise<{ source: SiteSource; bytes: Map<string, Uint8Array> }> {
  const docs = new Map(file.bodies.map(({ postId, doc }) => [postId, doc]));
  const copies = new Map((file.liveCopies ?? []).map((copy) => [copy.postId, copy]));
  const shown = new Map<string, SitePicture>();
  const downloads = new Map<string, SiteDownload>();
  const bytes = new Map<string, Uint8Array>();
  for (const asset of file.assets) {
    const held = pictures.get(asset.file);
    if (!held) continue;
    const src = `asset:${asset.id}`;
    bytes.set(src, held);
    const { fileName, type } = asset;
    const own = { hash: createHash("sha256").update(held).digest("hex"), fileName, type };
    if (!isPictureType(type)) {
      downloads.set(src, own);
      continue;
    }
    const size =
      asset.width && asset.height ? { width: asset.width, height: asset.height } : await sizeOfPicture(held);
    shown.set(src, {
      ...own,
      width: Math.round(size?.width ?? 0),
      height: Math.round(size?.height ?? 0),
    });
  }
  const posts = file.posts
    .filter((post) => isLiveAt(post, now))
    .map((post) => {
      // Readers have what was sent, and not what is being written.
      const copy = copies.get(post.id);
      return copy
        ? livePost(copy, file.site.categories)
        : renderedPost(post, docs.get(post.id) ?? { type: "doc", content: [] });
    });
  const source = { site: file.site, posts, redirects: file.redirects ?? [], pictures: shown, downloads };
  return { source, bytes };
}
