/** Draws the underlines that are asked for, each time a report has come; shows nothing itself. */
import type { Editor } from "@tiptap/core";
import type { Transaction } from "@tiptap/pm/state";
import { Mapping, ReplaceStep, type Step } from "@tiptap/pm/transform";
import { useEffect, useState } from "react";
import { usePostSession } from "../SessionContext";
import { useOpenPost } from "../useOpenPost";
import { adoptHighlightStyles, clearHighlights, drawHighlights, type Underline } from "./editor/highlights";
import { inSight } from "./editor/sight";
import { LAYERS, type LayerId, underlinesOf } from "./underlines";
import { useSaidWords } from "./useOwnWords";

const NONE: readonly string[] = [];

export function Underlines({ editor, layers }: { editor: Editor; layers: ReadonlySet<LayerId> }): null {
  const session = usePostSession();
  const { post, report } = useOpenPost("post", "report");
  const accepted = post?.acceptedClaims ?? NONE;
  const said = useSaidWords();
  const language = post?.language ?? "";
  useEffect(adoptHighlightStyles, []);
  const [drawing, setDrawing] = useState<InSight | null>(null);
  useEffect(() => {
    const fresh = new InSight(editor);
    setDrawing(fresh);
    return () => fresh.stop();
  }, [editor]);
  useEffect(() => {
    if (!report || !drawing) return;
    drawing.show(underlinesOf(session, { layers, report, language, accepted, said }));
  }, [drawing, session, report, layers, language, accepted, said]);
  return null;
}

const STROKES = LAYERS.map(({ stroke }) => stroke);

/** So many are drawn at once; of more, those in sight, since each costs every frame a little. */
const FEW = 60;
/** Screens above and below that are drawn as well, and those after which what is drawn is looked at anew. */
const AROUND = 2;
const SOON = 1;

/** Draws the underlines that are in sight. Where that is, is asked when the page is scrolled, and not when a report came: it would be laid out for that alone. */
class InSight {
  private spans: readonly Underline[] = [];
  /** What was written since they were found moves them all. */
  private since = new Mapping();
  /** The part of the text that is drawn; null where all of it is. */
  private part: [from: number, to: number] | null = null;
  private looking = 0;
  private drawing = 0;

  constructor(private readonly editor: Editor) {
    editor.on("transaction", this.move);
    window.addEventListener("scroll", this.soon, { passive: true });
    window.addEventListener("resize", this.soon);
  }

  show(spans: readonly Underline[]): void {
    this.spans = spans;
    this.since = new Mapping();
    if (spans.length <= FEW) this.part = null;
    else this.part ??= inSight(this.editor.view, AROUND);
    this.draw();
  }

  stop(): void {
    cancelAnimationFrame(this.looking);
    cancelAnimationFrame(this.drawing);
    this.editor.off("transaction", this.move);
    window.removeEventListener("scroll", this.soon);
    window.removeEventListener("resize", this.soon);
    clearHighlights(STROKES);
  }

  private readonly move = ({ transaction: { docChanged, mapping, steps } }: { transaction: Transaction }) => {
    if (!docChanged) return;
    this.since.appendMapping(mapping);
    this.part &&= [mapping.map(this.part[0], -1), mapping.map(this.part[1])];
    // Else the editor draws elements anew, and what was drawn on the old ones is gone.
    if (!steps.every(isPlain)) this.drawing ||= requestAnimationFrame(this.draw);
  };

  private readonly soon = () => {
    if (this.part) this.looking ||= requestAnimationFrame(this.look);
  };

  private readonly look = () => {
    this.looking = 0;
    const { editor, part } = this;
    if (editor.isDestroyed || !part) return;
    const [from, to] = inSight(editor.view, SOON);
    if (from >= part[0] && to <= part[1]) return;
    this.part = inSight(editor.view, AROUND);
    this.draw();
  };

  private readonly draw = () => {
    this.drawing = 0;
    const { editor, spans, since, part } = this;
    if (editor.isDestroyed) return;
    const here = spans.map(
      ([start, end, stroke]): Underline => [since.map(start), since.map(end, -1), stroke],
    );
    drawHighlights(
      editor.view,
      STROKES,
      part ? here.filter(([start, end]) => end >= part[0] && start <= part[1]) : here,
    );
  };
}

/** A letter more or less: it stands in the element that is there. */
const isPlain = (step: Step): boolean =>
  step instanceof ReplaceStep && step.slice.size <= 1 && step.to - step.from <= 1;
