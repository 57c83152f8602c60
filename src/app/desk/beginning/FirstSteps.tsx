/** What a site of one's own has yet to do, until its first post is written. */

import { ArrowRight, Check } from "lucide-react";
import { useNavigate } from "react-router";
import { useLookUps } from "../../keywords/lookup/useLookUps";
import { startPost } from "../../posts/createPost";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { selectListTotal, selectPosts } from "../../store/selectors";
import { Button } from "../../ui/Button";
import { type FirstStep, firstSteps, type StepId } from "./firstSteps";

const WORDS: Record<StepId, { name: string; says: string; action: string }> = {
  keywords: {
    name: "Import keywords",
    says: "A file from a keyword tool: what people search for, and how often.",
    action: "Import a keyword file",
  },
  target: {
    name: "Choose a target",
    says: "The one keyword that your first post is for.",
    action: "Choose a target keyword",
  },
  write: {
    name: "Write",
    says: "Plan it or write at once: the score moves as you go.",
    action: "Write the post",
  },
};

export function FirstSteps() {
  const dispatch = useAppDispatch();
  const posts = useAppSelector(selectPosts);
  const scores = useAppSelector((state) => state.posts.scores.entities);
  const lists = useAppSelector(selectListTotal);
  const lookUps = useAppSelector((state) => state.research.lookUps.length);
  const reading = useLookUps();
  const navigate = useNavigate();
  const read = useAppSelector((state) => state.research.read);
  if (!read || reading.failure !== null) return null;
  const steps = firstSteps(posts, lists + lookUps > 0, scores);
  if (!steps.length) return null;
  const next = steps.find(({ done }) => !done)!;
  const act: Record<StepId, (step: FirstStep) => void> = {
    keywords: () => void navigate("/keywords/look-ups", { state: { importing: true } }),
    target: ({ post }) => void (post ? navigate(`/post/${post.id}/find`) : dispatch(startPost(navigate))),
    write: ({ post }) => void (post ? navigate(`/post/${post.id}/write`) : dispatch(startPost(navigate))),
  };
  return (
    <section aria-label="First steps" className="mb-3 border border-rule bg-sheet px-4 py-3">
      <h2 className="mb-2 text-[13px] text-ink-2">First steps</h2>
      <ol className="grid gap-4 mid:grid-cols-3">
        {steps.map((step, i) => {
          const { name, says, action } = WORDS[step.id];
          return (
            <li key={step.id} aria-current={step === next ? "step" : undefined} className="flex gap-3">
              <span
                aria-hidden="true"
                className={`figures flex h-6 w-6 shrink-0 items-center justify-center rounded-full border ${step.done ? "border-proof bg-proof text-sheet" : step === next ? "border-proof text-proof" : "border-edge text-ink-2"}`}
              >
                {step.done ? <Check size={14} /> : i + 1}
              </span>
              <div>
                <p className="font-semibold">
                  {name}
                  {step.done && <span className="sr-only">, done</span>}
                </p>
                <p className="mb-1.5 text-[13px] text-ink-2">{says}</p>
                {!step.done && (
                  <Button kind={step === next ? "primary" : "plain"} onClick={() => act[step.id](step)}>
                    {action} {step === next && <ArrowRight size={14} aria-hidden="true" />}
                  </Button>
                )}
              </div>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
