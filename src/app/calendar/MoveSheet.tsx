/** One post of the calendar: its due date, and the minute at which it goes live. */
import { useState } from "react";
import { Link } from "react-router";
import { momentIn, partsIn } from "../../core/site/zonedTime";
import type { Post, Site } from "../../data/model";
import { Button } from "../ui/Button";
import { DateField } from "../ui/DateField";
import { FieldLine } from "../ui/FieldLine";
import { Sheet } from "../ui/Sheet";

interface Props {
  post: Post;
  site: Site;
  onSchedule: (at: string) => void;
  onDue: (date: string) => void;
  onClose: () => void;
}

export function MoveSheet({ post, site, onSchedule, onDue, onClose }: Props) {
  const { timeZone } = site;
  const there = post.status === "scheduled" && post.publishAt ? partsIn(post.publishAt, timeZone) : null;
  const [date, setDate] = useState(there?.date ?? "");
  const [time, setTime] = useState(there?.time ?? "08:00");
  const at = date && /^\d\d:\d\d$/.test(time) ? momentIn(date, time, timeZone) : "";
  const past = at !== "" && at <= new Date().toISOString();
  const fixed = post.status === "live";
  return (
    <Sheet title={post.title || "Untitled post"} onClose={onClose}>
      <div className="flex flex-col gap-3">
        {!fixed && (
          <>
            <FieldLine label="Due" hint="The day by which it should be finished.">
              {(id) => <DateField id={id} label="Due" value={post.due} onChange={onDue} />}
            </FieldLine>
            <FieldLine label="Goes live" hint={`In the time zone of the site, ${timeZone}.`}>
              {(id) => (
                <span className="flex flex-wrap items-center gap-2">
                  <DateField id={id} label="Goes live on" value={date} onChange={setDate} />
                  <input
                    type="time"
                    aria-label="Goes live at"
                    className="field-box figures !w-28"
                    value={time}
                    onChange={(event) => setTime(event.target.value)}
                  />
                </span>
              )}
            </FieldLine>
            {past && <p className="text-plum">That minute has passed. Choose a later one.</p>}
          </>
        )}
        <div className="flex flex-wrap items-center gap-3">
          {!fixed && (
            <Button
              kind="primary"
              disabled={!at || past}
              onClick={() => {
                onSchedule(at);
                onClose();
              }}
            >
              {there ? "Move it there" : "Schedule"}
            </Button>
          )}
          <Link className="quiet-link" to={`/post/${post.id}/release`}>
            Open its release stage
          </Link>
        </div>
      </div>
    </Sheet>
  );
}
