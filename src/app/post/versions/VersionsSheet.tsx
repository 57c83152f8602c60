/** Versions of the post: what was kept when, how it differs from now, and the way back. */

import { RotateCcw } from "lucide-react";
import { useEffect, useMemo, useState } from "react";
import { messageOf } from "../../../core/messageOf";
import { type BlockChange, compareDocs, withBlockBack } from "../../../core/versions/compare";
import { listVersions, nameVersion } from "../../../data/versions";
import { getVersionDoc } from "../../../data/versionTexts";
import { useAppDispatch } from "../../store/hooks";
import { postEdited } from "../../store/openPostSlice";
import { useAsk } from "../../store/useAsk";
import { Button } from "../../ui/Button";
import { dayAndTime } from "../../ui/dates";
import { Failed } from "../../ui/Failed";
import { whole } from "../../ui/figures";
import { Sheet } from "../../ui/Sheet";
import { toast } from "../../ui/toast";
import { usePostSession } from "../SessionContext";
import { useOpenPost } from "../useOpenPost";
import { keepCurrent } from "./keepCurrent";
import { ScoreLine } from "./ScoreLine";
import { VersionChanges } from "./VersionChanges";

export function VersionsSheet({ onClose }: { onClose: () => void }) {
  const session = usePostSession();
  const dispatch = useAppDispatch();
  const { readOnly, report } = useOpenPost("readOnly", "report");
  const kept = useAsk(() => listVersions(session.postId), [session]);
  const versions = kept.state === "ready" ? kept.value : null;
  const [chosen, setChosen] = useState<string | null>(null);
  const then = useAsk(
    async () => (chosen ? { of: chosen, doc: (await getVersionDoc(chosen)) ?? null } : null),
    [chosen],
  );
  const old = then.state === "ready" && then.value?.of === chosen ? then.value.doc : null;
  const [name, setName] = useState("");
  // Taking something back changes the text under this sheet.
  const [turn, setTurn] = useState(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: turn stands for the document
  const now = useMemo(() => session.json(), [session, turn]);
  const changes = useMemo(() => old && compareDocs(old, now), [old, now]);
  const version = versions?.find(({ id }) => id === chosen);

  const newest = versions?.[0]?.id ?? null;
  useEffect(() => setChosen((before) => before ?? newest), [newest]);

  const keepNow = async () => {
    const more = await dispatch(keepCurrent({ name: name.trim(), why: "by hand" }));
    if (!more) toast("Nothing has changed since the latest version, so the name was given to that.");
    setName("");
    kept.retry();
  };
  const back = async () => {
    if (!version || !old) return;
    await dispatch(keepCurrent({ why: "before going back" }));
    const { title, metaTitle, description } = version.fields;
    session.setDoc(old);
    dispatch(postEdited({ title, metaTitle, description }));
    toast(`The post is as it was on ${dayAndTime(version.savedAt)}. How it was before is kept as a version.`);
    onClose();
  };
  const blockBack = (all: readonly BlockChange[], at: number) => {
    session.setDoc(withBlockBack(now, all, at));
    setTurn(turn + 1);
    toast("One block is as it was.", {
      action: {
        label: "Undo",
        onClick: () => {
          session.setDoc(now);
          setTurn((one) => one + 1);
        },
      },
    });
  };

  return (
    <Sheet title="Versions" wide onClose={onClose}>
      <div className="grid grid-cols-[19rem_1fr] gap-6">
        <div className="flex flex-col gap-3">
          <form
            className="flex items-end gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              keepNow().catch(failed);
            }}
          >
            <label className="min-w-0 flex-1 text-[13px]">
              Keep the current text under a name
              <input
                className="field-box mt-1"
                value={name}
                maxLength={100}
                placeholder="Sent to Ines"
                onChange={(event) => setName(event.target.value)}
              />
            </label>
            <Button type="submit" disabled={readOnly || !name.trim()}>
              Keep
            </Button>
          </form>
          {kept.state === "loading" && (
            <p role="status" className="text-ink-2">
              Reading the versions …
            </p>
          )}
          {kept.state === "failed" && (
            <Failed
              what="The versions could not be read"
              why={kept.why}
              safe="Your text is unchanged."
              onRetry={kept.retry}
            />
          )}
          {versions && <ScoreLine versions={versions} now={report?.score ?? null} />}
          {versions?.length === 0 && (
            <p className="text-ink-2">
              None yet. One is kept when you begin to change a post, every ten minutes of writing, and when
              you leave it.
            </p>
          )}
          <ol aria-label="Versions" className="max-h-[52vh] overflow-y-auto border-t border-rule">
            {versions?.map((one) => (
              <li key={one.id} className="border-b border-rule">
                <button
                  type="button"
                  aria-pressed={one.id === chosen}
                  onClick={() => setChosen(one.id)}
                  className={`grid w-full grid-cols-[1fr_auto_3rem] gap-x-3 px-2 py-1.5 text-left ${one.id === chosen ? "bg-proof-wash" : "hover:bg-paper"}`}
                >
                  <span className={`truncate ${one.name ? "font-semibold" : ""}`}>
                    {one.name || dayAndTime(one.savedAt)}
                  </span>
                  <span className="figures text-[13px] text-ink-2">{whole(one.words)} words</span>
                  <span className="figures text-right">
                    {one.score === null ? "–" : one.score.toFixed(1)}
                  </span>
                  <span className="col-span-3 text-[12px] text-ink-2">
                    {one.name ? `${dayAndTime(one.savedAt)}, ${one.why}` : one.why}
                  </span>
                </button>
              </li>
            ))}
          </ol>
        </div>
        {version && (
          <section aria-label="What changed since" className="flex min-w-0 flex-col gap-3">
            <div className="flex items-center gap-3">
              <input
                key={version.id}
                aria-label="Name of this version"
                placeholder="A named version is kept for good"
                className="line-field min-w-0 flex-1"
                defaultValue={version.name}
                maxLength={100}
                onBlur={(event) => {
                  const given = event.target.value.trim();
                  if (given !== version.name) nameVersion(version.id, given).then(kept.retry, failed);
                }}
              />
              <Button disabled={readOnly || !old} onClick={() => back().catch(failed)}>
                <RotateCcw size={14} aria-hidden="true" /> Go back to this version
              </Button>
            </div>
            {then.state === "failed" && (
              <Failed
                what="This version could not be read"
                why={then.why}
                safe="Your text is unchanged."
                onRetry={then.retry}
              />
            )}
            {changes && <VersionChanges changes={changes} onBack={readOnly ? null : blockBack} />}
          </section>
        )}
      </div>
    </Sheet>
  );
}

function failed(error: unknown): void {
  toast.error(`The versions could not be reached: ${messageOf(error)}. Your text is unchanged.`);
}
