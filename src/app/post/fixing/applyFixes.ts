/** Makes fixes in the open post: as one step, with a version kept before and a way back. */

import { withoutChange } from "../../../core/draft/withoutChange";
import type { Fix, Pick } from "../../../core/proof/fixes/fix";
import { fixedDoc } from "../../../core/proof/fixes/fixed";
import type { FixedMeta } from "../../../core/proof/fixes/fixRule";
import { postEdited } from "../../store/openPostSlice";
import type { AppThunk } from "../../store/thunk";
import { count, points } from "../../ui/figures";
import { toast } from "../../ui/toast";
import { keepCurrent } from "../versions/keepCurrent";
import { fixHelp } from "./fixHelp";

/** @param fixes each made on what those before it left */
export const applyFixes =
  (fixes: readonly Fix[]): AppThunk<Promise<void>> =>
  async (dispatch, getState, { opened }) => {
    const session = opened.text;
    const { post, readOnly } = getState().openPost;
    if (!session || !post || readOnly || !fixes.length) return;
    await dispatch(keepCurrent({ why: "before fixing" }));
    const before = session.json();
    const { doc: after, meta, toReview } = fixedDoc(before, fixes);
    const old = Object.fromEntries(Object.keys(meta).map((key) => [key, post[key as keyof FixedMeta]]));
    if (after !== before) session.replaceDoc(after);
    // As the editor holds it: with the ids that it gave to what is new.
    const fixed = session.json();
    const edits = { ...meta, ...(toReview.length && { begun: [...(post.begun ?? []), ...toReview] }) };
    if (Object.keys(edits).length) dispatch(postEdited(edits));
    const gain = fixes.reduce((sum, fix) => sum + fix.gain, 0);
    const [first] = fixes;
    toast(
      `${fixes.length === 1 ? first!.name : `${fixes.length} fixes`}: +${points(gain)}.${toReview.length ? " Review the text it started." : ""}`,
      {
        action: {
          label: "Undo",
          onClick: () => {
            // Another post may be open by now.
            if (opened.text !== session) return;
            const { post: now } = getState().openPost;
            if (!now) return;
            // What was written since stays.
            const undone = withoutChange(session.json(), before, fixed);
            session.replaceDoc(undone.doc);
            const fields = Object.entries(old).filter(([key]) =>
              Object.is(now[key as keyof FixedMeta], meta[key as keyof FixedMeta]),
            );
            dispatch(
              postEdited({
                ...Object.fromEntries(fields),
                ...(toReview.length && {
                  begun: (now.begun ?? []).filter((text) => !toReview.includes(text)),
                }),
              }),
            );
            if (undone.left)
              toast(
                `${count(undone.left, "place")} stayed fixed, because you have written there since. The earlier text is kept under Versions.`,
              );
          },
        },
      },
    );
  };

/** Several fixes of the open post, each as it is made on what those before it left. */
export const fixesTogether =
  (picks: readonly Pick[]): AppThunk<Promise<Fix[]>> =>
  async (_dispatch, getState, { workers }) => {
    const { post } = getState().openPost;
    return post ? workers.proof.fixAll(post.id, picks, fixHelp(getState())) : [];
  };
