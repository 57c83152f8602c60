import { useState } from "react";
import { Link } from "react-router";
import { deletePost } from "../../../data/posts";
import { Button } from "../../ui/Button";
import { count, whole } from "../../ui/figures";
import { Sheet } from "../../ui/Sheet";
import { type Imported, NAMED } from "./importPost";

export interface ImportRun {
  done: number;
  of: number;
  /** Null while it goes on. */
  results: Imported[] | null;
  stop: AbortController;
}

/** How far an import is, and then what came in and what did not. */
export function ImportReport({ run, onClose }: { run: ImportRun; onClose: () => void }) {
  const { done, of, results, stop } = run;
  const [takenBack, setTakenBack] = useState(false);
  const close = () => {
    stop.abort();
    onClose();
  };
  if (!results)
    return (
      <Sheet title="Importing posts" onClose={close}>
        <p role="status" className="figures">
          {whole(done)} of {whole(of)} read …
        </p>
        <progress aria-label="Posts imported" className="my-3 w-full accent-proof" value={done} max={of} />
        <Button onClick={() => stop.abort()}>Stop; what is in stays</Button>
      </Sheet>
    );
  const came = results.filter((one) => "id" in one);
  const failed = results.filter((one) => "error" in one);
  const others = results.filter((one) => "leftAlone" in one);
  const takeBack = async () => {
    for (const { id } of came) await deletePost(id);
    setTakenBack(true);
  };
  return (
    <Sheet title="Imported posts" wide onClose={close}>
      <p className="mb-3">
        {takenBack
          ? "All of them were taken out again; your posts are as they were."
          : `${count(came.length, "post")} came in${failed.length ? `, ${count(failed.length, "file")} did not` : ""}${stop.signal.aborted ? "; the rest was not read" : ""}.`}
      </p>
      {failed.length > 0 && (
        <section aria-label="What did not come in" className="mb-4">
          <h3 className="mb-1 text-plum">What did not come in</h3>
          <ul className="border-t border-rule">
            {failed.map(({ name, error }, i) => (
              <li key={i} className="border-b border-rule py-1.5">
                <span className="font-semibold">{name}</span>: {error}
              </li>
            ))}
          </ul>
        </section>
      )}
      {others.map(({ name, leftAlone }) => (
        <p key={name} className="mb-4 text-ink-2">
          Left alone in {name}, being neither posts nor pictures: {leftAlone.slice(0, NAMED).join(", ")}
          {leftAlone.length > NAMED && ` and ${count(leftAlone.length - NAMED, "other")}`}.
        </p>
      ))}
      {came.length > 0 && !takenBack && (
        <section aria-label="What came in">
          <h3 className="mb-1">What came in</h3>
          <ul className="border-t border-rule">
            {came.map(({ id, name, title, words, notes }) => (
              <li key={id} className="grid grid-cols-[1fr_16rem_6rem] gap-x-4 border-b border-rule py-1.5">
                <Link to={`/post/${id}/write`} className="quiet-link truncate">
                  {title || "Untitled post"}
                </Link>
                <span className="truncate text-ink-2" title={name}>
                  {name}
                </span>
                <span className="figures text-right">{whole(words)} words</span>
                {notes.length > 0 && (
                  <span className="col-span-3 text-[13px] text-plum">{notes.join(" ")}</span>
                )}
              </li>
            ))}
          </ul>
          <Button className="mt-3" onClick={() => void takeBack()}>
            Take all of them out again
          </Button>
        </section>
      )}
    </Sheet>
  );
}
