import { useState } from "react";
import { Link } from "react-router";
import { messageOf } from "../../../core/messageOf";
import { deletePost } from "../../../data/deletePost";
import { Button } from "../../ui/Button";
import { count, whole } from "../../ui/figures";
import { Progress } from "../../ui/Progress";
import { Sheet } from "../../ui/Sheet";
import { Tooltip } from "../../ui/Tooltip";
import { type Imported, NAMED, type Outcome, type Twin } from "./importPost";

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
  const [decided, setDecided] = useState<ReadonlyMap<Twin, Decided>>(new Map());
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
        <Progress label="Posts imported" className="my-3 w-full" value={done} of={of} />
        <Button onClick={() => stop.abort()}>Stop and keep what is imported</Button>
      </Sheet>
    );
  const settled = results.flatMap((one) => {
    const earlier = "replace" in one && decided.get(one);
    return earlier ? (earlier.outcome ?? []) : one;
  });
  const came = settled.filter((one) => "id" in one);
  const failed = settled.filter((one) => "error" in one);
  const twins = settled.filter((one) => "replace" in one);
  const others = results.filter((one) => "leftAlone" in one);
  const decide = async (some: readonly Twin[], choice: Choice) => {
    for (const twin of some) {
      const outcome = choice === "skip" ? null : await settle(twin, choice);
      setDecided((before) => new Map(before).set(twin, { choice, outcome }));
    }
  };
  // A post that was replaced was there before: its version from before brings it back, not deleting it.
  const replaced = new Set<unknown>(
    [...decided.values()].flatMap(({ choice, outcome }) => (choice === "replace" && outcome ? outcome : [])),
  );
  const own = came.filter((one) => !replaced.has(one));
  const takeBack = async () => {
    for (const { id } of own) await deletePost(id);
    setTakenBack(true);
  };
  return (
    <Sheet title="Imported posts" wide onClose={close}>
      <p className="mb-3">
        {takenBack
          ? "The new posts were deleted."
          : `${count(came.length, "post")} imported${failed.length ? `, ${count(failed.length, "file")} not imported` : ""}${stop.signal.aborted ? "; the rest was not read" : ""}.`}
      </p>
      {twins.length > 0 && <Twins twins={twins} onChoose={(some, choice) => void decide(some, choice)} />}
      {failed.length > 0 && (
        <section aria-label="Not imported" className="mb-4">
          <h3 className="mb-1 text-plum">Not imported</h3>
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
          Skipped in {name}, being neither posts nor pictures: {leftAlone.slice(0, NAMED).join(", ")}
          {leftAlone.length > NAMED && ` and ${count(leftAlone.length - NAMED, "other")}`}.
        </p>
      ))}
      {came.length > 0 && !takenBack && (
        <section aria-label="Imported">
          <h3 className="mb-1">Imported</h3>
          <ul className="border-t border-rule">
            {came.map(({ id, name, title, words, notes }) => (
              <li key={id} className="grid grid-cols-[1fr_16rem_6rem] gap-x-4 border-b border-rule py-1.5">
                <Link to={`/post/${id}/write`} className="quiet-link truncate">
                  {title || "Untitled post"}
                </Link>
                <Tooltip says={name} whenCut>
                  <span className="truncate text-ink-2">{name}</span>
                </Tooltip>
                <span className="figures text-right">{whole(words)} words</span>
                {notes.length > 0 && (
                  <span className="col-span-3 text-[13px] text-plum">{notes.join(" ")}</span>
                )}
              </li>
            ))}
          </ul>
          {own.length > 0 && (
            <Button className="mt-3" onClick={() => void takeBack()}>
              {replaced.size
                ? `Delete the ${count(own.length, "new post")} again`
                : "Delete all of them again"}
            </Button>
          )}
        </section>
      )}
    </Sheet>
  );
}

type Choice = "replace" | "both" | "skip";
/** What was chosen of a file, and what came of it; nothing where it was skipped. */
interface Decided {
  choice: Choice;
  outcome: Outcome | null;
}

/** What became of a file once somebody has chosen. */
async function settle(twin: Twin, choice: Exclude<Choice, "skip">): Promise<Outcome> {
  try {
    return await (choice === "replace" ? twin.replace() : twin.keepBoth());
  } catch (error) {
    return { name: twin.name, error: messageOf(error) };
  }
}

/** Files whose posts are there already, each with what may become of it. */
function Twins({
  twins,
  onChoose,
}: {
  twins: readonly Twin[];
  onChoose: (some: readonly Twin[], choice: Choice) => void;
}) {
  const choices = (some: readonly Twin[], of: string) => (
    <span className="flex gap-2">
      <Button aria-label={`Replace ${of}`} onClick={() => onChoose(some, "replace")}>
        Replace
      </Button>
      <Button aria-label={`Keep both of ${of}`} onClick={() => onChoose(some, "both")}>
        Keep both
      </Button>
      <Button kind="quiet" aria-label={`Skip ${of}`} onClick={() => onChoose(some, "skip")}>
        Skip
      </Button>
    </span>
  );
  return (
    <section aria-label="Posts that already exist" className="mb-4">
      <h3 className="mb-1">Posts that already exist</h3>
      <p className="mb-2 text-[13px] text-ink-2">
        Replace puts the file's text and fields into the existing post and keeps a version of how it was.
        Nothing here is imported until you choose.
      </p>
      <ul className="border-t border-rule">
        {twins.map((twin) => (
          <li key={twin.name} className="flex items-center justify-between gap-4 border-b border-rule py-1.5">
            <span className="min-w-0">
              <bdi className="block truncate">{twin.title || twin.name}</bdi>
              <span className="block truncate text-[13px] text-ink-2">
                {twin.name}: “<bdi>{twin.there}</bdi>” has the same {twin.by}
              </span>
            </span>
            {choices([twin], `“${twin.title || twin.name}”`)}
          </li>
        ))}
      </ul>
      {twins.length > 1 && (
        <div className="mt-2 flex items-center gap-3">
          <span className="text-[13px] text-ink-2">All {twins.length}:</span> {choices(twins, "all of them")}
        </div>
      )}
    </section>
  );
}
