/** Days and a time at which posts go out: its free slots take the posts that are chosen. */
import type { Pattern } from "../../core/calendar/plan";
import { Button } from "../ui/Button";
import { firstDayOfWeek } from "../ui/calendarDays";
import { count } from "../ui/figures";

const SHORT = new Intl.DateTimeFormat(undefined, { weekday: "short", timeZone: "UTC" });
const LONG = new Intl.DateTimeFormat(undefined, { weekday: "long", timeZone: "UTC" });
/** A Sunday. */
const dayOf = (weekday: number): Date => new Date(Date.UTC(2026, 1, 1 + weekday, 12));

interface Props {
  pattern: Pattern;
  onChange: (pattern: Pattern) => void;
  picked: number;
  onFill: () => void;
}

export function PatternForm({ pattern, onChange, picked, onFill }: Props) {
  const first = firstDayOfWeek();
  const toggle = (day: number) =>
    onChange({
      ...pattern,
      days: pattern.days.includes(day) ? pattern.days.filter((one) => one !== day) : [...pattern.days, day],
    });
  return (
    <div className="flex flex-wrap items-center gap-3">
      <h2 className="font-serif text-xl">Not scheduled</h2>
      <fieldset className="ml-auto flex min-w-0 flex-wrap items-center gap-1">
        <legend className="sr-only">Days on which posts go out</legend>
        <span className="mr-1 text-[13px] text-ink-2">Posts go out on</span>
        {Array.from({ length: 7 }, (_, at) => (at + first) % 7).map((day) => (
          <button
            key={day}
            type="button"
            aria-pressed={pattern.days.includes(day)}
            aria-label={LONG.format(dayOf(day))}
            className={`h-7 rounded border px-2 text-[13px] ${pattern.days.includes(day) ? "border-proof bg-proof-wash font-semibold text-proof" : "border-edge bg-sheet text-ink-2"}`}
            onClick={() => toggle(day)}
          >
            {SHORT.format(dayOf(day))}
          </button>
        ))}
      </fieldset>
      <label className="flex items-center gap-1.5 text-[13px] text-ink-2">
        at
        <input
          type="time"
          required
          className="field-box figures !w-28"
          value={pattern.time}
          onChange={(event) => event.target.value && onChange({ ...pattern, time: event.target.value })}
        />
      </label>
      <Button kind="primary" disabled={!picked || !pattern.days.length} onClick={onFill}>
        {picked ? `Schedule ${count(picked, "post")} in the next free slots` : "Choose posts to schedule"}
      </Button>
    </div>
  );
}
