/** One of a few ways, side by side in one frame. */
import { RadioGroup } from "radix-ui";

interface Props<T extends string> {
  label: string;
  /** What can be chosen, with how it is called, in order. */
  options: Readonly<Record<T, string>>;
  value: T;
  onChange: (value: T) => void;
}

export function Segments<T extends string>({ label, options, value, onChange }: Props<T>) {
  return (
    <RadioGroup.Root
      aria-label={label}
      orientation="horizontal"
      value={value}
      onValueChange={(chosen) => onChange(chosen as T)}
      className="flex"
    >
      {(Object.keys(options) as T[]).map((id) => (
        <RadioGroup.Item
          key={id}
          value={id}
          className="flex h-8 items-center border border-edge bg-sheet px-3 not-first:border-l-0 first:rounded-l last:rounded-r focus-visible:z-10 data-[state=checked]:bg-proof-wash data-[state=checked]:font-semibold data-[state=checked]:text-proof"
        >
          {options[id]}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
