/** Plan: the outline of H2 and H3 with notes, moved by drag and by keys, and written up into the draft. */
import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { NotebookPen, Plus, Redo2, Undo2 } from "lucide-react";
import { type KeyboardEvent, useState } from "react";
import { useNavigate } from "react-router";
import { toast } from "sonner";
import { branchLength, type OutlineItem, writeUp } from "../../../core/outline/outline";
import { freshId } from "../../freshId";
import {
  outlineItemAdded,
  outlineItemMoved,
  outlineItemRemoved,
  outlineRedone,
  outlineUndone,
} from "../../store/openPostSlice";
import { useAct, useApp } from "../../store/store";
import { Button } from "../../ui/Button";
import { count } from "../../ui/figures";
import { usePostSession } from "../currentSession";
import { OutlineRow } from "./OutlineRow";

export function Plan() {
  const { post, outline, past, future, readOnly } = useApp((state) => state.openPost);
  const act = useAct();
  const session = usePostSession();
  const navigate = useNavigate();
  const [focus, setFocus] = useState<string | null>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );

  if (!post) return null;
  const add = (at: number, level: 2 | 3) => {
    const item: OutlineItem = { id: freshId(), level, text: "", note: "" };
    act(outlineItemAdded({ item, at }));
    setFocus(item.id);
  };
  const remove = (item: OutlineItem, at: number) => {
    act(outlineItemRemoved(item.id));
    setFocus(outline[at - 1]?.id ?? outline[at + 1]?.id ?? null);
    toast(`Deleted “${item.text || "an empty heading"}”.`, {
      action: { label: "Undo", onClick: () => act(outlineUndone()) },
    });
  };
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const from = outline.findIndex((item) => item.id === active.id);
    const at = outline.findIndex((item) => item.id === over.id);
    act(outlineItemMoved({ id: String(active.id), to: at > from ? at + 1 : at }));
  };
  const write = () => {
    const before = session.json();
    const { doc, added } = writeUp(outline, before);
    if (added) session.setDoc(doc);
    toast(
      added
        ? `Wrote up ${count(added, "heading")}; what was there is untouched.`
        : "Every heading is in the draft already.",
      {
        ...(added && { action: { label: "Undo", onClick: () => session.setDoc(before) } }),
      },
    );
    void navigate("../write", { relative: "path" });
  };
  const onKey = (event: KeyboardEvent) => {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== "z") return;
    event.preventDefault();
    act(event.shiftKey ? outlineRedone() : outlineUndone());
  };
  const filled = outline.filter((item) => item.text.trim()).length;

  return (
    <div className="mx-auto w-full max-w-4xl flex-1 px-6 py-5">
      <div className="mb-3 flex items-center gap-2">
        <h2 className="mr-auto font-serif text-xl">Outline</h2>
        <Button kind="quiet" disabled={!past.length || readOnly} onClick={() => act(outlineUndone())}>
          <Undo2 size={15} aria-hidden="true" /> Undo
        </Button>
        <Button kind="quiet" disabled={!future.length || readOnly} onClick={() => act(outlineRedone())}>
          <Redo2 size={15} aria-hidden="true" /> Redo
        </Button>
        <Button kind="primary" disabled={!filled || readOnly} onClick={write}>
          <NotebookPen size={15} aria-hidden="true" /> Write it up
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
          <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
            <SortableContext items={outline.map((item) => item.id)} strategy={verticalListSortingStrategy}>
              <ol aria-label="Outline">
                {outline.map((item, i) => (
                  <OutlineRow
                    key={item.id}
                    item={item}
                    number={numberOf(outline, i)}
                    focused={focus === item.id}
                    readOnly={readOnly}
                    onFocused={() => setFocus(null)}
                    onEnter={() =>
                      add(
                        i +
                          (item.level === 2 && !item.text
                            ? 1
                            : item.level === 2
                              ? branchLength(outline, i)
                              : 1),
                        item.level,
                      )
                    }
                    onRemove={() => remove(item, i)}
                  />
                ))}
              </ol>
            </SortableContext>
          </DndContext>
        )}
        {outline.length > 0 && (
          <div className="flex gap-1 px-9 pt-2">
            <Button kind="quiet" disabled={readOnly} onClick={() => add(outline.length, 2)}>
              <Plus size={15} aria-hidden="true" /> H2 at the end
            </Button>
            <Button kind="quiet" disabled={readOnly} onClick={() => add(outline.length, 3)}>
              <Plus size={15} aria-hidden="true" /> H3 at the end
            </Button>
          </div>
        )}
      </div>
      <p className="mt-2 text-[13px] text-ink-2">
        Enter adds a heading, Tab and Shift Tab change the level, Alt with ↑ or ↓ moves it, Alt Backspace
        deletes it. After Esc, Tab leaves the line.
      </p>
    </div>
  );
}

function numberOf(outline: OutlineItem[], at: number): string {
  let h2 = 0;
  let h3 = 0;
  for (const item of outline.slice(0, at + 1)) {
    if (item.level === 2) {
      h2++;
      h3 = 0;
    } else h3++;
  }
  return h3 ? `${h2}.${h3}` : String(h2);
}
