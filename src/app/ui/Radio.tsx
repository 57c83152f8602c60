import { RadioGroup as Radix } from "radix-ui";
import type { ReactNode } from "react";

interface Props<T extends string> {
  label: string;
  /** None where nothing is chosen yet. */
  value: T | "";
  onChange: (value: T) => void;
  className?: string;
  /** Labels, each with a Radio in it. */
  children: ReactNode;
}

/** One of a few, each with a round mark. */
export function RadioGroup<T extends string>({ label, value, onChange, className = "", children }: Props<T>) {
  return (
    <Radix.Root
      aria-label={label}
      value={value}
      onValueChange={(chosen) => onChange(chosen as T)}
      className={className}
    >
      {children}
    </Radix.Root>
  );
}

export function Radio({ value, className = "" }: { value: string; className?: string }) {
  return (
    <Radix.Item
      value={value}
      className={`flex size-4 flex-none items-center justify-center rounded-full border border-edge bg-sheet data-[state=checked]:border-proof ${className}`}
    >
      <Radix.Indicator className="block size-2 rounded-full bg-proof" />
    </Radix.Item>
  );
}
