/** One post of the Desk: what it is called, what it scores, and what is best next step. */

import { Copy, Trash2 } from "lucide-react";
import { Link, useNavigate } from "react-router";
import { deleteWithUndo } from "../posts/deleteWithUndo";
import { useAppDispatch } from "../store/hooks";
import { points, whole } from "../ui/figures";
import { MiniStrip } from "../ui/MiniStrip";
import { Tooltip } from "../ui/Tooltip";
import type { Row } from "./deskRows";
import type { PostState } from "./postState";

/** The columns of the list, its head included. */
export const ROW =
  "grid small:grid-cols-[minmax(0,1fr)_40px] grid-cols-[minmax(0,1fr)_90px_40px_200px_44px_88px_56px] items-center gap-x-3 px-3 mid:grid-cols-[minmax(0,1fr)_154px_45px_220px_63px_91px_56px] mid:gap-x-4";

const ACT =
  "flex h-7 w-7 items-center justify-center rounded text-ink-2 opacity-0 focus-visible:opacity-100 group-hover:opacity-100";

export function PostRow({ post, score, next, state }: Row & { state: PostState }) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const name = post.title || "Untitled post";
  const copy = async () => {
    const { copyPost } = await import("../posts/copyPost");
    await navigate(`/post/${await dispatch(copyPost(post))}/write`);
  };
  return (
    <div className={`${ROW} group h-full hover:bg-paper`}>
      <span className="min-w-0">
        <Tooltip says={name} whenCut>
          <Link
            to={`/post/${post.id}/${post.stage}`}
            className="block truncate font-serif text-[15px] hover:text-proof hover:underline"
          >
            <bdi>{name}</bdi>
          </Link>
        </Tooltip>
        <span className="block truncate text-[13px] text-ink-2">
          <bdi>{post.keyword || "no target keyword yet"}</bdi>
        </span>
      </span>
      <span className="small:hidden">
        {score ? <MiniStrip findings={score.findings} /> : <span className="block h-1.5 bg-rule" />}
      </span>
      <span className="figures text-right text-[15px] font-semibold">
        {score ? Math.round(score.score) : "–"}
      </span>
      <Tooltip says={next?.reason} whenCut>
        <span className="min-w-0 truncate text-[13px] small:hidden">
          {next && (
            <>
              {next.name},{" "}
              <span className="figures rounded-[2px] bg-brass-wash px-1 text-brass">
                +{points(next.gain)}
              </span>
            </>
          )}
        </span>
      </Tooltip>
      <span className="figures text-right small:hidden">{score ? whole(score.words) : ""}</span>
      <span className="text-[13px] leading-tight text-ink-2 small:hidden">
        <span className="block">{state.when}</span>
        {state.needs && <span className="block text-[12px] text-plum">{state.needs}</span>}
      </span>
      <span className="flex small:hidden">
        <Tooltip says="Start a post from this one">
          <button
            type="button"
            aria-label={`Start a post from “${name}”`}
            onClick={() => void copy()}
            className={`${ACT} hover:bg-proof-wash hover:text-proof`}
          >
            <Copy size={15} aria-hidden="true" />
          </button>
        </Tooltip>
        <Tooltip says="Delete">
          <button
            type="button"
            aria-label={`Delete “${name}”`}
            onClick={() => void deleteWithUndo(post)}
            className={`${ACT} hover:bg-plum-wash hover:text-plum`}
          >
            <Trash2 size={15} aria-hidden="true" />
          </button>
        </Tooltip>
      </span>
    </div>
  );
}
