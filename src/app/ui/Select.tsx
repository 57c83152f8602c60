/** One of several, chosen from a list that drops down. The list is loaded with the first one that is come near to. */
import { ChevronDown } from "lucide-react";
import { type KeyboardEvent, useId, useRef, useState } from "react";
import type { SelectGroup, SelectOption } from "./selectOptions";
import { useLoaded } from "./useLoaded";

const loadList = async () => (await import("./SelectList")).SelectList;

interface Props<T extends string> {
  /** That of the element a label names. */
  id?: string;
  /** What it is called, where no label element names it. */
  label?: string;
  value: T;
  options: readonly (SelectOption<T> | SelectGroup<T>)[];
  onChange: (value: T) => void;
  disabled?: boolean;
  /** Said while the value is none of the options. */
  placeholder?: string;
  className?: string;
}

export function Select<T extends string>(props: Props<T>) {
  const { id, label, value, options, onChange, disabled = false, placeholder = "", className = "" } = props;
  const button = useRef<HTMLButtonElement>(null);
  const [near, setNear] = useState(false);
  const [open, setOpen] = useState(false);
  const listId = useId();
  const List = useLoaded(near || open, loadList);
  const chosen = options
    .flatMap((option) => ("group" in option ? option.options : option))
    .find((option) => option.value === value);
  return (
    <>
      <button
        ref={button}
        id={id}
        type="button"
        role="combobox"
        aria-label={label}
        aria-haspopup="listbox"
        aria-expanded={open}
        aria-controls={open ? listId : undefined}
        disabled={disabled}
        onPointerEnter={() => setNear(true)}
        onFocus={() => setNear(true)}
        onClick={() => setOpen(true)}
        onKeyDown={(event: KeyboardEvent) => {
          if (event.key !== "ArrowDown" && event.key !== "ArrowUp") return;
          event.preventDefault();
          setOpen(true);
        }}
        className={`field-box inline-flex items-center justify-between gap-2 text-left disabled:cursor-default disabled:text-ink-2 ${className}`}
      >
        <span className="truncate">{chosen?.label ?? placeholder}</span>
        <ChevronDown size={14} className="flex-none text-ink-2" aria-hidden="true" />
      </button>
      {open && List && (
        <List
          id={listId}
          button={button.current!}
          value={value}
          options={options}
          onChange={(next) => onChange(next as T)}
          onClose={() => setOpen(false)}
        />
      )}
    </>
  );
}

/** A list to choose from with its name beside it, or above it. */
export function LabelledSelect<T extends string>({
  label,
  above = false,
  ...rest
}: Omit<Props<T>, "id" | "label"> & { label: string; above?: boolean }) {
  const id = useId();
  return (
    <span className={above ? "block" : "flex items-center gap-2"}>
      <label htmlFor={id} className={`text-ink-2 ${above ? "mb-0.5 block" : ""}`}>
        {label}
      </label>
      <Select id={id} {...rest} />
    </span>
  );
}
