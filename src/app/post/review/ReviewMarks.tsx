/** Comments of the latest review in the left margin of the sheet, each level with its block, and moved with it. */
import type { Editor } from "@tiptap/core";
import { MessageSquare } from "lucide-react";
import { Popover } from "radix-ui";
import { type RefObject, useEffect, useRef, useState } from "react";
import { isAbout } from "../../../core/review/isAbout";
import type { ReviewComment } from "../../../core/review/shapes";
import type { Review } from "../../../data/model";
import { reviewsOf, saveReview } from "../../../data/reviews";
import { useLive } from "../../store/useLive";
import { attemptRead } from "../../ui/attemptRead";
import { count } from "../../ui/figures";
import { overPage } from "../../ui/layers";

interface Props {
  editor: Editor;
  postId: string;
  /** The sheet, whose growth moves the marks. */
  sheet: RefObject<HTMLElement | null>;
}

interface Mark {
  block: string;
  top: number;
  comments: ReviewComment[];
}

export function ReviewMarks({ editor, postId, sheet }: Props) {
  const read = useLive(() => reviewsOf(postId), [postId]);
  const review = read.state === "ready" ? (read.value.find(({ answer }) => answer !== null) ?? null) : null;
  const margin = useRef<HTMLDivElement>(null);
  const [marks, setMarks] = useState<Mark[]>([]);
  useEffect(() => {
    const open = (review?.answer?.comments ?? []).filter(({ id }) => !review?.resolved.includes(id));
    const place = () => {
      const from = margin.current?.getBoundingClientRect().top ?? 0;
      const placed: Mark[] = [];
      editor.state.doc.forEach((node, pos) => {
        const comments = open.filter((comment) =>
          isAbout(comment, String(node.attrs.id ?? ""), node.textContent),
        );
        const dom = comments.length ? editor.view.nodeDOM(pos) : null;
        if (dom instanceof HTMLElement)
          placed.push({
            block: String(node.attrs.id ?? pos),
            top: dom.getBoundingClientRect().top - from,
            comments,
          });
      });
      setMarks(placed);
    };
    const observer = new ResizeObserver(place);
    if (sheet.current && open.length) observer.observe(sheet.current);
    else setMarks([]);
    return () => observer.disconnect();
  }, [review, editor, sheet]);
  return (
    <div ref={margin} className="pointer-events-none absolute inset-y-0 left-1 w-0 print:hidden">
      {review &&
        marks.map((mark) => (
          <div key={mark.block} className="pointer-events-auto absolute left-0" style={{ top: mark.top }}>
            <Comments review={review} comments={mark.comments} />
          </div>
        ))}
    </div>
  );
}

function Comments({ review, comments }: { review: Review; comments: readonly ReviewComment[] }) {
  const who = review.answer?.reviewer || "The reviewer";
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={`${count(comments.length, "comment")} of ${who}: ${comments[0]!.text.slice(0, 60)}`}
        className="flex size-7 items-center justify-center rounded border border-plum bg-plum-wash text-plum"
      >
        <MessageSquare size={15} aria-hidden="true" />
      </Popover.Trigger>
      <Popover.Portal container={overPage()}>
        <Popover.Content
          side="left"
          align="start"
          sideOffset={6}
          collisionPadding={8}
          aria-label={`Comments of ${who}`}
          className="z-50 w-72 rounded border border-edge bg-sheet p-3 text-[13px] shadow-md"
        >
          <p className="mb-1 text-ink-2">{who}</p>
          <ul>
            {comments.map(({ id, text }) => (
              <li key={id} className="border-b border-rule py-1.5 last:border-0">
                <p className="whitespace-pre-wrap text-[14px]">{text}</p>
                {review.replies[id] && <p className="mt-1 text-ink-2">Answer: {review.replies[id]}</p>}
                <button
                  type="button"
                  className="quiet-link"
                  onClick={() => attemptRead(saveReview({ ...review, resolved: [...review.resolved, id] }))}
                >
                  Resolve
                </button>
              </li>
            ))}
          </ul>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
