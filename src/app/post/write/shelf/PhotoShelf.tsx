import { useState } from "react";
import type { ShelfPhoto } from "../../../../data/schemas/photos";
import { photoAddress } from "../../../../services/photos/photoClient";
import { useDependencies } from "../../../store/DependenciesContext";
import { useAppDispatch } from "../../../store/hooks";
import { useAsk } from "../../../store/useAsk";
import { Failed } from "../../../ui/Failed";
import { count } from "../../../ui/figures";
import { toast } from "../../../ui/toast";
import { keepPicture } from "../keepPicture";
import { PictureCard, PictureGrid } from "./PictureGrid";
import type { Taken } from "./taken";

/** Milliseconds: a word in the making is not asked for. */
const PAUSE = 200;

export function PhotoShelf({ words, onTake }: { words: string; onTake: (taken: Taken) => void }) {
  const { photos } = useDependencies();
  const dispatch = useAppDispatch();
  const [taking, setTaking] = useState<string | null>(null);
  const answer = useAsk((_dependencies, signal) => photos.find({ words }, signal), [words], { pause: PAUSE });
  const take = async (photo: ShelfPhoto) => {
    setTaking(photo.id);
    try {
      const asset = await dispatch(keepPicture(await photos.fetch(photo), false));
      onTake({ asset, alt: photo.title, caption: `Picture: ${photo.credit}` });
    } catch (error) {
      toast.error(`“${photo.title}” was ignored: ${(error as Error).message} Your post is unchanged.`, {
        duration: 12_000,
      });
      setTaking(null);
    }
  };
  if (answer.state === "failed")
    return (
      <Failed
        what="The photo shelf did not answer"
        why={answer.why}
        safe="Your post is unchanged."
        onRetry={answer.retry}
      />
    );
  if (answer.state === "loading") return <p role="status">Asking the photo shelf …</p>;
  const { value } = answer;
  return (
    <>
      <p role="status" className="mb-2 text-[13px] text-ink-2">
        {value.photos.length
          ? `${count(value.photos.length, "picture")} from the ${value.standIn ? "stand-in, drawn for the demo" : value.service}. The credit goes into the caption.`
          : "Nothing on the shelf shows that. Try another word, or bring a picture of your own."}
      </p>
      <PictureGrid label="Pictures of the photo shelf" items={value.photos} keyOf={({ id }) => id}>
        {(photo) => (
          <PictureCard
            name={photo.title}
            about={photo.title}
            detail={`by ${photo.credit}`}
            busy={taking !== null}
            onTake={() => void take(photo)}
          >
            <img src={photoAddress(photo)} alt="" className="h-full w-full object-cover" />
          </PictureCard>
        )}
      </PictureGrid>
    </>
  );
}
