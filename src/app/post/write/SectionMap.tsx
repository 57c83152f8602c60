/** The left margin: the sections of the text as a column of blocks, their height by their words. */
import type { Editor } from "@tiptap/core";
import { useEditorState } from "@tiptap/react";
import { useMemo } from "react";
import { foldPlain } from "../../../core/text/fold";
import { useApp } from "../../store/store";
import { whole } from "../../ui/figures";
import { useRests } from "../useRests";
import { sectionsOf } from "./sectionsOf";

const PIXELS_A_WORD = 0.28;
const LEAST = 24;
const TWO_LINES = 36;
const MOST = 120;

export function SectionMap({ editor, onGo }: { editor: Editor; onGo: (pos: number) => void }) {
  const rests = useRests();
  // biome-ignore lint/correctness/useExhaustiveDependencies: rests stand for the document
  const sections = useMemo(() => sectionsOf(editor.state.doc), [editor, rests]);
  const outline = useApp((state) => state.openPost.outline);
  const budgets = useMemo(
    () => new Map(outline.map(({ text, budget }) => [foldPlain(text), budget])),
    [outline],
  );
  const current = useEditorState({
    editor,
    selector: ({ editor: at }) => sections.findLastIndex(({ pos }) => pos <= at.state.selection.from),
  });
  if (sections.length < 2) return null;
  return (
    <nav
      data-around
      aria-label="Sections of the text"
      className="sticky top-[204px] max-h-[calc(100vh-260px)] overflow-y-auto text-[12px]"
    >
      <ol className="flex flex-col gap-0.5 py-0.5 pr-1">
        {sections.map(({ heading, level, words, pos }, i) => (
          <li
            key={pos}
            style={{ height: Math.min(MOST, Math.max(LEAST, words * PIXELS_A_WORD)) }}
            className={level > 2 ? "pl-3" : ""}
          >
            <button
              type="button"
              aria-current={i === current ? "true" : undefined}
              onClick={() => onGo(pos)}
              title={heading || "Opening"}
              className={`flex h-full w-full items-start gap-1.5 overflow-hidden border-l-2 px-1.5 py-0.5 text-left leading-tight ${
                i === current ? "border-proof bg-proof-wash" : "border-edge bg-rule/40 hover:bg-proof-wash"
              }`}
            >
              <span
                className={`min-w-0 flex-1 ${words * PIXELS_A_WORD < TWO_LINES ? "truncate" : "line-clamp-2"}`}
              >
                {heading || "Opening"}
              </span>
              <Words words={words} budget={budgets.get(foldPlain(heading)) ?? null} />
            </button>
          </li>
        ))}
      </ol>
    </nav>
  );
}

/** Over its budget by more than this share, a section is long for its plan. */
const OVER = 1.25;

function Words({ words, budget }: { words: number; budget: number | null }) {
  if (!budget) return <span className="figures text-ink-2">{whole(words)}</span>;
  return (
    <span
      className={`figures whitespace-nowrap ${words > OVER * budget ? "text-plum" : "text-ink-2"}`}
      title={`${whole(words)} words of ${whole(budget)} planned`}
    >
      {whole(words)}/{whole(budget)}
    </span>
  );
}
