/** Entries of the drawer beside each other: what one of them has and another lacks is seen at a glance. */
import { X } from "lucide-react";
import { useEffect, useRef } from "react";
import type { DrawerEntry } from "../../data/model";
import { Button } from "../ui/Button";
import { dayAndTime } from "../ui/dates";
import { EntryContent } from "./EntryContent";

/** More have no room beside each other. */
export const MOST_COMPARED = 3;

interface Props {
  entries: readonly DrawerEntry[];
  nameOf: (entry: DrawerEntry) => string;
  titleOf: (entry: DrawerEntry) => string;
  onLeave: (id: string) => void;
  onEnd: () => void;
}

export function SideBySide({ entries, nameOf, titleOf, onLeave, onEnd }: Props) {
  const section = useRef<HTMLElement>(null);
  const many = entries.length;
  useEffect(() => {
    // Chosen from further down: what they are chosen for comes in sight once there is something to compare.
    if (many > 1) section.current?.scrollIntoView({ block: "center" });
  }, [many]);
  if (!many) return null;
  return (
    <section ref={section} aria-labelledby="side-by-side" className="mb-6 border-y border-edge bg-paper py-3">
      <div className="mb-2 flex items-baseline gap-4">
        <h2 id="side-by-side" className="font-serif text-lg">
          Side by side
        </h2>
        {many === 1 && (
          <p role="status" className="text-[13px] text-ink-2">
            Choose another request to put beside it, {MOST_COMPARED} in all at most.
          </p>
        )}
        <span className="ml-auto">
          <Button kind="quiet" onClick={onEnd}>
            End the comparison
          </Button>
        </span>
      </div>
      <div className={`grid items-start gap-4 ${many === MOST_COMPARED ? "grid-cols-3" : "grid-cols-2"}`}>
        {entries.map((entry) => {
          const heading = entry.kind === "outline" ? entry.title : nameOf(entry);
          return (
            <article key={entry.id} aria-label={`${heading}, ${titleOf(entry)}`} className="min-w-0">
              <div className="flex items-baseline gap-2">
                <h3 className="min-w-0 flex-1 truncate font-semibold">{heading}</h3>
                <button
                  type="button"
                  aria-label={`Remove “${heading}” from the comparison`}
                  className="shrink-0 text-ink-2 hover:text-plum"
                  onClick={() => onLeave(entry.id)}
                >
                  <X size={14} aria-hidden="true" />
                </button>
              </div>
              <p className="mb-1 flex gap-2 text-[13px] text-ink-2">
                <span className="min-w-0 truncate">{titleOf(entry)}</span>
                <span className="figures shrink-0">{dayAndTime(entry.createdAt)}</span>
              </p>
              <EntryContent entry={entry} />
            </article>
          );
        })}
      </div>
    </section>
  );
}
