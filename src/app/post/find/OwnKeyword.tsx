import { type FormEvent, useState } from "react";
import { Button } from "../../ui/Button";

/** A keyword that a person types: no numbers are known for it, and none are made up. */
export function OwnKeyword({
  label,
  disabled,
  onTarget,
  onSupporting,
}: {
  label: string;
  disabled: boolean;
  onTarget: (text: string) => void;
  onSupporting: (text: string) => void;
}) {
  const [text, setText] = useState("");
  const clean = text.replace(/\s+/g, " ").trim();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!clean) return;
    onTarget(clean);
    setText("");
  };
  return (
    <form onSubmit={submit} className="mt-4">
      <label className="text-[13px] text-ink-2">
        {label}
        <input
          className="field-box mt-1 text-ink"
          value={text}
          maxLength={120}
          disabled={disabled}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <div className="mt-1.5 flex flex-wrap gap-2">
        <Button type="submit" disabled={!clean || disabled}>
          Use as target
        </Button>
        <Button
          kind="quiet"
          disabled={!clean || disabled}
          onClick={() => {
            onSupporting(clean);
            setText("");
          }}
        >
          Add as supporting
        </Button>
      </div>
    </form>
  );
}
