import { useEffect, useMemo, useState } from "react";
import { useLocation, useNavigate } from "react-router";
import { toast } from "sonner";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { selectPosts } from "../../store/selectors";
import { count } from "../../ui/figures";
import { Term } from "../../ui/Term";
import { postGates, sameSlugAs } from "../postGates";
import { usePostSession } from "../SessionContext";
import type { Goal } from "../useGo";
import { useOpenPost } from "../useOpenPost";
import { keepCurrent } from "../versions/keepCurrent";
import { CopyForBlog } from "./CopyForBlog";
import { Downloads } from "./Downloads";
import { GateRow } from "./GateRow";
import { PageFields } from "./PageFields";
import { ShareCard } from "./ShareCard";

export function Release() {
  const { workers } = useDependencies();
  const dispatch = useAppDispatch();
  const { post, report, readOnly, source } = useOpenPost("post", "report", "readOnly", "source");
  const posts = useAppSelector(selectPosts);
  const site = useAppSelector((state) => state.session.site);
  const session = usePostSession();
  // biome-ignore lint/correctness/useExhaustiveDependencies: report stands for the document
  const gates = useMemo(
    () => (post ? postGates(post, sameSlugAs(post, posts), site, session, source) : []),
    [post, posts, site, report, source],
  );
  const [waived, setWaived] = useState(false);
  useGoal();
  if (!post) return null;
  const open = gates.filter(({ passed }) => !passed);
  const clean = async () => {
    const before = session.json();
    await dispatch(keepCurrent({ why: "before cleaning" }));
    session.setDoc(await workers.draft.cleanDocument(before));
    toast("Cleaned the text.", { action: { label: "Undo", onClick: () => session.setDoc(before) } });
  };
  return (
    <div className="mx-auto grid w-full max-w-[80rem] flex-1 grid-cols-[minmax(20rem,26rem)_minmax(0,1fr)] items-start gap-8 px-6 py-5 small:grid-cols-[minmax(0,1fr)] small:px-3 wide:max-w-[100rem]">
      <div className="flex flex-col gap-6">
        <section aria-label="Gates">
          <h2 className="mb-2 font-serif text-xl">
            {open.length ? (
              <>
                <Term id="gate">{count(open.length, "gate")}</Term> not passed
              </>
            ) : (
              <>
                All <Term id="gate">gates</Term> passed
              </>
            )}
          </h2>
          <ul className="border border-rule bg-sheet">
            {gates.map((gate) => (
              <GateRow key={gate.id} gate={gate} readOnly={readOnly} onClean={() => void clean()} />
            ))}
          </ul>
        </section>
        <Downloads open={open.length} waived={waived} onWaived={setWaived} />
        <CopyForBlog post={post} held={open.length > 0 && !waived} />
      </div>
      <div className="flex min-w-0 flex-col gap-6">
        <ShareCard post={post} readOnly={readOnly} />
        <PageFields post={post} readOnly={readOnly} />
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
