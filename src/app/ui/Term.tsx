import { type KeyboardEvent, type ReactNode, useId, useState } from "react";
import { GLOSSARY, type TermId } from "./glossary";

/** A word of ours with its meaning in one line, on hover and on focus; Escape puts it away (WCAG 2.2, success criterion 1.4.13). */
export function Term({ id, children }: { id: TermId; children?: ReactNode }) {
  const hint = useId();
  const [away, setAway] = useState(false);
  const [name, says] = GLOSSARY[id];
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the button inside is what acts; leaving it brings the hint back
    <span className="group/term relative inline-block" onPointerLeave={() => setAway(false)}>
      <button
        type="button"
        aria-describedby={hint}
        className="cursor-help underline decoration-edge decoration-dotted underline-offset-4"
        onBlur={() => setAway(false)}
        onKeyDown={(event: KeyboardEvent) => {
          if (event.key !== "Escape" || away) return;
          event.stopPropagation();
          setAway(true);
        }}
      >
        {children ?? name}
      </button>
      <span
        role="tooltip"
        id={hint}
        className={`pointer-events-none invisible absolute left-0 top-full z-40 mt-1 w-max max-w-[20rem] whitespace-normal rounded border border-edge bg-sheet px-2 py-1 text-left font-sans text-[12px] font-normal not-italic leading-snug text-ink shadow-md group-hover/term:pointer-events-auto ${away ? "" : "group-hover/term:visible group-focus-within/term:visible"}`}
      >
        {says}
      </span>
    </span>
  );
}
