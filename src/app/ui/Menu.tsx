/**
 * A menu behind a button. Radix's menu listens to every key of the page while it is there, to know a keyboard from a pointer: it is
 * there only while the button has the focus or the pointer, or the menu is open, so that what is typed elsewhere does not pay for it.
 */
import * as Radix from "@radix-ui/react-menu";
import { Slot } from "radix-ui";
import {
  createContext,
  type KeyboardEvent,
  type PointerEvent,
  type ReactElement,
  type ReactNode,
  useContext,
  useRef,
  useState,
} from "react";
import { overContent } from "./layers";

const Chosen = createContext<(act: () => void) => void>(() => {});

interface MenuProps {
  /** What opens it: a button, or what draws one. */
  button: ReactElement;
  align?: "start" | "end";
  side?: "top" | "bottom";
  sideOffset?: number;
  className?: string;
  /** Draws it at the end of the page, where nothing near the button could cover it. */
  portal?: boolean;
  children: ReactNode;
}

export function Menu({ button, align = "start", side = "bottom", sideOffset = 4, ...props }: MenuProps) {
  const { className = "", portal = false, children } = props;
  const [near, setNear] = useState(false);
  const [open, setOpen] = useState(false);
  const anchor = useRef<HTMLButtonElement>(null);
  const chosen = useRef<(() => void) | null>(null);
  const leftByPointer = useRef(false);

  const press = (event: PointerEvent<HTMLButtonElement>) => {
    if (event.button !== 0 || event.ctrlKey || event.currentTarget.disabled) return;
    // The menu gets the focus, not the button.
    if (!open) event.preventDefault();
    setOpen(!open);
  };
  const key = (event: KeyboardEvent) => {
    if (!["Enter", " ", "ArrowDown"].includes(event.key)) return;
    event.preventDefault();
    setOpen(true);
  };
  const content = (
    <Radix.Content
      align={align}
      side={side}
      sideOffset={sideOffset}
      className={`rounded border border-edge bg-sheet text-[13px] shadow-md ${className}`}
      onInteractOutside={() => {
        leftByPointer.current = true;
      }}
      // Only now has the menu let go of the focus: what is chosen may give it to something else.
      onCloseAutoFocus={(event) => {
        event.preventDefault();
        if (!leftByPointer.current) anchor.current?.focus();
        leftByPointer.current = false;
        chosen.current?.();
        chosen.current = null;
      }}
    >
      {children}
    </Radix.Content>
  );
  return (
    <Chosen
      value={(act) => {
        chosen.current = act;
      }}
    >
      <Slot.Root
        ref={anchor}
        aria-haspopup="menu"
        aria-expanded={open}
        onFocus={() => setNear(true)}
        onBlur={() => setNear(false)}
        onPointerEnter={() => setNear(true)}
        onPointerLeave={() => setNear(false)}
        onPointerDown={press}
        onKeyDown={key}
      >
        {button}
      </Slot.Root>
      {(near || open) && (
        <Radix.Root open={open} onOpenChange={setOpen} modal={false}>
          <Radix.Anchor virtualRef={anchor as React.RefObject<HTMLButtonElement>} />
          {portal ? <Radix.Portal container={overContent(anchor.current)}>{content}</Radix.Portal> : content}
        </Radix.Root>
      )}
    </Chosen>
  );
}

const LINE = "flex h-8 cursor-pointer items-center gap-2 px-3 outline-none data-highlighted:bg-proof-wash";

/** One thing to do. It is done once the menu has closed. */
export function MenuItem({
  onSelect,
  disabled = false,
  children,
}: {
  onSelect: () => void;
  disabled?: boolean;
  children: ReactNode;
}) {
  const choose = useContext(Chosen);
  return (
    <Radix.Item
      disabled={disabled}
      onSelect={() => choose(onSelect)}
      className={`${LINE} data-disabled:cursor-default data-disabled:text-edge`}
    >
      {children}
    </Radix.Item>
  );
}

/** One of several that are on or off; the menu stays open, so that more than one can be set in one go. */
export function MenuCheck({
  checked,
  onChange,
  children,
}: {
  checked: boolean;
  onChange: (checked: boolean) => void;
  children: ReactNode;
}) {
  return (
    <Radix.CheckboxItem
      checked={checked}
      onSelect={(event) => event.preventDefault()}
      onCheckedChange={onChange}
      className={LINE}
    >
      <span className="w-4" aria-hidden="true">
        {checked ? "✓" : ""}
      </span>
      {children}
    </Radix.CheckboxItem>
  );
}
