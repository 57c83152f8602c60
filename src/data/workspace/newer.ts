/** A workspace file of a newer version: what of it can be read, to be looked at and copied, never in place of what is there. */
import type { EditorDoc } from "../../core/blocks/editorJson";
import { safeDoc } from "../../core/draft/safeDoc";
import { soundDoc } from "../../core/draft/sound/soundDoc";

export interface NewerPost {
  title: string;
  description: string;
  keyword: string;
  language: string;
  doc: EditorDoc;
  /** What of its text is not known here, in sentences. */
  notes: string[];
}

export interface NewerWorkspace {
  version: number;
  siteName: string;
  posts: NewerPost[];
}

export class NewerWorkspaceError extends Error {
  override name = "NewerWorkspaceError";
  constructor(readonly workspace: NewerWorkspace) {
    super(
      `This workspace file is of version ${workspace.version}, which is newer than this application knows. Its posts can be read, and copied into your workspace; it cannot take the place of it.`,
    );
  }
}

const records = (value: unknown): Record<string, unknown>[] =>
  Array.isArray(value)
    ? value.filter((one): one is Record<string, unknown> => typeof one === "object" && one !== null)
    : [];
const text = (value: unknown): string =>
  typeof value === "string" ? value.slice(0, 10_000).toWellFormed() : "";

/** Takes from a file of any shape the posts that have a text. */
export function readNewer(file: Record<string, unknown>): NewerWorkspace {
  const docs = new Map(records(file.bodies).map(({ postId, doc }) => [postId, doc]));
  return {
    version: Number(file.version),
    siteName: text((file.site as { name?: unknown } | null)?.name),
    posts: records(file.posts)
      .filter(({ id }) => docs.has(id))
      .map((post) => {
        const { doc, said } = soundDoc(docs.get(post.id));
        return {
          title: text(post.title),
          description: text(post.description),
          keyword: text(post.keyword),
          language: text(post.language),
          doc: safeDoc(doc).doc,
          notes: said,
        };
      }),
  };
}
