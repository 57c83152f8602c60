/** A month to choose a day from, in the person's locale. Arrows go by days, Page Up and Page Down by months. */
import { ChevronLeft, ChevronRight } from "lucide-react";
import { DayPicker } from "react-day-picker";
import { dateOf, firstDayOfWeek, isoDay } from "./calendarDays";

const MONTH = new Intl.DateTimeFormat(undefined, { month: "long", year: "numeric" });
const WEEKDAY = new Intl.DateTimeFormat(undefined, { weekday: "short" });
const FULL_WEEKDAY = new Intl.DateTimeFormat(undefined, { weekday: "long" });
const FULL_DAY = new Intl.DateTimeFormat(undefined, { dateStyle: "full" });

const TURN =
  "absolute top-0 flex size-8 items-center justify-center rounded text-ink-2 hover:bg-proof-wash hover:text-proof";

interface Props {
  /** ISO, or empty. */
  value: string;
  onChange: (value: string) => void;
}

export function Calendar({ value, onChange }: Props) {
  const chosen = dateOf(value);
  return (
    <DayPicker
      mode="single"
      autoFocus
      showOutsideDays
      weekStartsOn={firstDayOfWeek()}
      selected={chosen}
      {...(chosen && { defaultMonth: chosen })}
      onSelect={(day) => onChange(day ? isoDay(day) : "")}
      formatters={{
        formatCaption: (month) => MONTH.format(month),
        formatWeekdayName: (weekday) => WEEKDAY.format(weekday),
      }}
      labels={{
        labelGrid: (month) => MONTH.format(month),
        labelWeekday: (weekday) => FULL_WEEKDAY.format(weekday),
        labelDayButton: (day, { selected, today }) =>
          `${FULL_DAY.format(day)}${today ? ", today" : ""}${selected ? ", chosen" : ""}`,
        labelPrevious: () => "Month before",
        labelNext: () => "Month after",
      }}
      components={{
        Chevron: ({ orientation }) => {
          const Icon = orientation === "left" ? ChevronLeft : ChevronRight;
          return <Icon size={16} aria-hidden="true" />;
        },
      }}
      classNames={{
        months: "relative",
        month_caption: "flex h-8 items-center justify-center font-semibold",
        button_previous: `${TURN} left-0`,
        button_next: `${TURN} right-0`,
        month_grid: "figures mt-1 border-collapse",
        weekday: "size-8 text-[12px] font-normal text-ink-2",
        day: "p-0 text-center",
        day_button: "size-8 rounded hover:bg-proof-wash",
        outside: "text-ink-2",
        today: "font-semibold underline underline-offset-4",
        selected: "[&>button]:bg-proof [&>button]:text-on-proof [&>button]:hover:bg-proof-deep",
      }}
    />
  );
}
