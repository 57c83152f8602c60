/** Titles, outlines and missing subjects from the apprentice, for the plan. */

import { outlineItems } from "../../../core/apprentice/forms/outline";
import type { Part } from "../../../core/apprentice/shapes";
import type { AssembledItem } from "../../../core/outline/shapes";
import { freshId } from "../../../data/freshId";
import { ApprenticeSheet, type Take } from "../../apprentice/ApprenticeSheet";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { outlineReplaced, outlineUndone, postEdited } from "../../store/openPostSlice";
import { count } from "../../ui/figures";
import { toast } from "../../ui/toast";
import { useOpenPost } from "../useOpenPost";

export function SuggestSheet({ onClose }: { onClose: () => void }) {
  const { workers } = useDependencies();
  const dispatch = useAppDispatch();
  const { post, outline, piece, readOnly } = useOpenPost("post", "outline", "piece", "readOnly");
  const site = useAppSelector((state) => state.session.site);
  if (!post) return null;
  const merge = async (parts: readonly Part[]): Promise<string> => {
    const items = outlineItems(parts).map((item): AssembledItem => ({ ...item, from: "" }));
    const of = { keyword: post.keyword, language: post.language || site.language };
    const { items: merged, added } = outline.length
      ? await workers.competitors.merge(outline, items, of)
      : { items: items.map(({ from: _from, ...item }) => ({ ...item, id: freshId() })), added: items.length };
    dispatch(outlineReplaced(merged));
    toast(
      added
        ? `${count(added, "heading")} added; existing headings are unchanged.`
        : "All of it was in the outline already.",
      added ? { action: { label: "Undo", onClick: () => dispatch(outlineUndone()) } } : {},
    );
    return "the outline";
  };
  const take: Take = ({ task, parts }) => {
    if (task !== "titles") return merge(parts);
    const before = post.title;
    dispatch(postEdited({ title: parts[0]?.text ?? before }));
    toast("The title is taken.", {
      action: { label: "Undo", onClick: () => dispatch(postEdited({ title: before })) },
    });
    return "the title";
  };
  return (
    <ApprenticeSheet
      title="Suggestions for the plan"
      place="plan"
      first="outline"
      initial={(task) =>
        task === "outline"
          ? {
              topic: (post.title || post.keyword).slice(0, 200),
              ...(piece.points.length && { points: piece.points.join("\n").slice(0, 400) }),
              ...(piece.audience && { audience: piece.audience }),
              ...(piece.tones.length && { tones: piece.tones }),
              ...(post.keyword && { keywords: [post.keyword, ...post.supporting.slice(0, 5)] }),
            }
          : post.keyword
            ? { keyword: post.keyword }
            : {}
      }
      ofPost
      take={(task) => (task === "titles" ? "Take the title" : "Add to outline")}
      onTake={take}
      readOnly={readOnly}
      onClose={onClose}
    />
  );
}
