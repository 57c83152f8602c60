/** A live post has another slug than readers know: said at once, with the redirect that keeps old links whole. */

import { postPath } from "../../data/draft";
import { freshId } from "../../data/freshId";
import { addRedirect } from "../../data/redirects";
import { useAppDispatch, useAppSelector } from "../store/hooks";
import { addressSettled, postEdited } from "../store/openPostSlice";
import { attemptRead } from "../ui/attemptRead";
import { Button } from "../ui/Button";
import { toast } from "../ui/toast";
import { useOpenPost } from "./useOpenPost";

export function LiveAddress() {
  const dispatch = useAppDispatch();
  const { post, readOnly } = useOpenPost("post", "readOnly");
  const site = useAppSelector((state) => state.session.site);
  if (!post?.liveSlug || readOnly) return null;
  const { id, slug, liveSlug, categories } = post;
  const from = postPath({ slug: liveSlug, categories }, site);
  const to = postPath({ slug, categories }, site);
  const keep = async () => {
    await addRedirect({
      id: freshId(),
      from,
      to,
      since: new Date().toISOString(),
      why: "slug changed",
      postId: id,
    });
    dispatch(addressSettled());
    toast(`Kept: ${from} leads to ${to}. Release lists the redirects of this page.`);
  };
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-plum/30 bg-plum-wash px-4 py-1.5"
    >
      <p className="min-w-0">
        <strong className="text-plum">This page is live at {from}.</strong> Links to it from elsewhere break
        when its address changes.
      </p>
      <span className="flex gap-2">
        <Button disabled={!slug} onClick={() => attemptRead(keep())}>
          Keep the new address, with a redirect
        </Button>
        <Button onClick={() => dispatch(postEdited({ slug: liveSlug }))}>Go back to the old one</Button>
      </span>
    </div>
  );
}
