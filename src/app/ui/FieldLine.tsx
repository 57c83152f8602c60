import { type ReactNode, useId } from "react";

interface Props {
  label: string;
  /** Said in small below the field. */
  hint?: string;
  children: (id: string) => ReactNode;
}

/** A label and its field on one line. */
export function FieldLine({ label, hint, children }: Props) {
  const id = useId();
  return (
    <div className="grid grid-cols-[96px_minmax(0,1fr)] items-start gap-x-3">
      <label htmlFor={id} className="leading-8 text-ink-2">
        {label}
      </label>
      <div className="min-w-0">
        <div className="flex min-h-8 flex-col justify-center">{children(id)}</div>
        {hint && <p className="mt-0.5 text-[12px] text-ink-2">{hint}</p>}
      </div>
    </div>
  );
}
