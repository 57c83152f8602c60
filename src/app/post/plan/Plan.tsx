/** Plan: the outline on the left, what competitors cover on the right; things go from right to left by button or by dragging. */
import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  DragOverlay,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { sortableKeyboardCoordinates } from "@dnd-kit/sortable";
import { BookOpenText } from "lucide-react";
import { type RefObject, useEffect, useRef, useState } from "react";
import { noPiece, pieceWithDefaults } from "../../../core/outline/piece";
import { pieceFaults } from "../../../core/outline/pieceFaults";
import { freshId } from "../../../data/freshId";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { outlineItemMoved, outlineReplaced } from "../../store/openPostSlice";
import { Button } from "../../ui/Button";
import { Columns } from "../../ui/Columns";
import { Term } from "../../ui/Term";
import { NextStage } from "../NextStage";
import { useOpenPost } from "../useOpenPost";
import { AssembleSheet } from "./AssembleSheet";
import { BriefSheet } from "./BriefSheet";
import { CollectProgress } from "./CollectProgress";
import { CollectSheet } from "./CollectSheet";
import { CompetitorsHead } from "./CompetitorsHead";
import { CompetitorsPanel } from "./covers/CompetitorsPanel";
import { OutlineSheet } from "./OutlineSheet";
import { PasteOutlineSheet } from "./PasteOutlineSheet";
import { PieceSheet, sayPiece } from "./PieceSheet";
import { type Putting, puttingOf, withPutting } from "./putting";
import { SuggestSheet } from "./SuggestSheet";
import { useCompetitors } from "./useCompetitors";

const SHEETS = {
  collect: CollectSheet,
  piece: PieceSheet,
  assemble: AssembleSheet,
  brief: BriefSheet,
  paste: PasteOutlineSheet,
  suggest: SuggestSheet,
};

export function Plan() {
  useCompetitors();
  const { post, outline, competitors, piece, readOnly } = useOpenPost(
    "post",
    "outline",
    "competitors",
    "piece",
    "readOnly",
  );
  const job = useAppSelector((state) => state.competitors.jobs[state.openPost.post?.id ?? ""]);
  const site = useAppSelector((state) => state.session.site);
  const dispatch = useAppDispatch();
  const [sheet, setSheet] = useState<keyof typeof SHEETS | null>(null);
  const [active, setActive] = useState<string | null>(null);
  const [dragged, setDragged] = useState<Putting | null>(null);
  const top = useFocusWhileCollecting(job !== undefined);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  if (!post) return null;
  const onDragEnd = ({ active: moved, over }: DragEndEvent) => {
    setDragged(null);
    const putting = puttingOf(moved.data.current);
    if (putting) {
      if (over || !outline.length)
        dispatch(outlineReplaced(withPutting(outline, putting, over ? String(over.id) : null, freshId())));
      return;
    }
    if (!over || moved.id === over.id) return;
    const from = outline.findIndex((item) => item.id === moved.id);
    const at = outline.findIndex((item) => item.id === over.id);
    dispatch(outlineItemMoved({ id: String(moved.id), to: at > from ? at + 1 : at }));
  };
  const inForce = pieceWithDefaults(piece, site.piece ?? noPiece);
  const faults = pieceFaults(inForce, competitors?.measure?.medianWords ?? null);
  const Open = sheet && SHEETS[sheet];

  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragStart={({ active: moved }) => setDragged(puttingOf(moved.data.current) ?? null)}
      onDragCancel={() => setDragged(null)}
      onDragEnd={onDragEnd}
    >
      <div className="mx-auto w-full max-w-[92rem] flex-1 px-6 py-4 small:px-3 wide:max-w-[116rem]">
        <div ref={top} tabIndex={-1} className="outline-none">
          {job && <CollectProgress job={job} />}
          {competitors && <CompetitorsHead competitors={competitors} onCollect={() => setSheet("collect")} />}
        </div>
        <div className="mt-4">
          <Columns
            id="plan"
            narrow="max-mid:space-y-6"
            columns={[
              {
                id: "outline",
                name: "the outline",
                min: "30%",
                children: (
                  <>
                    <div className="mb-3 flex items-center gap-3 border-b border-rule pb-2">
                      <h2 className="whitespace-nowrap text-[13px] text-ink-2">
                        <Term id="piece" />
                      </h2>
                      <p className="mr-auto min-w-0 truncate text-[13px]">
                        {sayPiece(inForce) || (
                          <span className="text-ink-2">none yet: audience, goal, tone, length</span>
                        )}
                        {faults.length > 0 && <span className="ml-2 text-plum">{faults[0]!.says}</span>}
                      </p>
                      <Button kind="quiet" onClick={() => setSheet("piece")}>
                        Set
                      </Button>
                    </div>
                    <OutlineSheet
                      onActive={setActive}
                      onPaste={() => setSheet("paste")}
                      onAssemble={() => setSheet("assemble")}
                      onBrief={() => setSheet("brief")}
                      onSuggest={() => setSheet("suggest")}
                    />
                  </>
                ),
              },
              {
                id: "competitors",
                name: "what competitors cover",
                size: "50%",
                min: "30%",
                children: (
                  <section aria-label="What competitors cover" className="min-w-0">
                    <h2 className="mb-2 font-serif text-xl">
                      What <Term id="competitors">competitors</Term> cover
                    </h2>
                    {competitors ? (
                      <CompetitorsPanel
                        onNote={(text) =>
                          dispatch(outlineReplaced(withPutting(outline, { kind: "note", text }, active, "")))
                        }
                      />
                    ) : (
                      <div className="border border-rule bg-sheet p-8 text-center">
                        <p className="font-serif text-lg">Nothing read yet</p>
                        <p className="mx-auto mb-3 mt-1 max-w-md text-ink-2">
                          Read the pages that rank for the target keyword: what they share becomes topics,
                          questions and terms to plan with, and the measure that the draft is scored by.
                        </p>
                        <Button
                          kind="primary"
                          disabled={readOnly || job !== undefined}
                          onClick={() => setSheet("collect")}
                        >
                          <BookOpenText size={15} aria-hidden="true" /> Collect competing pages
                        </Button>
                      </div>
                    )}
                  </section>
                ),
              },
            ]}
          />
        </div>
        <NextStage from="plan" />
      </div>
      <DragOverlay dropAnimation={null}>
        {dragged && (
          <span className="inline-block max-w-sm truncate rounded border border-proof bg-sheet px-2 py-1 shadow-lg">
            {dragged.text}
          </span>
        )}
      </DragOverlay>
      {Open && <Open onClose={() => setSheet(null)} />}
    </DndContext>
  );
}

/**
 * The sheet that began a collection is gone, and so is the button of an empty Plan: without this the focus would be nowhere. It goes to
 * where the collection is followed, and stays there when what was collected takes its place.
 */
function useFocusWhileCollecting(collecting: boolean): RefObject<HTMLDivElement | null> {
  const place = useRef<HTMLDivElement>(null);
  const was = useRef(collecting);
  useEffect(() => {
    if (was.current === collecting) return;
    was.current = collecting;
    // Once the dialog has given the focus back, or has nothing to give it to.
    const frame = requestAnimationFrame(() => {
      if (document.activeElement === document.body) place.current?.focus();
    });
    return () => cancelAnimationFrame(frame);
  }, [collecting]);
  return place;
}
