/** Draws the underlines that are asked for, each time a report has come; shows nothing itself. */
import type { Editor } from "@tiptap/core";
import type { Transaction } from "@tiptap/pm/state";
import { Mapping } from "@tiptap/pm/transform";
import { useEffect, useState } from "react";
import { usePostSession } from "../currentSession";
import { useOpenPost } from "../useOpenPost";
import { useClaims } from "./ClaimsSheet";
import { evidenceKey, type Underline } from "./editor/evidence";
import { inSight } from "./editor/sight";
import { type LayerId, underlinesOf } from "./underlines";
import { useOwnWords } from "./useOwnWords";

export function Underlines({ editor, layers }: { editor: Editor; layers: ReadonlySet<LayerId> }): null {
  const session = usePostSession();
  const { post, report } = useOpenPost("post", "report");
  const { accepted } = useClaims();
  const { said } = useOwnWords();
  const language = post?.language ?? "";
  const [drawing, setDrawing] = useState<InSight | null>(null);
  useEffect(() => {
    const begun = new InSight(editor);
    setDrawing(begun);
    return () => begun.stop();
  }, [editor]);
  useEffect(() => {
    if (!report || !drawing) return;
    drawing.show(underlinesOf(session, { layers, report, language, accepted, said }));
  }, [drawing, session, report, layers, language, accepted, said]);
  return null;
}

/** So many are drawn at once; of more, those in sight, since each costs every key a little. */
const FEW = 60;
/** Screens above and below that are drawn as well, and those after which what is drawn is looked at anew. */
const AROUND = 2;
const SOON = 1;

/** Draws the underlines that are in sight. Where that is, is asked when the page is scrolled, and not when a report came: it would be laid out for that alone. */
class InSight {
  private spans: readonly Underline[] = [];
  /** What was written since they were found moves them all. */
  private since = new Mapping();
  /** The part of the text that is drawn; null until it was looked for. */
  private part: [from: number, to: number] | null = null;
  private frame = 0;

  constructor(private readonly editor: Editor) {
    editor.on("transaction", this.move);
    window.addEventListener("scroll", this.soon, { passive: true });
    window.addEventListener("resize", this.soon);
  }

  show(spans: readonly Underline[]): void {
    this.spans = spans;
    this.since = new Mapping();
    if (spans.length <= FEW) {
      this.part = null;
      draw(this.editor, spans);
    } else if (this.part) this.draw(this.part);
    else this.look();
  }

  stop(): void {
    cancelAnimationFrame(this.frame);
    this.editor.off("transaction", this.move);
    window.removeEventListener("scroll", this.soon);
    window.removeEventListener("resize", this.soon);
  }

  private readonly move = ({ transaction: { docChanged, mapping } }: { transaction: Transaction }) => {
    if (!docChanged) return;
    this.since.appendMapping(mapping);
    this.part &&= [mapping.map(this.part[0], -1), mapping.map(this.part[1])];
  };

  private readonly soon = () => {
    if (this.spans.length > FEW) this.frame ||= requestAnimationFrame(this.look);
  };

  private readonly look = () => {
    this.frame = 0;
    const { editor, part } = this;
    if (editor.isDestroyed) return;
    const [from, to] = inSight(editor.view, SOON);
    if (part && from >= part[0] && to <= part[1]) return;
    this.part = inSight(editor.view, AROUND);
    this.draw(this.part);
  };

  private draw([first, last]: readonly [number, number]): void {
    const { spans, since } = this;
    const here = spans.map(
      ([start, end, className]): Underline => [since.map(start), since.map(end, -1), className],
    );
    draw(
      this.editor,
      here.filter(([start, end]) => end >= first && start <= last),
    );
  }
}

const asKey = ([from, to, className]: Underline): string => `${from}-${to}-${className}`;

/** A redraw for nothing could swallow a step of a selection that is just being made. */
function draw(editor: Editor, spans: readonly Underline[]): void {
  const drawn = (evidenceKey.getState(editor.state)?.find() ?? []).map(({ from, to, spec }) =>
    asKey([from, to, (spec as { className: string }).className]),
  );
  if (drawn.sort().join() === spans.map(asKey).sort().join()) return;
  editor.view.dispatch(editor.state.tr.setMeta(evidenceKey, spans).setMeta("addToHistory", false));
}
