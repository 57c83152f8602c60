/**
 * Titles and descriptions that the fixes propose for documents that nobody here wrote: what the packages in node_modules say of
 * themselves, one document a package and sixty in all, chosen by their place in the alphabet. A document's title is its first heading and, as on
 * a package's page, the line that describes it; the keyword is the first heading.
 */
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { draftFromMarkdown } from "../src/core/draft/fromMarkdown";
import { noContext } from "../src/core/proof/context";
import { type Fix, fixesOf } from "../src/core/proof/fixes/fix";
import { noHelp } from "../src/core/proof/fixes/fixRule";
import { defaultProfile } from "../src/core/proof/profile";
import { textWidth } from "../src/core/snippet/width";

export interface Proposed {
  document: string;
  kind: "title" | "description";
  before: string;
  proposals: (Pick<Fix, "source" | "caution" | "gain"> & { after: string })[];
}

const MODULES = join(import.meta.dirname, "../node_modules");
const DOCUMENTS = 60;
const LEAST_BYTES = 2000;

/** Files of packages' documentation, the longest of each package. */
function documents(): { name: string; text: string; says: string }[] {
  const packages = readdirSync(MODULES)
    .filter((name) => !name.startsWith("."))
    .flatMap((name) =>
      name.startsWith("@") ? readdirSync(join(MODULES, name)).map((sub) => `${name}/${sub}`) : name,
    )
    .sort();
  return packages.flatMap((name) => {
    try {
      const file = readdirSync(join(MODULES, name)).find((one) => /^readme\.md$/i.test(one));
      if (!file) return [];
      const text = readFileSync(join(MODULES, name, file), "utf8");
      const { description = "" } = JSON.parse(readFileSync(join(MODULES, name, "package.json"), "utf8"));
      return text.length >= LEAST_BYTES && description ? [{ name, text, says: description }] : [];
    } catch {
      return [];
    }
  });
}

/** @returns what is proposed for sixty titles that are too wide and for sixty descriptions that are missing */
export function proposedFixes(): Proposed[] {
  const { size, range } = defaultProfile.checks["title-width"];
  const titles: Proposed[] = [];
  const descriptions: Proposed[] = [];
  for (const { name, text, says } of documents()) {
    const read = draftFromMarkdown(text);
    const h1 = read.blocks.find(({ kind }) => kind === "heading")?.text.trim() ?? "";
    if (!h1) continue;
    const title = `${h1}: ${says}`;
    const draft = { ...read, meta: { ...read.meta, title, keyword: h1, description: "" } };
    const terms = { context: noContext, profile: defaultProfile, help: noHelp };
    const proposed = (kind: Proposed["kind"], fix: string, before: string): Proposed => ({
      document: name,
      kind,
      before,
      proposals: fixesOf(draft, terms, new Set([fix])).map(({ source, caution, gain, lines }) => ({
        ...(source && { source }),
        ...(caution && { caution }),
        gain,
        after: lines[0]!.after,
      })),
    });
    if (titles.length < DOCUMENTS && textWidth(title, size) > (range[2] ?? 0))
      titles.push(proposed("title", "meta-title", title));
    if (descriptions.length < DOCUMENTS) descriptions.push(proposed("description", "description", ""));
  }
  return [...titles, ...descriptions];
}
