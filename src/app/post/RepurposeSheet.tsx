/** What else a post can become: a thread, short posts, a newsletter; to be copied or exported as text. */

import { ApprenticeSheet, type Take } from "../apprentice/ApprenticeSheet";
import { toast } from "../ui/toast";
import { useOpenPost } from "./useOpenPost";

export function RepurposeSheet({ onClose }: { onClose: () => void }) {
  const { post } = useOpenPost("post");
  if (!post) return null;
  const take: Take = async ({ task, answer, parts, whole }) => {
    const text = whole ? answer.text : parts.map((part) => part.text).join("\n\n");
    try {
      await navigator.clipboard.writeText(text);
    } catch {
      toast.error(
        "The browser did not let it be copied. It stays in the drawer; select its text and copy it there.",
      );
      return null;
    }
    toast(`${NAMES[task] ?? "It"} is copied, with ${whole ? "all of its parts" : "the chosen parts"}.`);
    return "the clipboard";
  };
  return (
    <ApprenticeSheet
      title="Repurpose this post"
      place="repurpose"
      ofPost
      take={() => "Copy"}
      staysOpen
      onTake={take}
      onClose={onClose}
    />
  );
}

const NAMES: Record<string, string> = {
  thread: "The thread",
  "short-posts": "The set of posts",
  newsletter: "The newsletter",
};
