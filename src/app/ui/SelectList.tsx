/** The list of a Select, while it is open. */
import { Check } from "lucide-react";
import { Select as Radix } from "radix-ui";
import { Anchor } from "./Anchor";
import { overPage } from "./layers";
import type { SelectGroup, SelectOption } from "./selectOptions";

/** Radix keeps the empty value for "nothing chosen": an option with that value has this one inside. */
const EMPTY = "\u0000";
const inside = (value: string): string => value || EMPTY;
const outside = (value: string): string => (value === EMPTY ? "" : value);

interface Props {
  id: string;
  /** The button that it belongs to. */
  button: HTMLButtonElement;
  value: string;
  options: readonly (SelectOption<string> | SelectGroup<string>)[];
  onChange: (value: string) => void;
  onClose: () => void;
}

export function SelectList({ id, button, value, options, onChange, onClose }: Props) {
  return (
    <Radix.Root
      open
      value={inside(value)}
      onValueChange={(chosen) => onChange(outside(chosen))}
      onOpenChange={(open) => !open && onClose()}
    >
      <Radix.Trigger asChild>
        <Anchor element={button} />
      </Radix.Trigger>
      <Radix.Portal container={overPage()}>
        <Radix.Content
          id={id}
          aria-label={button.getAttribute("aria-label") ?? button.labels[0]?.textContent ?? undefined}
          position="popper"
          sideOffset={2}
          collisionPadding={8}
          className="z-[60] max-h-[min(24rem,var(--radix-select-content-available-height))] min-w-(--radix-select-trigger-width) max-w-[90vw] overflow-hidden rounded border border-edge bg-sheet text-[13px] shadow-md"
        >
          <Radix.Viewport className="py-1">
            {options.map((option) =>
              "group" in option ? (
                <Radix.Group key={option.group}>
                  <Radix.Label className="px-2 pt-1.5 pb-0.5 text-[12px] text-ink-2">
                    {option.group}
                  </Radix.Label>
                  {option.options.map((one) => (
                    <Option key={one.value} {...one} />
                  ))}
                </Radix.Group>
              ) : (
                <Option key={option.value} {...option} />
              ),
            )}
          </Radix.Viewport>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}

function Option({ value, label }: SelectOption<string>) {
  return (
    <Radix.Item
      value={inside(value)}
      className="flex min-h-8 cursor-pointer items-center gap-1.5 py-1 pr-4 pl-2 outline-none data-highlighted:bg-proof-wash"
    >
      <span className="w-4 flex-none">
        <Radix.ItemIndicator>
          <Check size={14} aria-hidden="true" />
        </Radix.ItemIndicator>
      </span>
      <Radix.ItemText>{label}</Radix.ItemText>
    </Radix.Item>
  );
}
