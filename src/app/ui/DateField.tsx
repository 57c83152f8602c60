import { CalendarDays, X } from "lucide-react";
import { Popover } from "radix-ui";
import { useState } from "react";
import { day, shortDay } from "./dates";
import { overPage } from "./layers";
import { lazyPart } from "./part";

const Calendar = lazyPart(
  "The calendar",
  async () => (await import("./Calendar")).Calendar,
  <span className="block h-[17rem] w-56" />,
);

interface Props {
  id: string;
  /** What it is called; its button says that and the date. */
  label: string;
  /** ISO, or empty. */
  value: string;
  onChange: (value: string) => void;
  readOnly?: boolean;
  /** What a finding or a gate finds it by. */
  field?: string;
  /** As words in a line, which say this before the day, or where there is none. */
  inWords?: { before: string; none: string };
}

/** A day, shown as the person's region writes it and chosen in a calendar. */
export function DateField({ id, label, value, onChange, readOnly = false, field, inWords }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <span className="flex items-center gap-1">
      <Popover.Root open={open} onOpenChange={setOpen}>
        <Popover.Trigger
          id={id}
          disabled={readOnly}
          data-field={field}
          aria-label={`${label}, ${value ? day(value) : "none"}`}
          className={
            inWords
              ? "quiet-link figures whitespace-nowrap disabled:no-underline"
              : "field-box figures inline-flex !w-44 items-center gap-2 text-left disabled:cursor-default disabled:text-ink-2"
          }
        >
          {inWords ? (
            value ? (
              `${inWords.before} ${shortDay(value, new Date())}`
            ) : (
              inWords.none
            )
          ) : (
            <>
              <CalendarDays size={15} className="flex-none text-ink-2" aria-hidden="true" />
              {value ? day(value) : <span className="text-ink-2">No date</span>}
            </>
          )}
        </Popover.Trigger>
        <Popover.Portal container={overPage()}>
          <Popover.Content
            align="start"
            sideOffset={4}
            collisionPadding={8}
            aria-label={label}
            className="z-50 rounded border border-edge bg-sheet p-3 text-[13px] shadow-md"
          >
            <Calendar
              value={value}
              onChange={(next) => {
                onChange(next);
                setOpen(false);
              }}
            />
            {inWords && value && (
              <button
                type="button"
                className="quiet-link mt-1"
                onClick={() => {
                  onChange("");
                  setOpen(false);
                }}
              >
                Remove the {label.toLowerCase()}
              </button>
            )}
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
      {value && !readOnly && !inWords && (
        <button
          type="button"
          aria-label={`Remove the ${label.toLowerCase()}`}
          className="flex size-8 items-center justify-center rounded text-ink-2 hover:bg-proof-wash hover:text-proof"
          onClick={() => onChange("")}
        >
          <X size={15} aria-hidden="true" />
        </button>
      )}
    </span>
  );
}
