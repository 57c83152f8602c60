/** Makes mends in the open post: as one step, with a version kept before and a way back. */

import { toast } from "sonner";
import { withoutChange } from "../../../core/draft/withoutChange";
import type { MendedMeta } from "../../../core/proof/mends/mend";
import { mendedDoc } from "../../../core/proof/mends/mended";
import type { Mending, Pick } from "../../../core/proof/mends/mending";
import { postEdited } from "../../store/openPostSlice";
import type { AppThunk } from "../../store/thunk";
import { count, points } from "../../ui/figures";
import { keepCurrent } from "../versions/keepCurrent";
import { mendHelp } from "./mendHelp";

/** @param mendings each made on what those before it left */
export const applyMendings =
  (mendings: readonly Mending[]): AppThunk<Promise<void>> =>
  async (dispatch, getState, { opened }) => {
    const session = opened.text;
    const { post, readOnly } = getState().openPost;
    if (!session || !post || readOnly || !mendings.length) return;
    await dispatch(keepCurrent({ why: "before mending" }));
    const before = session.json();
    const { doc: after, meta, begun } = mendedDoc(before, mendings);
    const old = Object.fromEntries(Object.keys(meta).map((key) => [key, post[key as keyof MendedMeta]]));
    if (after !== before) session.replaceDoc(after);
    // As the editor holds it: with the ids that it gave to what is new.
    const made = session.json();
    const edits = { ...meta, ...(begun.length && { begun: [...(post.begun ?? []), ...begun] }) };
    if (Object.keys(edits).length) dispatch(postEdited(edits));
    const gain = mendings.reduce((sum, mending) => sum + mending.gain, 0);
    const [first] = mendings;
    toast(
      `${mendings.length === 1 ? first!.name : `${mendings.length} mends`}: +${points(gain)}.${begun.length ? " Look at what it began." : ""}`,
      {
        action: {
          label: "Undo",
          onClick: () => {
            // Another post may be open by now.
            if (opened.text !== session) return;
            const { post: now } = getState().openPost;
            if (!now) return;
            // What was written since stays.
            const undone = withoutChange(session.json(), before, made);
            session.replaceDoc(undone.doc);
            const fields = Object.entries(old).filter(([key]) =>
              Object.is(now[key as keyof MendedMeta], meta[key as keyof MendedMeta]),
            );
            dispatch(
              postEdited({
                ...Object.fromEntries(fields),
                ...(begun.length && { begun: (now.begun ?? []).filter((text) => !begun.includes(text)) }),
              }),
            );
            if (undone.left)
              toast(
                `${count(undone.left, "place")} stayed mended: you have written there since. The text from before is kept under Versions.`,
              );
          },
        },
      },
    );
  };

/** Several mends of the open post, each as it is made on what those before it left. */
export const mendingsTogether =
  (picks: readonly Pick[]): AppThunk<Promise<Mending[]>> =>
  async (_dispatch, getState, { workers }) => {
    const { post } = getState().openPost;
    return post ? workers.proof.mendAll(post.id, picks, mendHelp(getState())) : [];
  };
