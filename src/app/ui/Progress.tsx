import { Progress as Radix } from "radix-ui";

interface Props {
  label: string;
  value: number;
  /** All there is to do; 0 while that is not known. */
  of: number;
  className?: string;
}

/** How far long work has come. */
export function Progress({ label, value, of, className = "w-40" }: Props) {
  const share = of > 0 ? Math.min(1, value / of) : 0;
  return (
    <Radix.Root
      aria-label={label}
      value={of > 0 ? Math.min(value, of) : null}
      max={Math.max(1, of)}
      className={`inline-block h-1.5 overflow-hidden rounded bg-rule align-middle ${className}`}
    >
      <Radix.Indicator className="block h-full bg-proof" style={{ width: `${100 * share}%` }} />
    </Radix.Root>
  );
}
