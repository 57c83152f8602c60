/** Asking somebody to look, and what they said. */
import { FileInput, UserRoundCheck } from "lucide-react";
import { useNavigate } from "react-router";
import { isAbout } from "../../../core/review/isAbout";
import type { ReviewComment } from "../../../core/review/shapes";
import { textOf } from "../../../core/versions/compare";
import type { Post, Review } from "../../../data/model";
import { changeReview } from "../../../data/reviews";
import { useAppDispatch } from "../../store/hooks";
import { attemptRead } from "../../ui/attemptRead";
import { Button } from "../../ui/Button";
import { dayAndTime } from "../../ui/dates";
import { FileButton } from "../../ui/FileButton";
import { count } from "../../ui/figures";
import { usePostSession } from "../SessionContext";
import { approveHere, askForReview, takeReview } from "./reviewActions";
import type { Reviews } from "./useReviews";

export function ReviewPanel({
  post,
  reviews,
  readOnly,
}: {
  post: Post;
  reviews: Reviews;
  readOnly: boolean;
}) {
  const dispatch = useAppDispatch();
  const session = usePostSession();
  const { all, answered, approved, changed } = reviews;
  const waiting = all.find(({ answer }) => answer === null);
  const answer = answered?.answer;
  const who = answer?.reviewer || "the reviewer";
  return (
    <section aria-label="Review" className="border border-rule bg-sheet p-3">
      <h2 className="mb-2 flex items-center gap-1.5">
        <UserRoundCheck size={15} aria-hidden="true" /> Review
      </h2>
      {answer && (
        <div className="mb-2">
          <p role="status" className={approved ? "font-semibold text-proof" : ""}>
            {answer.verdict === "approved"
              ? approved
                ? `Approved by ${who}, and unchanged since.`
                : `${capital(who)} approved it; changed since: ${changed ? count(changed, "block") : "its fields"}.`
              : `${capital(who)} asks for changes.`}
          </p>
          <p className="text-[13px] text-ink-2">{dayAndTime(answer.at)}</p>
          <Comments review={answered} />
        </div>
      )}
      {waiting && (
        <p className="mb-2 text-[13px] text-ink-2">
          Waiting for an answer since {dayAndTime(waiting.askedAt)}.
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <Button disabled={readOnly} onClick={() => attemptRead(dispatch(askForReview(post, session)))}>
          Ask for review
        </Button>
        <Button
          disabled={readOnly || approved}
          onClick={() => attemptRead(dispatch(approveHere(post, session)))}
        >
          Approve it here
        </Button>
        <FileButton
          label="Bring a review in"
          accept=".json,application/json"
          icon={<FileInput size={15} aria-hidden="true" />}
          disabled={readOnly}
          onFile={(file) => attemptRead(dispatch(takeReview(post, session, file)))}
        />
      </div>
    </section>
  );
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Comments whose block is there stand beside it in Write; those whose block is gone are only here. */
function Comments({ review }: { review: Review }) {
  const session = usePostSession();
  const navigate = useNavigate();
  const comments = review.answer?.comments ?? [];
  if (!comments.length) return null;
  const set = (changes: Partial<Review>) => attemptRead(changeReview(review.id, changes));
  const nodes = session.json().content;
  const isThere = (comment: ReviewComment) =>
    nodes.some((node) => isAbout(comment, String(node.attrs?.id ?? ""), textOf(node)));
  return (
    <ul aria-label="Comments" className="mt-2 border-t border-rule">
      {comments.map((comment) => {
        const done = review.resolved.includes(comment.id);
        return (
          <li key={comment.id} className="border-b border-rule py-1.5 last:border-0">
            {comment.quote && (
              <p className="line-clamp-1 font-serif text-[13px] italic text-ink-2">
                “{comment.quote}”{!isThere(comment) && " (no longer in the post)"}
              </p>
            )}
            <p className={`whitespace-pre-wrap ${done ? "text-ink-2 line-through" : ""}`}>{comment.text}</p>
            <label className="flex items-center gap-2 text-[13px]">
              <span className="text-ink-2">Answer</span>
              <input
                className="line-field"
                // Stored once it is left: no key waits for the database.
                defaultValue={review.replies[comment.id] ?? ""}
                onBlur={({ target }) => {
                  if (target.value !== (review.replies[comment.id] ?? ""))
                    set({ replies: { ...review.replies, [comment.id]: target.value } });
                }}
              />
            </label>
            <p className="flex gap-4 text-[13px]">
              <button
                type="button"
                className="quiet-link"
                aria-pressed={done}
                onClick={() =>
                  set({
                    resolved: done
                      ? review.resolved.filter((id) => id !== comment.id)
                      : [...review.resolved, comment.id],
                  })
                }
              >
                {done ? "Open it again" : "Resolve"}
              </button>
              {isThere(comment) && (
                <button
                  type="button"
                  className="quiet-link"
                  onClick={() => void navigate("../write", { relative: "path" })}
                >
                  See it beside its block
                </button>
              )}
            </p>
          </li>
        );
      })}
    </ul>
  );
}
