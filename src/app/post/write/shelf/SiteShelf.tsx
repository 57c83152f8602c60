import { useMemo } from "react";
import { foldPlain } from "../../../../core/text/fold";
import { ASSET_PREFIX } from "../../../../data/assets";
import { type SitePicture, sitePictures } from "../../../../data/sitePictures";
import { useAsk } from "../../../store/useAsk";
import { usePictureSource } from "../../../store/usePictureSource";
import { Failed } from "../../../ui/Failed";
import { count } from "../../../ui/figures";
import { kilobytes } from "../../../ui/shortFigures";
import { PictureCard, PictureGrid } from "./PictureGrid";
import type { Taken } from "./taken";

export function SiteShelf({ words, onTake }: { words: string; onTake: (taken: Taken) => void }) {
  const answer = useAsk(sitePictures, []);
  const pictures = answer.state === "ready" ? answer.value : null;
  const shown = useMemo(() => {
    const folded = foldPlain(words).split(" ").filter(Boolean);
    return pictures?.filter(({ asset, alt, caption, posts }) => {
      const says = foldPlain([asset.fileName, alt, caption, ...posts].join(" "));
      return folded.every((word) => says.includes(word));
    });
  }, [pictures, words]);
  if (answer.state === "failed")
    return (
      <Failed
        what="The pictures could not be read"
        why={answer.why}
        safe="Your post is unchanged."
        onRetry={answer.retry}
      />
    );
  if (!shown) return <p role="status">Looking through the posts …</p>;
  if (!shown.length)
    return (
      <p>
        {pictures!.length
          ? "No picture of the site has these words in its name, alt text or caption."
          : "The site has no pictures yet: drop one on the sheet, or look at the photo shelf."}
      </p>
    );
  return (
    <PictureGrid label="Pictures of the site" items={shown} keyOf={({ asset }) => asset.id}>
      {(picture) => <Card picture={picture} onTake={onTake} />}
    </PictureGrid>
  );
}

function Card({ picture, onTake }: { picture: SitePicture; onTake: (taken: Taken) => void }) {
  const { asset, alt, caption, posts } = picture;
  const source = usePictureSource(`${ASSET_PREFIX}${asset.id}`);
  return (
    <PictureCard
      name={asset.fileName}
      about={alt || asset.fileName}
      detail={`${kilobytes(asset.blob.size)}, ${posts.length ? `in ${count(posts.length, "post")}` : "in no post"}`}
      onTake={() => onTake({ asset, alt, caption })}
    >
      {source && <img src={source} alt={alt} className="h-full w-full object-cover" />}
    </PictureCard>
  );
}
