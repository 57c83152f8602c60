/** The post's bar: title, target keyword, the rail of stages, and whether it is saved. */

import { CircleAlert, LoaderCircle, Check as Tick } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { shallowEqual } from "react-redux";
import { NavLink, useLocation } from "react-router";
import type { OutlineItem } from "../../core/outline/outline";
import { holding } from "../../core/release/gates/registry";
import { isPublic } from "../../core/site/status";
import type { Stage } from "../../data/model";
import { STAGE_IDS, stageName } from "../../data/stages";
import { openClaimsOf } from "../posts/claimsGate";
import { isApproved } from "../posts/isApproved";
import { postGates, sameSlugAs } from "../posts/postGates";
import { useDependencies } from "../store/DependenciesContext";
import { useAppDispatch, useAppSelector, useAppStore } from "../store/hooks";
import { postEdited } from "../store/openPostSlice";
import { selectPosts } from "../store/selectors";
import { useAskOrTell } from "../store/useAskOrTell";
import { DateField } from "../ui/DateField";
import { count, whole } from "../ui/figures";
import { Tooltip } from "../ui/Tooltip";
import { RepurposeSheet } from "./RepurposeSheet";
import { usePostSession } from "./SessionContext";
import { useOpenPost } from "./useOpenPost";
import { useRests } from "./useRests";
import { VersionsSheet } from "./versions/VersionsSheet";

export function PostBar() {
  const dispatch = useAppDispatch();
  const { post, readOnly } = useOpenPost("post", "readOnly");
  const location = useLocation();
  const stage = location.pathname.split("/").at(-1) as Stage;
  const title = useRef<HTMLInputElement>(null);
  // A new post begins with its title.
  const fresh = (location.state as { fresh?: boolean } | null)?.fresh === true;
  const shown = post !== null;
  useEffect(() => {
    if (fresh && shown) title.current?.focus();
  }, [fresh, shown]);
  const [versions, setVersions] = useState(false);
  const [repurposing, setRepurposing] = useState(false);

  if (!post) return null;
  return (
    <div
      data-around
      className="sticky top-(--shell-bar) z-30 flex h-(--post-bar) items-center gap-6 border-b border-rule bg-sheet px-4 py-1.5 small:flex-wrap small:gap-x-3 small:gap-y-0 small:px-2 small:py-0.5 short:flex-nowrap short:py-0"
    >
      <h1 className="sr-only">
        <bdi>{post.title || "Untitled post"}</bdi>: {stageName(stage)}
      </h1>
      <div className="min-w-40 max-w-[26rem] flex-1 small:min-w-0 short:min-w-0">
        <input
          ref={title}
          aria-label="Title"
          dir="auto"
          placeholder="Untitled post"
          readOnly={readOnly}
          className="w-full truncate rounded border border-transparent bg-transparent px-1 font-serif text-[17px] hover:border-rule focus:border-edge"
          value={post.title}
          onChange={(event) => dispatch(postEdited({ title: event.target.value }))}
        />
        <p className="flex items-baseline gap-2 px-1 text-[13px] text-ink-2 small:hidden short:hidden">
          <span className="min-w-0 truncate">
            {post.keyword ? (
              <>
                for “<bdi>{post.keyword}</bdi>”
              </>
            ) : (
              "no target keyword yet"
            )}
          </span>
          {!isPublic(post.status) && (
            <DateField
              id="post-due"
              label="Due date"
              inWords={{ before: "due", none: "set a due date" }}
              readOnly={readOnly}
              value={post.due}
              onChange={(due) => dispatch(postEdited({ due }))}
            />
          )}
        </p>
      </div>
      <Rail />
      <div className="flex flex-col items-end small:flex-row small:items-center small:gap-2 short:flex-row short:items-center short:gap-2">
        <SavedState />
        <span className="flex gap-3">
          <button type="button" className="quiet-link text-[13px]" onClick={() => setVersions(true)}>
            Versions
          </button>
          <button type="button" className="quiet-link text-[13px]" onClick={() => setRepurposing(true)}>
            Repurpose
          </button>
        </span>
      </div>
      {repurposing && <RepurposeSheet onClose={() => setRepurposing(false)} />}
      {versions && <VersionsSheet onClose={() => setVersions(false)} />}
    </div>
  );
}

/** Milliseconds. */
const SOON = 100;

function useStageWords(): Record<Stage, string> {
  const { post, outline, report, source } = useOpenPost("post", "outline", "report", "source");
  const site = useAppSelector((state) => state.session.site);
  // Not the posts themselves, which are others each time that this one is saved.
  const sameSlug = useAppSelector(
    (state) => sameSlugAs(state.openPost.post, selectPosts(state)),
    shallowEqual,
  );
  const store = useAppStore();
  const session = usePostSession();
  const rests = useRests();
  // Not while something else waits to be drawn.
  const notPassed = useAskOrTell(
    async () => {
      if (!post) return null;
      const approved = await isApproved(post, session.json(), site);
      const about = {
        sameSlug,
        posts: selectPosts(store.getState()),
        site,
        score: report?.score ?? null,
        // What only warns is not counted.
        openClaims: await openClaimsOf(post, session.blocks(), site, ["must"]),
        approved,
      };
      return holding(postGates(post, about, session, source)).length;
    },
    [post, sameSlug, site, session, rests, source],
    { otherwise: null, pause: SOON },
  );
  const keywords = post ? (post.keyword ? 1 : 0) + post.supporting.length : 0;
  return {
    find: keywords ? count(keywords, "keyword") : "no keyword",
    plan: outline.length ? planWords(outline) : "no outline",
    write: report ? `${whole(report.words)} words` : "…",
    proof: report ? String(Math.round(report.score)) : "…",
    release: notPassed === null ? "…" : notPassed ? count(notPassed, "gate") : "ready",
  };
}

/** Questions of the FAQ are counted where there is nothing else. */
function planWords(outline: readonly OutlineItem[]): string {
  const headings = outline.filter(({ faq }) => !faq).length;
  return headings ? count(headings, "heading") : count(outline.length, "question");
}

/** A line with five stations. */
function Rail() {
  const words = useStageWords();
  const id = useAppSelector((state) => state.openPost.post?.id);
  return (
    <nav
      aria-label="Stages"
      className="mx-auto w-[440px] flex-none mid:w-[520px] small:order-last small:w-full short:order-none short:w-[290px]"
    >
      <ol className="relative grid grid-cols-5">
        <span className="absolute left-[10%] right-[10%] top-[7px] h-px bg-edge" aria-hidden="true" />
        {STAGE_IDS.map((stage) => (
          <li key={stage}>
            <NavLink
              to={`/post/${id}/${stage}`}
              className="group flex flex-col items-center rounded leading-tight"
            >
              {({ isActive }) => (
                <>
                  <span
                    className={`relative z-10 h-[15px] w-[15px] rounded-full border-2 ${isActive ? "border-proof bg-proof" : "border-edge bg-sheet group-hover:border-proof"}`}
                    aria-hidden="true"
                  />
                  <span className={`text-[13px] ${isActive ? "font-semibold" : ""}`}>{stageName(stage)}</span>
                  <span className="figures text-[12px] text-ink-2 small:sr-only short:sr-only">
                    {words[stage]}
                  </span>
                </>
              )}
            </NavLink>
          </li>
        ))}
      </ol>
    </nav>
  );
}

/** A failure to save stays in sight until it is over. */
export function SaveFailure() {
  const saving = useAppSelector((state) => state.openPost.saving);
  if (saving.state !== "failed") return null;
  return (
    <div role="alert" className="border-b border-plum/30 bg-plum-wash px-4 py-1.5">
      <strong className="text-plum">Not saved.</strong> The browser refused to store the last changes (
      {saving.message || "it gave no reason"}). They are safe in this tab: keep it open. Dune Sparrow tries
      again by itself; making room on the disk helps.
    </div>
  );
}

function SavedState() {
  const { saver } = useDependencies();
  const saving = useAppSelector((state) => state.openPost.saving);
  const readOnly = useAppSelector((state) => state.openPost.readOnly);
  if (readOnly) return <p className="w-24 text-right mid:w-44 text-[13px] text-plum">Read-only</p>;
  return (
    <div
      role="status"
      className="flex w-20 items-center justify-end mid:w-44 gap-1.5 text-[13px] small:w-auto short:w-auto"
    >
      {saving.state === "saved" && (
        <>
          <Tick size={14} className="text-proof" aria-hidden="true" /> Saved
        </>
      )}
      {saving.state === "saving" && (
        <>
          <LoaderCircle size={14} className="text-ink-2" aria-hidden="true" /> Saving …
        </>
      )}
      {saving.state === "failed" && (
        <span className="flex flex-col items-end text-plum">
          <span className="flex items-center gap-1.5 font-semibold">
            <CircleAlert size={14} aria-hidden="true" /> Not saved
          </span>
          <Tooltip says={saving.message}>
            <button type="button" className="quiet-link !text-plum" onClick={() => void saver.flush()}>
              Try again now
            </button>
          </Tooltip>
        </span>
      )}
    </div>
  );
}
