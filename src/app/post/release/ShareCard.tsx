/** What a shared link shows: a picture, title, description, address; and the choice of that picture. */
import { useMemo, useState } from "react";
import type { PictureBlock } from "../../../core/draft/draft";
import { ASSET_PREFIX, assetId } from "../../../data/assets";
import { postAddress } from "../../../data/draft";
import type { Post } from "../../../data/model";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { postEdited } from "../../store/openPostSlice";
import { usePictureSource } from "../../store/usePictureSource";
import { lazyPart } from "../../ui/part";
import { usePostSession } from "../SessionContext";

import { CropButton } from "./CropButton";

const ShelfSheet = lazyPart("This part", async () => (await import("../write/shelf/ShelfSheet")).ShelfSheet);

export function ShareCard({ post, readOnly }: { post: Post; readOnly: boolean }) {
  const session = usePostSession();
  const site = useAppSelector((state) => state.session.site);
  const report = useAppSelector((state) => state.openPost.report);
  const dispatch = useAppDispatch();
  const [choosing, setChoosing] = useState(false);
  // biome-ignore lint/correctness/useExhaustiveDependencies: report stands for the document
  const lead = useMemo(
    () => session.blocks().find((block): block is PictureBlock => block.kind === "picture"),
    [session, report],
  );
  const own = post.socialPicture ?? "";
  const source = usePictureSource(own || (lead?.src ?? ""));
  const address = postAddress(post, site);
  const share = (socialPicture: string) => dispatch(postEdited({ socialPicture }));
  return (
    <section aria-label="When shared" className="max-w-[44rem]">
      <h2 className="mb-2 text-[13px] text-ink-2">When shared</h2>
      <div className="flex items-stretch border border-rule bg-sheet">
        <div className="flex h-36 w-56 shrink-0 items-center justify-center overflow-hidden border-r border-rule bg-paper text-center text-[13px] text-ink-2">
          {source ? (
            <img
              src={source}
              alt={own ? "The picture chosen for sharing" : (lead?.alt ?? "")}
              className="h-full w-full object-cover"
            />
          ) : own && !assetId(own) ? (
            <span className="break-all px-3">At {own}, and not loaded from there</span>
          ) : (
            "No lead picture"
          )}
        </div>
        <div className="min-w-0 flex-1 p-3">
          <p className="truncate text-[12px] text-ink-2">
            {address ? address.replace(/^https?:\/\//, "") : "no address yet"}
          </p>
          <p dir="auto" className="mt-0.5 line-clamp-2 font-serif text-[17px] leading-snug">
            {post.metaTitle || post.title || "Untitled post"}
          </p>
          <p dir="auto" className="mt-1 line-clamp-3 text-[13px] text-ink-2">
            {post.description || "No description."}
          </p>
        </div>
      </div>
      <p className="mt-1.5 flex flex-wrap gap-x-4 text-[13px] text-ink-2">
        {own ? "It has its own picture for sharing." : "The lead picture is used for sharing."}
        {!readOnly && (
          <>
            <button
              type="button"
              data-field="socialPicture"
              className="quiet-link"
              onClick={() => setChoosing(true)}
            >
              Choose another picture
            </button>
            {(own || lead) && (
              <CropButton src={own || lead!.src} label="Crop it for sharing" onTake={share} />
            )}
            {own && (
              <button type="button" className="quiet-link" onClick={() => share("")}>
                Use the lead picture
              </button>
            )}
          </>
        )}
      </p>
      {choosing && (
        <ShelfSheet
          title="Picture for sharing"
          onTake={({ asset }) => share(`${ASSET_PREFIX}${asset.id}`)}
          onClose={() => setChoosing(false)}
        />
      )}
    </section>
  );
}
