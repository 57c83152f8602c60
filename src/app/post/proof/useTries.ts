import { useEffect, useState } from "react";
import { toast } from "sonner";
import type { Finding } from "../../../core/proof/finding";
import type { Try } from "../../../data/model";
import { proofWorker } from "../../../workers/clients";
import { useOpenPost } from "../useOpenPost";

const PAUSE = 150;

/** The post's score with the fields of each try, in their order; null until they are known. */
export function useTries(tries: readonly Try[]): { score: number; findings: Finding[] }[] | null {
  const { post, report } = useOpenPost("post", "report");
  const [scores, setScores] = useState<{ score: number; findings: Finding[] }[] | null>(null);
  const id = post?.id;
  useEffect(() => {
    if (!id || !report) return;
    let wanted = true;
    const timer = setTimeout(() => {
      const metas = tries.map(({ id: _id, ...meta }) => meta);
      proofWorker()
        .whatIf(id, metas)
        .then(
          (all) => wanted && setScores(all),
          (error: unknown) => {
            console.error("The tries could not be scored", error);
            if (wanted)
              toast.error("The tries could not be scored; they are kept. Change one to try again.", {
                id: "tries",
              });
          },
        );
    }, PAUSE);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [id, report, tries]);
  return scores;
}
