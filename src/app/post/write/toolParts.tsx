/** Parts of the block bar. */
import type { Editor } from "@tiptap/core";
import { useEditorState } from "@tiptap/react";
import { type ReactNode, useEffect, useId, useState } from "react";
import { asAddress, asEmbedAddress } from "./asAddress";

interface ActProps {
  children: ReactNode;
  onClick: () => void;
  disabled?: boolean;
  pressed?: boolean;
}
export function Act({ children, onClick, disabled = false, pressed }: ActProps) {
  return (
    <button
      type="button"
      disabled={disabled}
      aria-pressed={pressed}
      onClick={onClick}
      className={`rounded px-1.5 py-0.5 disabled:text-ink-2 disabled:opacity-50 ${pressed ? "bg-proof-wash text-proof" : "hover:bg-proof-wash"}`}
    >
      {children}
    </button>
  );
}

export const Gap = () => <span className="mx-1 h-4 w-px bg-rule" aria-hidden="true" />;

interface ChoiceProps<T extends string> {
  label: string;
  options: readonly (readonly [T, string])[];
  value: T;
  onChange: (value: T) => void;
}
/** One of a few, all in sight. */
export function Choice<T extends string>({ label, options, value, onChange }: ChoiceProps<T>) {
  return (
    <fieldset className="flex items-center gap-1">
      <legend className="sr-only">{label}</legend>
      <span className="text-ink-2" aria-hidden="true">
        {label}
      </span>
      {options.map(([option, name]) => (
        <Act key={option} pressed={option === value} onClick={() => onChange(option)}>
          {name}
        </Act>
      ))}
    </fieldset>
  );
}

interface AttributeProps {
  editor: Editor;
  type: string;
  attribute: string;
  label: string;
  placeholder?: string;
  /** Values to choose from; any other may be typed. */
  offers?: readonly string[];
  /** Only addresses that a page may link to, or embed, are taken. */
  address?: "link" | "embed";
  onEnter?: () => void;
}
/** An attribute of the active node, as a line to type in; taken with every key that leaves it valid. */
export function AttributeField({
  editor,
  type,
  attribute,
  label,
  placeholder,
  offers,
  address,
  onEnter,
}: AttributeProps) {
  const kept = useEditorState({
    editor,
    selector: ({ editor: e }) => String(e.getAttributes(type)[attribute] ?? ""),
  });
  const [text, setText] = useState(kept);
  useEffect(() => setText((before) => (taken(before, address) === kept ? before : kept)), [kept, address]);
  const list = useId();
  const refused = taken(text, address) === null;
  return (
    <label className="flex min-w-0 flex-1 items-center gap-1.5">
      <span className="text-ink-2">{label}</span>
      <input
        aria-label={label}
        className="min-w-0 flex-1 rounded border border-edge bg-sheet px-1.5 py-px"
        value={text}
        placeholder={placeholder}
        list={offers && list}
        aria-invalid={refused}
        onKeyDown={(event) => {
          if (event.key === "Enter") onEnter?.();
        }}
        onChange={(event) => {
          setText(event.target.value);
          const value = taken(event.target.value, address);
          if (value !== null) editor.commands.updateAttributes(type, { [attribute]: value });
        }}
      />
      {offers && (
        <datalist id={list}>
          {offers.map((offer) => (
            <option key={offer} value={offer} />
          ))}
        </datalist>
      )}
      {refused && (
        <span role="alert" className="text-plum">
          {address === "embed" ? "an address over https is needed" : "no address that a page may link to"}
        </span>
      )}
    </label>
  );
}

/** @returns what is kept of what was typed; null where it may not be kept */
function taken(text: string, address: "link" | "embed" | undefined): string | null {
  const trimmed = text.trim();
  if (!address || !trimmed) return trimmed;
  return address === "embed" ? asEmbedAddress(trimmed) : asAddress(trimmed);
}
