/** What the outline amounts to: words planned, and headings with the target keyword. */

import type { readHeadings } from "../../../core/outline/headingFaults";
import { noPiece, pieceWithDefaults } from "../../../core/outline/piece";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { count, whole } from "../../ui/figures";
import { useOpenPost } from "../useOpenPost";
import { fillBudgets } from "./competitorActions";

export function OutlineTotals({ reading }: { reading: ReturnType<typeof readHeadings>["keyword"] }) {
  const dispatch = useAppDispatch();
  const { post, outline, competitors, piece, readOnly } = useOpenPost(
    "post",
    "outline",
    "competitors",
    "piece",
    "readOnly",
  );
  const site = useAppSelector((state) => state.session.site);
  const planned = outline.reduce((sum, { budget }) => sum + (budget ?? 0), 0);
  const median = competitors?.measure?.medianWords;
  const aimed = pieceWithDefaults(piece, site.piece ?? noPiece).length;
  return (
    <div className="mx-3 mt-2 flex flex-wrap gap-x-5 border-t border-rule pt-1.5 text-[13px] text-ink-2">
      <span className="figures">
        {planned ? `${whole(planned)} words planned` : "No words planned yet"}
        {aimed ? ` of ${whole(aimed)} aimed at` : ""}
        {median ? ` · the competitors' median is ${whole(median)}` : ""}
      </span>
      {(median || aimed) && (
        <button
          type="button"
          className="quiet-link"
          disabled={readOnly}
          onClick={() => void dispatch(fillBudgets())}
        >
          {aimed ? "Distribute the words" : "Words from competitors"}
        </button>
      )}
      {reading.of > 0 && post?.keyword && (
        <span>
          {reading.says ?? `The target keyword is in ${reading.in} of ${count(reading.of, "heading")}.`}
        </span>
      )}
    </div>
  );
}
