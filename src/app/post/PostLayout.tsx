/** One post: its bar with the five stages, and the stage that is open. */
import { useEffect } from "react";
import { Outlet, useParams } from "react-router";
import { useAppSelector } from "../store/hooks";
import { Button } from "../ui/Button";
import { Failed } from "../ui/Failed";
import { NotFound } from "../ui/NotFound";
import { LiveAddress } from "./LiveAddress";
import { PostBar, SaveFailure } from "./PostBar";
import { SessionContext } from "./SessionContext";
import { usePostOpening } from "./usePostOpening";

export function PostLayout() {
  const { id } = useParams();
  // A new post is a new start of everything below.
  return <OpenPost key={id} id={id!} />;
}

function OpenPost({ id }: { id: string }) {
  const opening = usePostOpening(id);
  const readOnly = useAppSelector((state) => state.openPost.readOnly);
  const title = useAppSelector((state) => state.openPost.post?.title);
  useEffect(() => {
    document.title = `${title || "Untitled post"} · Dune Sparrow`;
  }, [title]);

  if (opening.state === "missing") return <NotFound />;
  if (opening.state === "failed")
    return (
      <div className="m-auto max-w-xl p-6">
        <Failed
          heading="h1"
          what="This post could not be opened"
          why={`The browser's storage did not return it: ${opening.why}`}
          safe="What was saved is unchanged."
          onRetry={opening.retry}
        />
      </div>
    );
  if (opening.state === "loading") {
    return (
      <p role="status" className="m-auto text-ink-2">
        Opening the post …
      </p>
    );
  }
  return (
    <SessionContext value={opening.session}>
      <PostBar />
      <SaveFailure />
      <LiveAddress />
      {opening.repairs.length > 0 && (
        <p role="status" className="border-b border-plum/30 bg-plum-wash px-4 py-1.5">
          {opening.repairs.join(" ")}
        </p>
      )}
      {readOnly && (
        <div
          role="alert"
          className="flex items-center gap-4 border-b border-plum/30 bg-plum-wash px-4 py-1.5"
        >
          <span>This post is open in another tab. What you see here is for reading.</span>
          <Button onClick={opening.takeOver}>Write here instead</Button>
        </div>
      )}
      <Outlet />
    </SessionContext>
  );
}
