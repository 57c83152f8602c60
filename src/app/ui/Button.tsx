import type { ButtonHTMLAttributes } from "react";

const KINDS = {
  primary:
    "border-proof bg-proof text-on-proof hover:bg-proof-deep disabled:border-rule disabled:bg-rule disabled:text-ink-2",
  plain: "border-edge bg-sheet hover:bg-paper disabled:text-ink-2 disabled:border-rule",
  quiet: "border-transparent text-proof hover:bg-proof-wash disabled:text-ink-2",
};

export function Button({
  kind = "plain",
  className = "",
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { kind?: keyof typeof KINDS }) {
  return (
    <button
      type="button"
      className={`eased inline-flex h-8 items-center gap-1.5 whitespace-nowrap rounded border px-3 ${KINDS[kind]} ${className}`}
      {...rest}
    />
  );
}
