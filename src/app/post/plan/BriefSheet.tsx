/** The brief: choose its parts, see it, take it as DOCX, Markdown or HTML, or as text for a writing assistant. */

import { Copy, FileDown } from "lucide-react";
import { useState } from "react";
import { BRIEF_PARTS, type BriefMaterial, type BriefPart, PART_NAMES } from "../../../core/outline/brief";
import { chosenQuestions } from "../../../core/outline/chosenQuestions";
import { noPiece, pieceWithDefaults } from "../../../core/outline/piece";
import { foldPlain } from "../../../core/text/fold";
import { postAddress } from "../../../data/draft";
import type { Post } from "../../../data/model";
import { getListOfPost } from "../../../data/wholeLists";
import type { BriefForm } from "../../../workers/competitorsApi";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch, useAppStore } from "../../store/hooks";
import { selectPosts } from "../../store/selectors";
import type { AppThunk } from "../../store/thunk";
import { useAskOrTell } from "../../store/useAskOrTell";
import { attemptRead } from "../../ui/attemptRead";
import { Button } from "../../ui/Button";
import { Checkbox } from "../../ui/Checkbox";
import { download } from "../../ui/download";
import { Radio, RadioGroup } from "../../ui/Radio";
import { Sheet } from "../../ui/Sheet";
import { toast } from "../../ui/toast";
import { useOpenPost } from "../useOpenPost";
import { openCompetitors } from "./competitorActions";

const FILES: Record<Exclude<BriefForm, "prompt">, { name: string; ending: string; type: string }> = {
  docx: {
    name: "DOCX",
    ending: "docx",
    type: "application/vnd.openxmlformats-officedocument.wordprocessingml.document",
  },
  markdown: { name: "Markdown", ending: "md", type: "text/markdown;charset=utf-8" },
  html: { name: "HTML for print", ending: "html", type: "text/html;charset=utf-8" },
};
const MOST_LINKS = 8;

export function BriefSheet({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch();
  const store = useAppStore();
  const { workers } = useDependencies();
  const [parts, setParts] = useState<BriefPart[]>([...BRIEF_PARTS]);
  const [seen, setSeen] = useState<"prompt" | "markdown">("markdown");
  const { post } = useOpenPost("post");
  const brief = async (form: BriefForm) => {
    const about = await dispatch(material());
    return about && workers.competitors.brief(openCompetitors(store.getState()), about, parts, form);
  };
  const text = useAskOrTell(async () => String((await brief(seen)) ?? ""), [parts, seen], { otherwise: "" });
  if (!post) return null;
  const take = async (form: keyof typeof FILES) => {
    const content = await brief(form);
    if (!content) return;
    const { ending, type } = FILES[form];
    const name = `brief-${post.slug || post.id}.${ending}`;
    download(new Blob([content as BlobPart], { type }), name);
    toast(`Downloaded ${name}.`);
  };
  const copy = async () => {
    const prompt = await brief("prompt");
    if (!prompt) return;
    try {
      await navigator.clipboard.writeText(String(prompt));
      toast("Copied: paste it into a writing assistant.");
    } catch {
      toast.error("The browser did not allow copying. The text is in the preview: select and copy it there.");
      setSeen("prompt");
    }
  };
  return (
    <Sheet title="Brief" wide onClose={onClose}>
      <div className="grid gap-6 mid:grid-cols-[220px_minmax(0,1fr)]">
        <div className="flex flex-col gap-4">
          <fieldset>
            <legend className="text-[13px] text-ink-2">Parts</legend>
            {BRIEF_PARTS.map((part) => (
              <label key={part} className="flex h-7 items-center gap-2">
                <Checkbox
                  checked={parts.includes(part)}
                  onChange={(checked) =>
                    setParts(BRIEF_PARTS.filter((one) => (one === part ? checked : parts.includes(one))))
                  }
                />
                {PART_NAMES[part]}
              </label>
            ))}
          </fieldset>
          <div className="flex flex-col gap-2">
            {(Object.keys(FILES) as (keyof typeof FILES)[]).map((form) => (
              <Button
                key={form}
                kind={form === "docx" ? "primary" : "plain"}
                disabled={!parts.length}
                onClick={() => attemptRead(take(form))}
              >
                <FileDown size={15} aria-hidden="true" /> {FILES[form].name}
              </Button>
            ))}
            <Button disabled={!parts.length} onClick={() => attemptRead(copy())}>
              <Copy size={15} aria-hidden="true" /> Copy for a writing assistant
            </Button>
          </div>
        </div>
        <div className="min-w-0">
          <RadioGroup label="Preview" value={seen} onChange={setSeen} className="mb-2 flex gap-4">
            {(["markdown", "prompt"] as const).map((form) => (
              <label key={form} className="flex items-center gap-1.5">
                <Radio value={form} />
                {form === "markdown" ? "The document" : "For a writing assistant"}
              </label>
            ))}
          </RadioGroup>
          <textarea
            readOnly
            aria-label="Preview of the brief"
            className="field-box h-[58vh] resize-none bg-paper font-mono text-[12px] leading-5"
            value={text}
          />
        </div>
      </div>
    </Sheet>
  );
}

/** What the brief is made of, beside the competing pages that the worker holds. */
const material =
  (): AppThunk<Promise<Omit<BriefMaterial, "analysis"> | null>> => async (_dispatch, getState) => {
    const state = getState();
    const { openPost, session, competitors } = state;
    const { post, outline, piece } = openPost;
    if (!post) return null;
    const list = await getListOfPost(post.id);
    return {
      title: post.title,
      keyword: post.keyword,
      keywords: list
        ? list.keywords.map(({ text, searches }) => ({ text, searches }))
        : post.supporting.map((text) => ({ text, searches: null })),
      piece: pieceWithDefaults(piece, session.site.piece ?? noPiece),
      collectedAt: openPost.competitors?.collectedAt ?? "",
      items: outline,
      questions: chosenQuestions(outline).map((text) => ({ text })),
      statistics: competitors.analysis?.statistics ?? [],
      links: related(post, selectPosts(state)).map((other) => ({
        title: other.title,
        address: postAddress(other, session.site),
      })),
    };
  };

/** Posts that are out and share words of their keywords with this one, those that share most first. */
function related(post: Post, all: readonly Post[]): Post[] {
  const words = (one: Post) =>
    new Set(
      [one.keyword, ...one.supporting]
        .flatMap((keyword) => foldPlain(keyword).split(" "))
        .filter((word) => word.length > 3),
    );
  const own = words(post);
  return all
    .filter((other) => other.id !== post.id && other.status === "live" && other.slug)
    .map((other) => ({ other, shared: [...words(other)].filter((word) => own.has(word)).length }))
    .filter(({ shared }) => shared > 0)
    .sort((a, b) => b.shared - a.shared || (a.other.title < b.other.title ? -1 : 1))
    .slice(0, MOST_LINKS)
    .map(({ other }) => other);
}
