import { useEffect, useState } from "react";
import { toast } from "sonner";
import type { Mending } from "../../../core/proof/mends/mending";
import { proofWorker } from "../../../workers/clients";
import { useOpenPost } from "../useOpenPost";
import { mendHelp } from "./mendHelp";

/** What can be mended in the open post, made anew with each report; null until it is known. */
export function useMendings(): Mending[] | null {
  const { post, report } = useOpenPost("post", "report");
  const [mendings, setMendings] = useState<Mending[] | null>(null);
  const id = post?.id;
  const live = post?.status !== "draft";
  useEffect(() => {
    if (!id || !report) return;
    let wanted = true;
    proofWorker()
      .mendings(id, mendHelp())
      .then(
        // The address of a page that is out is changed on purpose or not at all.
        (all) => wanted && setMendings(all.filter(({ change }) => !live || change.meta?.slug === undefined)),
        (error: unknown) => {
          console.error("The mends could not be found", error);
          if (!wanted) return;
          setMendings(null);
          toast.error("What can be mended could not be found; your text is as it is. Type on to try again.", {
            id: "mendings",
          });
        },
      );
    return () => {
      wanted = false;
    };
  }, [id, report, live]);
  return mendings;
}
