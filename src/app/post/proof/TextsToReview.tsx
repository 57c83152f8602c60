/** What fixes began and nobody has looked at: one by one, to be changed in its place or taken as it is. */
import { useMemo } from "react";
import { textsToReview } from "../../../core/release/toReview";
import { useAppDispatch } from "../../store/hooks";
import { postEdited } from "../../store/openPostSlice";
import { count } from "../../ui/figures";
import { Tooltip } from "../../ui/Tooltip";
import { usePostSession } from "../SessionContext";
import { useGo } from "../useGo";
import { useOpenPost } from "../useOpenPost";

export function TextsToReview() {
  const session = usePostSession();
  const { post, report, readOnly } = useOpenPost("post", "report", "readOnly");
  const dispatch = useAppDispatch();
  const go = useGo();
  const texts = post?.begun;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the report stands for the document
  const left = useMemo(() => textsToReview(session.blocks(), texts ?? []), [session, texts, report]);
  if (!left.length) return null;
  return (
    <section aria-label="To review" className="mb-3 border border-plum/40 bg-plum-wash px-4 py-2 text-[13px]">
      <p>
        <strong className="font-semibold text-plum">{count(left.length, "text")}</strong> written or started
        by a fix or the apprentice: check each, then change or accept it.
      </p>
      <ul className="mt-1">
        {left.map(({ text, kind, block }) => (
          <li
            key={`${block} ${text}`}
            className="grid grid-cols-[5rem_minmax(0,1fr)_auto] items-baseline gap-x-3 border-t border-plum/20 py-1"
          >
            <span className="text-plum">{kind}</span>
            <Tooltip says={text} whenCut>
              <span className="truncate">{text}</span>
            </Tooltip>
            <span className="flex gap-3">
              <button
                type="button"
                className="quiet-link"
                aria-label={`Go to the ${kind} “${text}”`}
                onClick={() =>
                  go(
                    kind === "alt text"
                      ? "alt-text"
                      : kind === "heading"
                        ? "section-length"
                        : "paragraph-length",
                    {
                      quote: text,
                      block,
                      start: 0,
                      end: text.length,
                      ...(kind === "alt text" && { field: "alt" }),
                    },
                  )
                }
              >
                Go
              </button>
              <button
                type="button"
                className="quiet-link"
                disabled={readOnly}
                aria-label={`Accept “${text}” as it is`}
                onClick={() => dispatch(postEdited({ begun: (texts ?? []).filter((one) => one !== text) }))}
              >
                Accept
              </button>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
