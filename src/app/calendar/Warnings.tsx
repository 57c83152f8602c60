/** What stands too close on the calendar, or too late. */
import { useState } from "react";
import { Link } from "react-router";
import type { CalendarWarning } from "../../core/calendar/plan";

const SHOWN = 3;

export function Warnings({ warnings }: { warnings: readonly CalendarWarning[] }) {
  const [all, setAll] = useState(false);
  if (!warnings.length) return null;
  const shown = all ? warnings : warnings.slice(0, SHOWN);
  return (
    <section aria-label="To look at" className="border-l-2 border-plum bg-plum-wash px-3 py-2 text-[13px]">
      <ul>
        {shown.map(({ says, ids }) => (
          <li key={says}>
            {says}{" "}
            <Link className="quiet-link" to={`/post/${ids[0]}/release`}>
              Open
            </Link>
          </li>
        ))}
      </ul>
      {warnings.length > SHOWN && (
        <button type="button" className="quiet-link" onClick={() => setAll(!all)}>
          {all ? "Show fewer" : `Show ${warnings.length - SHOWN} more`}
        </button>
      )}
    </section>
  );
}
