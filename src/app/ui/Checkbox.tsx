import { Check, Minus } from "lucide-react";
import { Checkbox as Radix } from "radix-ui";

interface Props {
  /** What it is called, where no label element around it does. */
  label?: string;
  checked: boolean | "indeterminate";
  onChange: (checked: boolean) => void;
  disabled?: boolean;
  className?: string;
}

/** Something that is on or off. */
export function Checkbox({ label, checked, onChange, disabled = false, className = "" }: Props) {
  const Mark = checked === "indeterminate" ? Minus : Check;
  return (
    <Radix.Root
      aria-label={label}
      checked={checked}
      disabled={disabled}
      onCheckedChange={(on) => onChange(on === true)}
      className={`flex size-4 flex-none items-center justify-center rounded-[2px] border border-edge bg-sheet disabled:border-rule disabled:bg-paper data-[state=checked]:border-proof data-[state=checked]:bg-proof data-[state=checked]:text-on-proof data-[state=indeterminate]:text-proof ${className}`}
    >
      <Radix.Indicator>
        <Mark size={12} strokeWidth={3} aria-hidden="true" />
      </Radix.Indicator>
    </Radix.Root>
  );
}
