/** The profile, changed in a form or as JSON, with what the change does to all posts before it is taken. */

import { Type } from "@sinclair/typebox";
import { type ReactNode, useState } from "react";
import { groups } from "../../../core/proof/groups";
import { defaultProfile, type Profile } from "../../../core/proof/profile";
import { profileShape } from "../../../core/proof/profileShape";
import { checks } from "../../../core/proof/registry";
import { fieldsOf, type ThresholdField } from "../../../core/proof/thresholdFields";
import { valueAt } from "../../../core/valueAt";
import { useAppDispatch } from "../../store/hooks";
import { useAskOrTell } from "../../store/useAskOrTell";
import { Button } from "../../ui/Button";
import { count, points } from "../../ui/figures";
import { Segments } from "../../ui/Segments";
import { Select } from "../../ui/Select";
import { Sheet } from "../../ui/Sheet";
import { Tooltip } from "../../ui/Tooltip";
import { type Fault, faultsOf, type Path, readProfileText, type Value, withValue } from "./profileForm";
import { type Moved, tryProfile } from "./tryProfile";

const PAUSE = 500;
const MOVED_SHOWN = 8;
const WAYS = { form: "Form", json: "JSON" } as const;

interface Props {
  profile: Profile;
  onTake: (profile: Profile) => void;
  onClose: () => void;
}

export function ProfileSheet({ profile, onTake, onClose }: Props) {
  const [draft, setDraft] = useState<Profile>(profile);
  const [way, setWay] = useState<keyof typeof WAYS>("form");
  const [text, setText] = useState("");
  const [textFaults, setTextFaults] = useState<Fault[]>([]);
  const faults = way === "json" ? textFaults : faultsOf(draft);
  // A weight that is being typed may be no number yet.
  const sum = faults.length ? null : Object.values(draft.checks).reduce((all, { weight }) => all + weight, 0);
  const changed = JSON.stringify(draft) !== JSON.stringify(profile);
  const turn = (next: keyof typeof WAYS) => {
    if (next === "json") {
      setText(`${JSON.stringify(draft, null, 2)}\n`);
      setTextFaults([]);
    }
    setWay(next);
  };
  const set = (path: Path, value: Value) => setDraft((before) => withValue(before, path, value));
  return (
    <Sheet title="Weights and thresholds" wide onClose={onClose}>
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <Segments label="Way to change it" options={WAYS} value={way} onChange={turn} />
        <label className="flex items-center gap-2">
          Name
          <input
            className="field-box !w-56"
            value={draft.name}
            maxLength={200}
            disabled={way === "json"}
            onChange={({ target }) => set(["name"], target.value)}
          />
        </label>
        <span className="figures text-[13px] text-ink-2">
          {sum === null ? "" : `weights sum to ${points(sum)}`}
        </span>
        <Button
          kind="quiet"
          className="ml-auto"
          onClick={() => setDraft(defaultProfile)}
          disabled={way === "json"}
        >
          Reset to the default profile
        </Button>
      </div>
      <div className="grid grid-cols-1 gap-6 min-[900px]:grid-cols-[minmax(0,1fr)_20rem]">
        {way === "form" ? (
          <Form draft={draft} before={profile} faults={faults} onSet={set} />
        ) : (
          <textarea
            aria-label="The profile as JSON"
            aria-invalid={faults.length > 0}
            aria-describedby="profile-faults"
            className="field-box h-[52vh] font-mono text-[13px]"
            spellCheck={false}
            value={text}
            onChange={({ target }) => {
              setText(target.value);
              const read = readProfileText(target.value);
              if ("profile" in read) setDraft(read.profile);
              setTextFaults("faults" in read ? read.faults : []);
            }}
          />
        )}
        <div className="flex min-w-0 flex-col gap-4">
          {faults.length > 0 && (
            <div
              role="alert"
              id="profile-faults"
              className="border-l-2 border-plum bg-plum-wash px-3 py-2 text-[13px]"
            >
              <p className="font-semibold text-plum">{count(faults.length, "field")} to correct</p>
              <ul>
                {faults.map(({ path, says }) => (
                  <li key={`${path} ${says}`} className="break-words">
                    {path && <span className="font-semibold">{path}</span>} {says}
                  </li>
                ))}
              </ul>
            </div>
          )}
          <Effect draft={draft} changed={changed && !faults.length} />
          <Button
            kind="primary"
            className="self-start"
            disabled={!changed || faults.length > 0}
            onClick={() => {
              onTake(draft);
              onClose();
            }}
          >
            Score with this profile
          </Button>
        </div>
      </div>
    </Sheet>
  );
}

function Form({
  draft,
  before,
  faults,
  onSet,
}: {
  draft: Profile;
  before: Profile;
  faults: readonly Fault[];
  onSet: (path: Path, value: Value) => void;
}) {
  const field = (threshold: ThresholdField, value: Value) => {
    const { path } = threshold;
    return (
      <ValueField
        key={path.join(".")}
        threshold={threshold}
        value={value}
        fault={faults.find((fault) => fault.path === path.join(".") || covers(fault.path, path))}
        changed={JSON.stringify(valueAt(before, path)) !== JSON.stringify(value)}
        onSet={onSet}
      />
    );
  };
  const threshold = (one: ThresholdField) => field(one, valueAt(draft, one.path) as Value);
  return (
    <div className="max-h-[60vh] overflow-y-auto border border-rule">
      {groups.map(({ id, name }) => (
        <Part key={id} title={name}>
          {checks
            .filter(({ group }) => group === id)
            .map((check) => {
              const { weight } = draft.checks[check.id];
              const thresholds = fieldsOf(check.thresholds, ["checks", check.id]);
              return (
                <div key={check.id} className="border-b border-rule px-3 py-2 last:border-b-0">
                  <div className="flex items-center justify-between gap-3">
                    <h4 className="font-semibold">{check.name}</h4>
                    {field(
                      { path: ["checks", check.id, "weight"], label: "Weight", unit: "", options: [] },
                      weight,
                    )}
                  </div>
                  {thresholds.length > 0 && (
                    <details className="text-[13px]">
                      <summary className="w-fit text-ink-2 underline underline-offset-2">Thresholds</summary>
                      <div className="flex flex-wrap gap-x-4 gap-y-1 pt-1">{thresholds.map(threshold)}</div>
                    </details>
                  )}
                </div>
              );
            })}
        </Part>
      ))}
      <Part title="Matching and reading">
        <div className="flex flex-wrap gap-x-4 gap-y-1 px-3 py-2 text-[13px]">{GENERAL.map(threshold)}</div>
      </Part>
    </div>
  );
}

/** A fault of a list is one of each of its values. */
const covers = (fault: string, path: Path): boolean =>
  fault !== "" && fault !== "checks" && path.join(".").startsWith(`${fault}.`);

const { id: _id, name: _name, version: _version, checks: _checks, ...general } = profileShape.properties;
/** What holds for all checks. */
const GENERAL = fieldsOf(Type.Object(general));

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title}>
      <h3 className="sticky top-0 border-b border-rule bg-paper px-3 py-1 text-[13px]">{title}</h3>
      {children}
    </section>
  );
}

function ValueField({
  threshold: { path, label, unit, options },
  value,
  fault,
  changed,
  onSet,
}: {
  threshold: ThresholdField;
  value: Value;
  fault: Fault | undefined;
  changed: boolean;
  onSet: (path: Path, value: Value) => void;
}) {
  const id = `profile-${path.join("-")}`;
  const box = `field-box figures !h-7 !py-0 ${fault ? "!border-plum" : changed ? "!border-proof" : ""}`;
  return (
    <label htmlFor={id} className="flex items-center gap-1.5 text-[13px]">
      <span className={changed ? "font-semibold text-proof" : "text-ink-2"}>{label}</span>
      {options.length ? (
        <Select
          id={id}
          className={`${box} !min-h-7 !w-auto`}
          value={String(value)}
          onChange={(option) => onSet(path, option)}
          options={options.map((option) => ({ value: option, label: option }))}
        />
      ) : (
        <Tooltip says={fault?.says}>
          <input
            id={id}
            className={`${box} !w-[4.5rem] text-right`}
            inputMode="decimal"
            aria-invalid={fault !== undefined}
            value={String(value)}
            onChange={({ target }) => {
              const typed = target.value.trim();
              // What is no number yet stays as it is typed, and the fault is said.
              const number = Number(typed);
              onSet(path, typed !== "" && String(number) === typed ? number : target.value);
            }}
          />
        </Tooltip>
      )}
      {unit && <span className="text-ink-2">{unit}</span>}
    </label>
  );
}

/** Scores of all posts with the draft and with the profile in force. */
function Effect({ draft, changed }: { draft: Profile; changed: boolean }) {
  const dispatch = useAppDispatch();
  const [progress, setProgress] = useState<{ done: number; of: number } | null>(null);
  const moved = useAskOrTell(
    (_dependencies, signal) => {
      setProgress(null);
      if (!changed) return null;
      return dispatch(
        tryProfile(draft, (done, of) => {
          if (!signal.aborted) setProgress({ done, of });
          return !signal.aborted;
        }),
      );
    },
    [draft, changed, dispatch],
    {
      otherwise: null,
      current: true,
      pause: PAUSE,
      says: (why) => `The profile could not be previewed: ${why} No score has changed.`,
    },
  );
  const mean = (of: (one: Moved) => number) =>
    moved?.length ? moved.reduce((sum, one) => sum + of(one), 0) / moved.length : 0;
  return (
    <section aria-label="What it does to all posts" className="border border-rule p-3 text-[13px]">
      <h3 className="mb-1">What it does to all posts</h3>
      {!changed ? (
        <p className="text-ink-2">Change a weight or a threshold, and see here how each post would score.</p>
      ) : !moved ? (
        <p role="status" className="figures text-ink-2">
          {progress ? `Scoring ${progress.done + 1} of ${progress.of} …` : "Waiting for the last change …"}
        </p>
      ) : (
        <>
          <p role="status" className="figures mb-2">
            Mean {points(mean(({ before }) => before))} → {points(mean(({ after }) => after))};{" "}
            {moved.filter(({ before, after }) => Math.abs(after - before) >= 0.05).length} of {moved.length}{" "}
            posts move.
          </p>
          <table className="figures w-full">
            <thead className="sr-only">
              <tr>
                <th>Post</th>
                <th>Before</th>
                <th>After</th>
              </tr>
            </thead>
            <tbody>
              {moved.slice(0, MOVED_SHOWN).map(({ post, before, after }) => (
                <tr key={post.id} className="border-t border-rule">
                  <td className="max-w-[11rem] truncate py-0.5">{post.title || "Untitled post"}</td>
                  <td className="px-2 text-right text-ink-2">{points(before)}</td>
                  <td className="text-right font-semibold">{points(after)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </section>
  );
}
