/**
 * A line about what the pointer or the focus is on. Its parts are made only once something comes near: a table of a hundred rows has hundreds.
 * It stays while the pointer is on it, and Escape closes it (WCAG 2.2, success criterion 1.4.13).
 */
import { Slot } from "radix-ui";
import { type FocusEvent, type PointerEvent, type ReactElement, type ReactNode, useState } from "react";
import type { Near } from "./TooltipBubble";
import { useLoaded } from "./useLoaded";

const loadBubble = async () => (await import("./TooltipBubble")).TooltipBubble;

interface Props {
  /** What it says; where there is nothing, none is shown. */
  says: ReactNode;
  /** Only where the element cannot show all of its text. */
  whenCut?: boolean;
  /** One element, which takes pointer and focus. */
  children: ReactElement;
}

export function Tooltip({ says, whenCut = false, children }: Props) {
  const [near, setNear] = useState<Near | null>(null);
  const [describedBy, setDescribedBy] = useState<string>();
  const due = Boolean(says) && near !== null && !(whenCut && fits(near.element));
  const Bubble = useLoaded(due, loadBubble);
  const gone = () => setNear(null);
  return (
    <>
      <Slot.Root
        {...(describedBy && { "aria-describedby": describedBy })}
        onPointerEnter={({ currentTarget, pointerType }: PointerEvent<HTMLElement>) => {
          if (pointerType !== "touch") setNear({ element: currentTarget, by: "pointer", leaving: false });
        }}
        onPointerLeave={() => setNear((now) => (now?.by === "pointer" ? { ...now, leaving: true } : now))}
        onPointerDown={gone}
        onFocus={({ currentTarget }: FocusEvent<HTMLElement>) => {
          if (currentTarget.matches(":focus-visible"))
            setNear({ element: currentTarget, by: "key", leaving: false });
        }}
        onBlur={gone}
      >
        {children}
      </Slot.Root>
      {due && Bubble && <Bubble near={near} says={says} onShown={setDescribedBy} onGone={gone} />}
    </>
  );
}

const fits = (element: HTMLElement): boolean => element.scrollWidth <= element.clientWidth;
