import { type KeyboardEvent, type ReactNode, useId, useState } from "react";
import { GLOSSARY, type TermId } from "./glossary";

/** A word of ours with its meaning in one line, on hover and on focus; Escape puts it away (WCAG 2.2, success criterion 1.4.13). */
export function Term({ id, children }: { id: TermId; children?: ReactNode }) {
  const hint = useId();
  const [shown, setShown] = useState(false);
  const [name, says] = GLOSSARY[id];
  return (
    <span
      className="relative inline-block"
      onPointerEnter={() => setShown(true)}
      onPointerLeave={() => setShown(false)}
    >
      <button
        type="button"
        aria-describedby={shown ? hint : undefined}
        className="cursor-help underline decoration-edge decoration-dotted underline-offset-4"
        onFocus={() => setShown(true)}
        onBlur={() => setShown(false)}
        onKeyDown={(event: KeyboardEvent) => {
          if (event.key !== "Escape" || !shown) return;
          event.stopPropagation();
          setShown(false);
        }}
      >
        {children ?? name}
      </button>
      {shown && (
        <span
          role="tooltip"
          id={hint}
          className="absolute left-0 top-full z-40 mt-1 w-max max-w-[min(20rem,70vw)] whitespace-normal rounded border border-edge bg-sheet px-2 py-1 text-left font-sans text-[12px] font-normal leading-snug text-ink shadow-md"
        >
          {says}
        </span>
      )}
    </span>
  );
}
