import { Slider as Radix } from "radix-ui";

interface Props {
  label: string;
  value: number;
  from: number;
  to: number;
  step: number;
  /** How the value is said. */
  says: (value: number) => string;
  onChange: (value: number) => void;
  className?: string;
}

/** A number on a line. */
export function Slider({ label, value, from, to, step, says, onChange, className = "w-40" }: Props) {
  return (
    <Radix.Root
      value={[value]}
      min={from}
      max={to}
      step={step}
      onValueChange={([next]) => next !== undefined && onChange(next)}
      className={`relative flex h-6 touch-none select-none items-center ${className}`}
    >
      <Radix.Track className="relative h-1 grow rounded bg-rule">
        <Radix.Range className="absolute h-full rounded bg-proof" />
      </Radix.Track>
      <Radix.Thumb
        aria-label={label}
        aria-valuetext={says(value)}
        className="block size-4 rounded-full border-2 border-proof bg-sheet"
      />
    </Radix.Root>
  );
}
