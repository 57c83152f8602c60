/** The minute at which a post goes live, in the time zone of the site. */
import { useState } from "react";
import { momentIn, partsIn } from "../../../core/site/zonedTime";
import { Button } from "../../ui/Button";
import { DateField } from "../../ui/DateField";
import { FieldLine } from "../../ui/FieldLine";
import { Sheet } from "../../ui/Sheet";

/** When a post goes out where nobody says another time. */
const USUAL_TIME = "08:00";

interface Props {
  /** How the posts that are scheduled are called. */
  what: string;
  timeZone: string;
  /** The moment that holds now (ISO), or empty. */
  value: string;
  onSchedule: (moment: string) => void;
  onClose: () => void;
}

export function ScheduleSheet({ what, timeZone, value, onSchedule, onClose }: Props) {
  const now = value ? partsIn(value, timeZone) : null;
  const [date, setDate] = useState(now?.date ?? "");
  const [time, setTime] = useState(now?.time ?? USUAL_TIME);
  const moment = date && /^\d\d:\d\d$/.test(time) ? momentIn(date, time, timeZone) : "";
  const past = moment !== "" && moment <= new Date().toISOString();
  return (
    <Sheet title="Schedule" onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (!moment || past) return;
          onSchedule(moment);
          onClose();
        }}
      >
        <p>When should {what} go live?</p>
        <FieldLine label="Day">
          {(id) => <DateField id={id} label="Day" value={date} onChange={setDate} />}
        </FieldLine>
        <FieldLine label="Time" hint={`In the time zone of the site, ${timeZone}.`}>
          {(id) => (
            <input
              id={id}
              type="time"
              required
              className="field-box figures !w-32"
              value={time}
              onChange={(event) => setTime(event.target.value)}
            />
          )}
        </FieldLine>
        <p role="status" className={past ? "text-plum" : "text-ink-2"}>
          {past ? "That minute has passed. Choose a later one, or publish now." : ""}
        </p>
        <div className="flex gap-3">
          <Button kind="primary" type="submit" disabled={!moment || past}>
            Schedule
          </Button>
          <Button onClick={onClose}>Cancel</Button>
        </div>
      </form>
    </Sheet>
  );
}
