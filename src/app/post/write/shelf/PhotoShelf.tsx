import { useEffect, useState } from "react";
import { toast } from "sonner";
import type { PhotosAnswer, ShelfPhoto } from "../../../../data/schemas/photos";
import { fetchPhoto, findPhotos, photoAddress } from "../../../../services/photos/photoClient";
import { Failed } from "../../../ui/Failed";
import { count } from "../../../ui/figures";
import { keepPicture } from "../keepPicture";
import { PictureCard, PictureGrid } from "./PictureGrid";
import type { Taken } from "./taken";

/** Milliseconds: a word in the making is not asked for. */
const PAUSE = 200;

export function PhotoShelf({ words, onTake }: { words: string; onTake: (taken: Taken) => void }) {
  const [answer, setAnswer] = useState<PhotosAnswer | null>(null);
  const [failure, setFailure] = useState("");
  const [tries, setTries] = useState(0);
  const [taking, setTaking] = useState<string | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: trying again asks again
  useEffect(() => {
    const stop = new AbortController();
    const timer = setTimeout(() => {
      findPhotos({ words }, stop.signal).then(
        (found) => {
          setFailure("");
          setAnswer(found);
        },
        (error: Error) => !stop.signal.aborted && setFailure(error.message),
      );
    }, PAUSE);
    return () => {
      clearTimeout(timer);
      stop.abort();
    };
  }, [words, tries]);
  const take = async (photo: ShelfPhoto) => {
    setTaking(photo.id);
    try {
      const asset = await keepPicture(await fetchPhoto(photo), false);
      onTake({ asset, alt: photo.title, caption: `Picture: ${photo.credit}` });
    } catch (error) {
      toast.error(`“${photo.title}” was not taken: ${(error as Error).message} Your post is as it was.`, {
        duration: 12_000,
      });
      setTaking(null);
    }
  };
  if (failure)
    return (
      <Failed
        what="The photo shelf did not answer"
        why={failure}
        safe="Your post is as it was."
        onRetry={() => setTries(tries + 1)}
      />
    );
  if (!answer) return <p role="status">Asking the photo shelf …</p>;
  return (
    <>
      <p role="status" className="mb-2 text-[13px] text-ink-2">
        {answer.photos.length
          ? `${count(answer.photos.length, "picture")} from the ${answer.standIn ? "stand-in, drawn for the demo" : answer.service}. The credit goes into the caption.`
          : "Nothing on the shelf shows that. Try another word, or bring a picture of your own."}
      </p>
      <PictureGrid label="Pictures of the photo shelf" items={answer.photos} keyOf={({ id }) => id}>
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
