/** One of a few ways, side by side in one frame. */
import { useId } from "react";

interface Props<T extends string> {
  label: string;
  /** What can be chosen, with how it is called, in order. */
  options: Readonly<Record<T, string>>;
  value: T;
  onChange: (value: T) => void;
}

export function Segments<T extends string>({ label, options, value, onChange }: Props<T>) {
  const name = useId();
  return (
    <fieldset className="flex">
      <legend className="sr-only">{label}</legend>
      {(Object.keys(options) as T[]).map((id) => (
        <label
          key={id}
          className={`flex h-8 cursor-pointer items-center border border-edge px-3 first-of-type:rounded-l last-of-type:rounded-r not-first-of-type:border-l-0 has-focus-visible:outline-2 has-focus-visible:outline-proof ${
            value === id ? "bg-proof-wash font-semibold text-proof" : "bg-sheet"
          }`}
        >
          <input
            type="radio"
            name={name}
            className="sr-only"
            checked={value === id}
            onChange={() => onChange(id)}
          />
          {options[id]}
        </label>
      ))}
    </fieldset>
  );
}
