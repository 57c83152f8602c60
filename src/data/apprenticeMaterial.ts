/** What the apprentice may draw on of a workspace, gathered for one post or for none. */
import type { MaterialSource, WrittenPost } from "../core/apprentice/material/shapes";
import type { EditorDoc } from "../core/blocks/editorJson";
import type { Block } from "../core/draft/draft";
import { blocksFromEditor } from "../core/draft/fromEditor";
import { noPiece, pieceWithDefaults } from "../core/outline/piece";
import { analyseText } from "../core/text/analyse";
import { languagePack } from "../core/text/language";
import type { Competitors, Outline, Post, Recording, Site } from "./model";
import type { CollectedCompetitors } from "./schemas/collected";

export interface WorkspacePieces {
  site: Site;
  /** All posts of the site. */
  posts: readonly Post[];
  /** Text of a post; null where it has none or is not at hand. */
  docOf(postId: string): EditorDoc | null;
  /** Null where the request is for no post. */
  post: Post | null;
  /** Its text as it is now. */
  blocks: readonly Block[] | null;
  outline: Outline | null;
  competitors: Competitors | null;
  collected: CollectedCompetitors | null;
  recording: Recording | null;
}

/** Other posts whose text is drawn on: those whose titles have most to do with this one. */
export const MOST_POSTS = 30;

export function materialSource(pieces: WorkspacePieces): MaterialSource {
  const { site, posts, post, docOf, outline, competitors, collected, recording } = pieces;
  const piece = pieceWithDefaults(outline?.piece ?? noPiece, site.piece ?? noPiece);
  const others = posts.filter(({ id, title }) => id !== post?.id && title.trim());
  const related = new Set(relatedPosts(post, others).map(({ id }) => id));
  const voice = voiceOf(post, site);
  const kept = new Set(
    (competitors?.pages ?? []).filter(({ state }) => state === "kept").map(({ address }) => address),
  );
  const pages = (collected?.pages ?? []).filter(({ page }) => kept.has(page.address));
  return {
    ...(post && {
      keyword: post.keyword,
      supporting: post.supporting,
      title: post.title,
      post: { title: post.title, text: textOf(pieces.blocks ?? []), description: post.description },
    }),
    audience: piece.audience || voice?.audience || "",
    goal: piece.goal,
    tones: piece.tones,
    avoid: piece.avoid,
    ...(piece.points.length && { notes: piece.points }),
    outline: (outline?.items ?? []).map(({ level, text, note, faq }) => ({
      level,
      text,
      note,
      ...(faq && { faq: true }),
    })),
    posts: others.map((other): WrittenPost => {
      const doc = related.has(other.id) ? docOf(other.id) : null;
      return {
        title: other.title,
        description: other.description,
        ...(doc && { text: textOf(blocksFromEditor(doc)) }),
      };
    }),
    pages: pages.map(({ page }) => ({
      address: page.address,
      site: page.site,
      title: page.title,
      text: textOf(page.draft.blocks),
    })),
    ...(competitors?.measure && {
      topics: competitors.measure.topics.map(({ label, presence, level }) => ({
        label,
        pages: Math.round(presence * competitors.measure!.pages),
        of: competitors.measure!.pages,
        level,
      })),
    }),
    questions: (collected?.asked ?? []).map(({ text }) => asQuestion(text)).slice(0, 100),
    ...(recording?.sentences.length && { transcript: transcriptOf(recording) }),
    ...(site.about && { description: site.about }),
    ...(voice && { voice }),
  };
}

export const voiceOf = (post: Pick<Post, "voice"> | null, { voices = [], voice }: Site) =>
  voices.find(({ id }) => id === post?.voice) ?? voices.find(({ id }) => id === voice) ?? null;

function relatedPosts(post: Post | null, others: readonly Post[]): readonly Post[] {
  if (others.length <= MOST_POSTS) return others;
  const stems = (text: string) =>
    new Set(
      analyseText(text, languagePack(post?.language ?? "en"))
        .tokens.filter(({ small }) => !small)
        .map(({ stem }) => stem),
    );
  const own = stems([post?.title, post?.keyword, ...(post?.supporting ?? [])].join(" "));
  return others
    .map((other) => ({
      other,
      shared: [...stems(`${other.title} ${other.keyword}`)].filter((stem) => own.has(stem)).length,
    }))
    .sort((a, b) => b.shared - a.shared || (a.other.updatedAt < b.other.updatedAt ? 1 : -1))
    .slice(0, MOST_POSTS)
    .map(({ other }) => other);
}

/** Headings, paragraphs and lists in plain words. */
export const textOf = (blocks: readonly Block[]): string =>
  blocks
    .flatMap((block) => {
      const text = block.text.replace(/\s*\n\s*/g, " ").trim();
      if (!text || block.kind === "code" || block.kind === "cell") return [];
      if (block.kind === "heading") return `${"#".repeat(block.level)} ${text}`;
      return block.kind === "listItem" ? `- ${text}` : text;
    })
    .join("\n\n");

const asQuestion = (text: string): string => {
  const bare = text.trim().replace(/\s*\?+$/, "");
  return bare && `${bare[0]!.toUpperCase()}${bare.slice(1)}${/^how to /i.test(bare) ? "" : "?"}`;
};

function transcriptOf({ sentences }: Recording): string {
  return sentences
    .map(({ text, start, speaker }) =>
      [start === null ? "" : clock(start), speaker && `${speaker}:`, text].filter(Boolean).join(" "),
    )
    .join("\n");
}

const clock = (seconds: number): string =>
  `${String(Math.floor(seconds / 60)).padStart(2, "0")}:${String(Math.floor(seconds % 60)).padStart(2, "0")}`;
