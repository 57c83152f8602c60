import { useState } from "react";
import type { BlockChange, TextPart } from "../../../core/versions/compare";
import { Checkbox } from "../../ui/Checkbox";
import { count } from "../../ui/figures";

const NAMES: Record<BlockChange["kind"], string> = {
  same: "as it is",
  changed: "changed since",
  added: "new since",
  removed: "gone since",
};
const BACK: Record<BlockChange["kind"], string> = {
  same: "",
  changed: "Restore the old wording",
  added: "Remove it",
  removed: "Restore it",
};

interface Props {
  changes: readonly BlockChange[];
  onBack: ((changes: readonly BlockChange[], at: number) => void) | null;
}

/** The text of both states in reading order: struck through what went, underlined what came. */
export function VersionChanges({ changes, onBack }: Props) {
  const [all, setAll] = useState(false);
  const moved = changes.filter(({ kind }) => kind !== "same").length;
  const shown = changes
    .map((change, at) => ({ change, at }))
    .filter(({ change }) => all || change.kind !== "same");
  return (
    <>
      <div className="flex items-center gap-4 text-[13px]">
        <p>
          {moved
            ? `${count(moved, "block")} differ from the current text.`
            : "It is the same as the current text."}
        </p>
        <label className="ml-auto flex items-center gap-1.5">
          <Checkbox checked={all} onChange={setAll} />
          Show unchanged blocks
        </label>
      </div>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reachable by keys */}
      <ol tabIndex={0} aria-label="Changes" className="max-h-[58vh] overflow-y-auto border border-rule">
        {shown.map(({ change, at }) => (
          <li
            key={at}
            className={`grid grid-cols-[7rem_1fr_auto] gap-3 border-b border-rule px-3 py-2 last:border-0 ${change.kind === "same" ? "text-ink-2" : ""}`}
          >
            <span className="text-[12px] text-ink-2">{NAMES[change.kind]}</span>
            <p className="whitespace-pre-wrap font-serif text-[15px] leading-relaxed">
              {change.parts.map((part, i) => (
                <Part key={i} part={part} />
              ))}
              {change.parts.every(({ text }) => !text) && <em className="text-ink-2">no text</em>}
            </p>
            {onBack && change.kind !== "same" && (
              <button
                type="button"
                className="quiet-link self-start text-[13px]"
                onClick={() => onBack(changes, at)}
              >
                {BACK[change.kind]}
              </button>
            )}
          </li>
        ))}
      </ol>
    </>
  );
}

function Part({ part: { text, kind } }: { part: TextPart }) {
  if (kind === "removed") return <del className="text-plum">{text}</del>;
  if (kind === "added") return <ins className="bg-proof-wash decoration-proof">{text}</ins>;
  return <>{text}</>;
}
