/** The outline as an indented tree on a sheet, with word budgets and what is said of its headings. */
import { SortableContext, verticalListSortingStrategy } from "@dnd-kit/sortable";
import {
  ClipboardPaste,
  Copy,
  FileText,
  ListTree,
  NotebookPen,
  PenLine,
  Plus,
  Redo2,
  Undo2,
} from "lucide-react";
import { type KeyboardEvent, useMemo, useState } from "react";
import { readHeadings } from "../../../core/outline/headingFaults";
import { branchLength, faqStart, type OutlineItem } from "../../../core/outline/outline";
import { outlineNumber } from "../../../core/outline/outlineNumber";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { outlineRedone, outlineUndone } from "../../store/openPostSlice";
import { Button } from "../../ui/Button";
import { Term } from "../../ui/Term";
import { useOpenPost } from "../useOpenPost";
import { OutlineRow } from "./OutlineRow";
import { OutlineTotals } from "./OutlineTotals";
import { useOutlineActions } from "./useOutlineActions";

interface Props {
  onActive: (id: string) => void;
  onPaste: () => void;
  onAssemble: () => void;
  onBrief: () => void;
  onSuggest: () => void;
}

export function OutlineSheet({ onActive, onPaste, onAssemble, onBrief, onSuggest }: Props) {
  const { post, outline, past, future, readOnly } = useOpenPost(
    "post",
    "outline",
    "past",
    "future",
    "readOnly",
  );
  const profile = useAppSelector((state) => state.session.profile);
  const dispatch = useAppDispatch();
  const [focus, setFocus] = useState<string | null>(null);
  const { add, remove, addToDraft, copyAsText } = useOutlineActions(outline, setFocus);
  const [folded, setFolded] = useState<ReadonlySet<string>>(new Set());
  const keyword = post?.keyword ?? "";
  const language = post?.language || "en";
  const reading = useMemo(
    () =>
      readHeadings(outline, {
        keyword,
        language,
        mostCharacters: profile.checks["heading-quality"].mostCharacters,
        values: profile.matching,
      }),
    [outline, keyword, language, profile],
  );
  if (!post) return null;
  const faq = faqStart(outline);
  const after = (item: OutlineItem, i: number) =>
    item.level === 2 && item.text ? i + branchLength(outline, i) : i + 1;
  const onKey = (event: KeyboardEvent) => {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== "z") return;
    event.preventDefault();
    dispatch(event.shiftKey ? outlineRedone() : outlineUndone());
  };
  const filled = outline.filter((item) => item.text.trim()).length;
  let hidden = false;

  return (
    <section aria-label="Outline" className="min-w-0">
      <div className="mb-2 flex flex-wrap items-center gap-x-1 gap-y-1">
        <h2 className="mr-auto font-serif text-xl">
          <Term id="outline" />
        </h2>
        <Button kind="quiet" disabled={!past.length || readOnly} onClick={() => dispatch(outlineUndone())}>
          <Undo2 size={15} aria-hidden="true" /> Undo
        </Button>
        <Button kind="quiet" disabled={!future.length || readOnly} onClick={() => dispatch(outlineRedone())}>
          <Redo2 size={15} aria-hidden="true" /> Redo
        </Button>
        <Button kind="quiet" disabled={readOnly} onClick={onPaste}>
          <ClipboardPaste size={15} aria-hidden="true" /> Paste
        </Button>
        <Button kind="quiet" disabled={!filled} onClick={() => void copyAsText()}>
          <Copy size={15} aria-hidden="true" /> Copy
        </Button>
        <Button kind="quiet" disabled={readOnly} onClick={onSuggest}>
          <PenLine size={15} aria-hidden="true" /> Suggest
        </Button>
      </div>
      {/* biome-ignore lint/a11y/noStaticElementInteractions: undo keys for everything inside */}
      <div className="border border-rule bg-sheet py-2" onKeyDown={onKey}>
        {outline.length === 0 ? (
          <div className="p-8 text-center">
            <p className="font-serif text-lg">No headings yet</p>
            <p className="mx-auto mb-3 mt-1 max-w-md text-ink-2">
              An outline of H2 and H3 shows what the post answers before a word is written.
            </p>
            <Button kind="primary" disabled={readOnly} onClick={() => add(0, 2)}>
              <Plus size={15} aria-hidden="true" /> First heading
            </Button>
          </div>
        ) : (
          <SortableContext items={outline.map((item) => item.id)} strategy={verticalListSortingStrategy}>
            <ol aria-label="Outline">
              {outline.flatMap((item, i) => {
                const branch = item.level === 2 ? branchLength(outline, i) : 1;
                if (item.level === 2 || item.faq) hidden = folded.has(item.id);
                else if (hidden) return [];
                return [
                  i === faq && (
                    <li key="faq" className="mt-2 border-t border-rule px-3 pt-1 text-[13px] text-ink-2">
                      Frequently asked questions, at the end
                    </li>
                  ),
                  <OutlineRow
                    key={item.id}
                    item={item}
                    number={outlineNumber(outline, i)}
                    notes={reading.notes.get(item.id) ?? []}
                    focused={focus === item.id}
                    readOnly={readOnly}
                    collapsed={branch > 1 ? folded.has(item.id) : null}
                    onCollapse={() => {
                      const next = new Set(folded);
                      if (!next.delete(item.id)) next.add(item.id);
                      setFolded(next);
                    }}
                    onFocused={() => setFocus(null)}
                    onActive={() => onActive(item.id)}
                    onEnter={() => add(after(item, i), item.level, item.faq)}
                    onRemove={() => remove(item, i)}
                  />,
                ];
              })}
            </ol>
          </SortableContext>
        )}
        {outline.length > 0 && (
          <div className="flex flex-wrap gap-1 px-9 pt-2">
            <Button kind="quiet" disabled={readOnly} onClick={() => add(faq, 2)}>
              <Plus size={15} aria-hidden="true" /> H2 at the end
            </Button>
            <Button kind="quiet" disabled={readOnly} onClick={() => add(faq, 3)}>
              <Plus size={15} aria-hidden="true" /> H3 at the end
            </Button>
            <Button kind="quiet" disabled={readOnly} onClick={() => add(outline.length, 3, true)}>
              <Plus size={15} aria-hidden="true" /> Question
            </Button>
          </div>
        )}
        {outline.length > 0 && <OutlineTotals reading={reading.keyword} />}
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button kind="primary" disabled={!filled || readOnly} onClick={addToDraft}>
          <NotebookPen size={15} aria-hidden="true" /> Add headings to draft
        </Button>
        <Button onClick={onAssemble}>
          <ListTree size={15} aria-hidden="true" /> Assemble from competitors
        </Button>
        <Button onClick={onBrief}>
          <FileText size={15} aria-hidden="true" /> Brief
        </Button>
      </div>
    </section>
  );
}
