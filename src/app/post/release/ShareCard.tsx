import { useMemo } from "react";
import type { PictureBlock } from "../../../core/draft/draft";
import { postAddress } from "../../../data/draft";
import type { Post } from "../../../data/model";
import { useApp } from "../../store/store";
import { usePictureSource } from "../../ui/usePictureSource";
import { usePostSession } from "../currentSession";

/** What a shared link shows: lead picture, title, description, host. */
export function ShareCard({ post }: { post: Post }) {
  const session = usePostSession();
  const site = useApp((state) => state.session.site);
  const report = useApp((state) => state.openPost.report);
  // biome-ignore lint/correctness/useExhaustiveDependencies: report stands for the document
  const lead = useMemo(
    () => session.blocks().find(({ block }) => block.kind === "picture")?.block as PictureBlock | undefined,
    [session, report],
  );
  const source = usePictureSource(lead?.src ?? "");
  const address = postAddress(post, site);
  return (
    <section aria-label="When it is shared">
      <h2 className="mb-2 text-[13px] text-ink-2">When it is shared</h2>
      <div className="flex max-w-[44rem] items-stretch border border-rule bg-sheet">
        <div className="flex h-36 w-56 shrink-0 items-center justify-center overflow-hidden border-r border-rule bg-paper text-[13px] text-ink-2">
          {source ? (
            <img src={source} alt={lead?.alt ?? ""} className="h-full w-full object-cover" />
          ) : (
            "No lead picture"
          )}
        </div>
        <div className="min-w-0 flex-1 p-3">
          <p className="truncate text-[12px] text-ink-2">
            {address ? address.replace(/^https?:\/\//, "") : "no address yet"}
          </p>
          <p className="mt-0.5 line-clamp-2 font-serif text-[17px] leading-snug">
            {post.metaTitle || post.title || "Untitled post"}
          </p>
          <p className="mt-1 line-clamp-3 text-[13px] text-ink-2">{post.description || "No description."}</p>
        </div>
      </div>
    </section>
  );
}
