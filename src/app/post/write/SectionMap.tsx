/** The left margin: the sections of the text as a column of blocks, their height by their words; dragged, they move in the text. */
import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { SortableContext, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import type { Editor } from "@tiptap/core";
import { memo, useCallback, useMemo, useRef } from "react";
import { foldPlain } from "../../../core/text/fold";
import { useAppSelector } from "../../store/hooks";
import { whole } from "../../ui/figures";
import { Tooltip } from "../../ui/Tooltip";
import { useRests } from "../useRests";
import { dropSection } from "./editor/moveBlocks";
import { type Section, sectionAt, sectionsOf } from "./sectionsOf";
import { useEditorValue } from "./useEditorValue";

const PIXELS_A_WORD = 0.28;
const LEAST = 24;
const TWO_LINES = 36;
const MOST = 120;

const DRAG = { activationConstraint: { distance: 6 } };

export function SectionMap({ editor, onGo }: { editor: Editor; onGo: (pos: number) => void }) {
  const rests = useRests();
  // biome-ignore lint/correctness/useExhaustiveDependencies: rests stand for the document
  const sections = useMemo(() => sectionsOf(editor.state.doc), [editor, rests]);
  const outline = useAppSelector((state) => state.openPost.outline);
  const budgets = useMemo(
    () => new Map(outline.map(({ text, budget }) => [foldPlain(text), budget])),
    [outline],
  );
  const current = useEditorValue(editor, ({ state }) => sectionAt(sections, state.selection.from));
  // The same list while the sections stand where they stood: a new one draws every line anew.
  const order = sections.map(({ at }) => at).join();
  const places = useMemo(() => order.split(",").map(Number), [order]);
  const sensors = useSensors(useSensor(PointerSensor, DRAG));
  const latest = useRef({ sections, onGo });
  latest.current = { sections, onGo };
  const goTo = useCallback((at: number) => {
    const place = latest.current.sections.find((section) => section.at === at);
    if (place) latest.current.onGo(place.pos);
  }, []);
  if (sections.length < 2) return null;
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over) dropSection(editor, Number(active.id), Number(over.id));
  };
  return (
    <nav
      data-around
      aria-label="Sections of the text"
      className="sticky top-[calc(var(--shell-bar)+var(--post-bar)+var(--strip-bar)+16px)] max-h-[calc(100vh-260px)] overflow-y-auto text-[12px]"
    >
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
        <ol className="flex flex-col gap-0.5 py-0.5 pr-1">
          <SortableContext items={places} strategy={verticalListSortingStrategy}>
            {sections.map((section, i) => (
              <Line
                key={section.at}
                heading={section.heading}
                level={section.level}
                words={section.words}
                at={section.at}
                current={i === current}
                budget={(budgets.size && budgets.get(foldPlain(section.heading))) || null}
                // What stands before the first heading stays there.
                fixed={!section.heading || !editor.isEditable}
                onGo={goTo}
              />
            ))}
          </SortableContext>
        </ol>
      </DndContext>
    </nav>
  );
}

interface LineProps extends Omit<Section, "pos"> {
  current: boolean;
  budget: number | null;
  fixed: boolean;
  onGo: (at: number) => void;
}

/** Drawn anew only when it says something new: of a long post's lines, typing changes one. */
const Line = memo(function Line({ heading, level, words, at, current, budget, fixed, onGo }: LineProps) {
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({
    id: at,
    disabled: fixed,
  });
  return (
    <li
      ref={setNodeRef}
      style={{
        height: Math.min(MOST, Math.max(LEAST, words * PIXELS_A_WORD)),
        transform: CSS.Translate.toString(transform),
        transition,
      }}
      className={`${level > 2 ? "pl-3" : ""} ${isDragging ? "relative z-10 opacity-80" : ""}`}
    >
      <Tooltip says={heading || "Opening"}>
        <button
          type="button"
          aria-current={current ? "true" : undefined}
          onClick={() => onGo(at)}
          {...listeners}
          className={`flex h-full w-full items-start gap-1.5 overflow-hidden border-l-2 px-1.5 py-0.5 text-left leading-tight ${
            current ? "border-proof bg-proof-wash" : "border-edge bg-rule/40 hover:bg-proof-wash"
          }`}
        >
          <span
            className={`min-w-0 flex-1 ${words * PIXELS_A_WORD < TWO_LINES ? "truncate" : "line-clamp-2"}`}
          >
            <bdi>{heading || "Opening"}</bdi>
          </span>
          <Words words={words} budget={budget} />
        </button>
      </Tooltip>
    </li>
  );
});

/** Over its budget by more than this share, a section is long for its plan. */
const OVER = 1.25;

function Words({ words, budget }: { words: number; budget: number | null }) {
  if (!budget) return <span className="figures text-ink-2">{whole(words)}</span>;
  return (
    <Tooltip says={`${whole(words)} words of ${whole(budget)} planned`}>
      <span className={`figures whitespace-nowrap ${words > OVER * budget ? "text-plum" : "text-ink-2"}`}>
        {whole(words)}/{whole(budget)}
      </span>
    </Tooltip>
  );
}
