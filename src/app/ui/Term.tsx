import type { ReactNode } from "react";
import { GLOSSARY, type TermId } from "./glossary";
import { Tooltip } from "./Tooltip";

/** A word of ours with its meaning in one line, on hover and on focus. */
export function Term({ id, children }: { id: TermId; children?: ReactNode }) {
  const [name, says] = GLOSSARY[id];
  return (
    <Tooltip says={says}>
      <button
        type="button"
        className="cursor-help underline decoration-edge decoration-dotted underline-offset-4"
      >
        {children ?? name}
      </button>
    </Tooltip>
  );
}
