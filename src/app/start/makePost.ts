/** A post of a guided start: its plan, its opening and a first draft of every section, all marked to be reviewed. */

import type { BarePart } from "../../core/apprentice/form";
import type { GuidedStart } from "../../core/apprentice/guidedStart";
import type { MaterialSource } from "../../core/apprentice/material/shapes";
import type { EditorNode } from "../../core/blocks/editorJson";
import { settled } from "../../core/outline/outline";
import { type PastedItem, parseOutline } from "../../core/outline/outlineText";
import { noPiece } from "../../core/outline/piece";
import { languagePack } from "../../core/text/language";
import { keywordSlug, makeSlug } from "../../core/text/slug";
import { getSuggestion } from "../../data/drawer";
import { freshId } from "../../data/freshId";
import { newPost } from "../../data/newPost";
import { addPost, savePost } from "../../data/posts";
import { askApprentice } from "../apprentice/ask";
import { blockTextsOf, nodesOf } from "../apprentice/nodes";
import type { AppThunk } from "../store/thunk";

/** For whoever writes; no reader is told. */
const PICTURE = "Add a picture.";

export interface Progress {
  done: number;
  of: number;
}

/** What a start has to draw on. */
export const startMaterial = ({
  keyword,
  audience,
  goal,
  points,
  title,
  outline,
}: GuidedStart): MaterialSource => ({
  ...(keyword.trim() && { keyword: keyword.trim() }),
  ...(audience.trim() && { audience: audience.trim() }),
  ...(goal.trim() && { goal: goal.trim() }),
  ...(title.trim() && { title: title.trim() }),
  ...(points.trim() && { notes: points.split("\n").filter((line) => line.trim()) }),
  ...(outline.trim() && {
    outline: parseOutline(outline).map(({ level, text, note, faq }) => ({
      level,
      text,
      note,
      ...(faq && { faq: true }),
    })),
  }),
});

/**
 * @param drafted whether its sections are drafted, too
 * @param signal ends the drafting; the post is made with what there is
 * @returns the id of the post
 */
export const makePostOf =
  (
    start: GuidedStart,
    drafted: boolean,
    onProgress: (progress: Progress) => void,
    signal: AbortSignal,
  ): AppThunk<Promise<string>> =>
  async (dispatch, getState) => {
    const { site } = getState().session;
    const pack = languagePack(site.language);
    const items = start.outline.trim() ? parseOutline(start.outline) : [];
    const sections = items.filter(({ faq }) => !faq);
    const opening: BarePart[] = start.opening
      .split(/\n\s*\n/)
      .map((text) => ({ field: "paragraph", text: text.replace(/\s+/g, " ").trim() }))
      .filter(({ text }) => text);
    const content: EditorNode[] = nodesOf(opening);
    const begun = blockTextsOf(opening);
    onProgress({ done: 0, of: sections.length });
    for (const [at, section] of sections.entries()) {
      content.push({
        type: "heading",
        attrs: { level: section.level },
        content: [{ type: "text", text: section.text }],
      });
      const parts = drafted && !signal.aborted ? await draftOf(section) : [];
      content.push(...nodesOf(parts));
      begun.push(...blockTextsOf(parts));
      onProgress({ done: at + 1, of: sections.length });
    }
    const id = freshId();
    const now = new Date().toISOString();
    const title = start.title.trim();
    await addPost(
      newPost(id, site, now, {
        title,
        keyword: start.keyword.trim(),
        slug: start.keyword.trim() ? keywordSlug(start.keyword, pack) : makeSlug(title, pack),
        stage: content.length ? "write" : "plan",
        begun: [...new Set(begun)],
        ...(start.voice && { voice: start.voice }),
      }),
      { type: "doc", content: content.length ? content : [{ type: "paragraph" }] },
      settled(
        items.map((item, at) => ({
          ...item,
          id: freshId(),
          // Where pictures are wanted, the plan asks for the first.
          ...(start.pictures && at === 0 && { note: [item.note, PICTURE].filter(Boolean).join("\n") }),
        })),
      ),
    );
    await savePost(
      id,
      {
        piece: {
          ...noPiece,
          audience: start.audience.trim(),
          goal: start.goal.trim(),
          length: start.length,
          points: start.points
            .split("\n")
            .map((line) => line.trim())
            .filter(Boolean),
        },
      },
      now,
    );
    return id;

    async function draftOf({ text, note }: PastedItem): Promise<BarePart[]> {
      const request = dispatch(
        askApprentice({
          task: "section",
          input: { heading: text, ...(note && { note }), material: startMaterial(start) },
          seed: 1,
          source: "stand-in",
          postId: "",
        }),
      );
      await request.done;
      return (await getSuggestion(request.id))?.answers[0]?.parts ?? [];
    }
  };
