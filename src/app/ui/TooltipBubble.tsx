/** What a tooltip shows. Loaded with the first one, since no screen needs it to begin with. */
import { Tooltip as Radix } from "radix-ui";
import { type ReactNode, useEffect, useId, useState } from "react";
import { createPortal } from "react-dom";
import { useDebouncedCallback } from "use-debounce";
import { Anchor } from "./Anchor";
import { overContent } from "./layers";

/** Milliseconds that the pointer rests before it shows, and that pass before it closes. */
const SHOW_AFTER = 350;
const CLOSE_AFTER = 120;

/** What is on the element: the pointer, or the focus by key. */
export interface Near {
  element: HTMLElement;
  by: "pointer" | "key";
  /** The pointer has left it. */
  leaving: boolean;
}

interface Props {
  near: Near;
  says: ReactNode;
  /** With its id while it shows, and with none once it does not. */
  onShown: (id: string | undefined) => void;
  onGone: () => void;
}

export function TooltipBubble({ near, says, onShown, onGone }: Props) {
  const id = useId();
  const [shown, setShown] = useState(false);
  const { element, by, leaving } = near;
  const show = useDebouncedCallback(() => {
    if (!element.isConnected) return;
    setShown(true);
    onShown(id);
  }, SHOW_AFTER);
  const close = useDebouncedCallback(onGone, CLOSE_AFTER);
  useEffect(() => {
    if (leaving) {
      show.cancel();
      close();
      return;
    }
    close.cancel();
    show();
    if (by === "key") show.flush();
  }, [by, leaving, show, close]);
  useEffect(() => () => onShown(undefined), [onShown]);
  if (!shown) return null;
  return createPortal(
    <Radix.Provider>
      <Radix.Root open onOpenChange={(open) => !open && onGone()}>
        <Radix.Trigger asChild>
          <Anchor element={element} />
        </Radix.Trigger>
        <Radix.Content
          id={id}
          side="bottom"
          sideOffset={4}
          collisionPadding={8}
          onPointerEnter={() => close.cancel()}
          onPointerLeave={() => close()}
          className="z-[60] w-max max-w-[min(22rem,90vw)] whitespace-pre-line rounded border border-edge bg-sheet px-2 py-1 font-sans text-[12px] font-normal leading-snug text-ink shadow-md"
        >
          {says}
        </Radix.Content>
      </Radix.Root>
    </Radix.Provider>,
    // Inside of the dialog it is about, where there is one: the rest of the page is inert then.
    element.closest('[role="dialog"]') ?? overContent(element) ?? document.body,
  );
}
