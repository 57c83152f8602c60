/** Draws the underlines that are asked for, each time a report has come; shows nothing itself. */
import type { Editor } from "@tiptap/core";
import type { Transaction } from "@tiptap/pm/state";
import { Mapping } from "@tiptap/pm/transform";
import { useEffect } from "react";
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
  useEffect(() => {
    if (!report) return;
    const spans = underlinesOf(session, { layers, report, language, accepted, said });
    if (spans.length > FEW) return drawInSight(editor, spans);
    draw(editor, spans);
  }, [editor, session, report, layers, language, accepted, said]);
  return null;
}

/** So many are drawn at once; of more, those in sight, since each costs every key a little. */
const FEW = 60;
/** Screens above and below that are drawn as well, and those after which what is drawn is looked at anew. */
const AROUND = 2;
const SOON = 1;

/** @returns how to end it */
function drawInSight(editor: Editor, spans: readonly Underline[]): () => void {
  // What is written until the next report moves them all.
  const since = new Mapping();
  let drawn: [number, number] | null = null;
  let frame = 0;
  const moved = ({ transaction }: { transaction: Transaction }) => {
    if (!transaction.docChanged) return;
    since.appendMapping(transaction.mapping);
    drawn &&= [transaction.mapping.map(drawn[0], -1), transaction.mapping.map(drawn[1])];
  };
  const look = () => {
    frame = 0;
    if (editor.isDestroyed) return;
    const [from, to] = inSight(editor.view, SOON);
    if (drawn && from >= drawn[0] && to <= drawn[1]) return;
    const [first, last] = inSight(editor.view, AROUND);
    drawn = [first, last];
    const here = spans.map(
      ([start, end, className]): Underline => [since.map(start), since.map(end, -1), className],
    );
    draw(
      editor,
      here.filter(([start, end]) => end >= first && start <= last),
    );
  };
  const onScroll = () => {
    frame ||= requestAnimationFrame(look);
  };
  look();
  editor.on("transaction", moved);
  window.addEventListener("scroll", onScroll, { passive: true });
  window.addEventListener("resize", onScroll);
  return () => {
    cancelAnimationFrame(frame);
    editor.off("transaction", moved);
    window.removeEventListener("scroll", onScroll);
    window.removeEventListener("resize", onScroll);
  };
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
