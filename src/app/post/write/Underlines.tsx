/** Draws the underlines that are asked for, each time a report has come; shows nothing itself. */
import type { Editor } from "@tiptap/core";
import { useEffect } from "react";
import { usePostSession } from "../currentSession";
import { useOpenPost } from "../useOpenPost";
import { useClaims } from "./ClaimsSheet";
import { evidenceKey, type Underline } from "./editor/evidence";
import { type LayerId, underlinesOf } from "./underlines";
import { useOwnWords } from "./useOwnWords";

export function Underlines({ editor, layers }: { editor: Editor; layers: ReadonlySet<LayerId> }): null {
  const session = usePostSession();
  const { post, report } = useOpenPost("post", "report");
  const { accepted } = useClaims();
  const { said } = useOwnWords();
  const language = post?.language ?? "";
  useEffect(() => {
    if (report) draw(editor, underlinesOf(session, { layers, report, language, accepted, said }));
  }, [editor, session, report, layers, language, accepted, said]);
  return null;
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
