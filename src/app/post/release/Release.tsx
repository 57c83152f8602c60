import { useEffect, useMemo, useState } from "react";
import { useLocation, useNavigate } from "react-router";
import { holding } from "../../../core/release/gates/registry";
import type { Post } from "../../../data/model";
import { useOpenClaims } from "../../posts/claimsGate";
import { postGates, sameSlugAs } from "../../posts/postGates";
import { useBlogConfig } from "../../publishing/useBlogConfig";
import { usePublishing } from "../../publishing/usePublishing";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { selectPosts } from "../../store/selectors";
import { toast } from "../../ui/toast";
import { ReviewPanel } from "../review/ReviewPanel";
import { useReviews } from "../review/useReviews";
import { usePostSession } from "../SessionContext";
import type { Goal } from "../useGo";
import { useOpenPost } from "../useOpenPost";
import { useRests } from "../useRests";
import { keepCurrent } from "../versions/keepCurrent";
import { ConflictPanel } from "./ConflictPanel";
import { CopyForBlog } from "./CopyForBlog";
import { Downloads } from "./Downloads";
import { GateLadder } from "./GateLadder";
import { LiveChanges } from "./LiveChanges";
import { PageFields } from "./PageFields";
import { PublishPanel } from "./PublishPanel";
import { ReaderPreview } from "./ReaderPreview";
import { ShareCard } from "./ShareCard";

export function Release() {
  const { post } = useOpenPost("post");
  return post && <ReleaseOf post={post} />;
}

function ReleaseOf({ post }: { post: Post }) {
  const { workers } = useDependencies();
  const dispatch = useAppDispatch();
  const { report, readOnly, source } = useOpenPost("report", "readOnly", "source");
  const rests = useRests();
  const posts = useAppSelector(selectPosts);
  const site = useAppSelector((state) => state.session.site);
  const session = usePostSession();
  const reviews = useReviews(post, session, rests);
  const asksForApproval = site.gates?.approved !== undefined && site.gates.approved !== "off";
  const openClaims = useOpenClaims(post, session, rests, ["must", "warn"]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: report stands for the document
  const gates = useMemo(
    () =>
      postGates(
        post,
        {
          sameSlug: sameSlugAs(post, posts),
          posts,
          site,
          score: report?.score ?? null,
          openClaims,
          approved: asksForApproval ? reviews.approved : null,
        },
        session,
        source,
      ),
    [post, posts, site, report, source, openClaims, reviews.approved],
  );
  const [waived, setWaived] = useState(false);
  const [comparing, setComparing] = useState(false);
  const publishing = usePublishing(post, session, rests);
  const config = useBlogConfig();
  useGoal();
  const open = holding(gates);
  const clean = async () => {
    const before = session.json();
    await dispatch(keepCurrent({ why: "before cleaning" }));
    session.setDoc(await workers.draft.cleanDocument(before));
    toast("Cleaned the text.", { action: { label: "Undo", onClick: () => session.setDoc(before) } });
  };
  return (
    <div className="mx-auto grid w-full max-w-[96rem] flex-1 grid-cols-[minmax(18rem,23rem)_minmax(0,1fr)] items-start gap-8 px-6 py-5 small:grid-cols-[minmax(0,1fr)] small:px-3 wide:max-w-[110rem]">
      <div className="flex flex-col gap-6">
        {publishing && (
          <PublishPanel
            post={post}
            publishing={publishing}
            config={config}
            readOnly={readOnly}
            open={open.length}
            waived={waived}
            comparing={comparing}
            onCompare={setComparing}
          />
        )}
        <ReviewPanel post={post} reviews={reviews} readOnly={readOnly} />
        <GateLadder
          gates={gates}
          readOnly={readOnly}
          waived={waived}
          onWaived={setWaived}
          onClean={() => void clean()}
        />
        <Downloads open={open.length} waived={waived} />
        <CopyForBlog post={post} held={open.length > 0 && !waived} />
      </div>
      <div className="flex min-w-0 flex-col gap-6">
        {publishing?.copy && publishing.item?.state === "conflict" && publishing.item.theirs ? (
          <ConflictPanel
            post={post}
            item={publishing.item}
            copy={publishing.copy}
            rests={rests}
            readOnly={readOnly}
          />
        ) : comparing && publishing?.copy ? (
          <LiveChanges post={post} copy={publishing.copy} rests={rests} />
        ) : (
          <ReaderPreview post={post} rests={rests} />
        )}
        <PageFields post={post} config={config} readOnly={readOnly} />
        <ShareCard post={post} readOnly={readOnly} />
      </div>
    </div>
  );
}

/** Goes to the field that the last navigation asked for. */
function useGoal(): void {
  const { state, pathname } = useLocation();
  const navigate = useNavigate();
  const goal = (state as { goal?: Goal } | null)?.goal;
  useEffect(() => {
    if (!goal || !("field" in goal)) return;
    const field = document.querySelector<HTMLElement>(`[data-field="${goal.field}"]`);
    field?.focus();
    field?.scrollIntoView({ block: "center" });
    void navigate(pathname, { replace: true, state: null, preventScrollReset: true });
  }, [goal, navigate, pathname]);
}
