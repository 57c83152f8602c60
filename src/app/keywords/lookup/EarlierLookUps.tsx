import { Merge, Trash2 } from "lucide-react";
import { Popover } from "radix-ui";
import { useState } from "react";
import { Link } from "react-router";
import type { LookUp } from "../../../data/model";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { Button } from "../../ui/Button";
import { dayAndTime } from "../../ui/dates";
import { count } from "../../ui/figures";
import { overPage } from "../../ui/layers";
import { Tooltip } from "../../ui/Tooltip";
import { mergeLookUps, removeLookUp } from "../actions";

export const lookUpName = ({ seeds }: LookUp): string => seeds.join(" + ");

/** Searches of two regions are two things: their numbers are not put together. A file's region is not known. */
const mergeable = (one: LookUp, other: LookUp): boolean =>
  one.id !== other.id && (!one.region || !other.region || one.region === other.region);

/** Look-ups that were made before, reopened without asking again. */
export function EarlierLookUps({ search, current }: { search: string; current: LookUp | undefined }) {
  const dispatch = useAppDispatch();
  const lookUps = useAppSelector((state) => state.research.lookUps);
  const [open, setOpen] = useState(false);
  if (!lookUps.length) return null;
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <Button>Earlier look-ups ({lookUps.length})</Button>
      </Popover.Trigger>
      <Popover.Portal container={overPage()}>
        <Popover.Content
          aria-label="Earlier look-ups"
          align="end"
          sideOffset={6}
          className="z-50 max-h-[70vh] w-[30rem] overflow-y-auto rounded border border-rule bg-sheet p-2 shadow-lg"
        >
          <ul>
            {lookUps.map((lookUp) => (
              <li key={lookUp.id} className="flex items-center gap-2 border-b border-rule last:border-b-0">
                <Link
                  to={`/keywords/look-ups/${lookUp.id}${search}`}
                  onClick={() => setOpen(false)}
                  className="min-w-0 flex-1 px-2 py-1.5 hover:bg-paper"
                >
                  <span className="block truncate font-semibold">{lookUpName(lookUp)}</span>
                  <span className="figures block text-[12px] text-ink-2">
                    {[
                      dayAndTime(lookUp.madeAt),
                      lookUp.regionName,
                      count(lookUp.count, "keyword"),
                      lookUp.source,
                    ]
                      .filter(Boolean)
                      .join(" · ")}
                  </span>
                </Link>
                {current && mergeable(current, lookUp) && (
                  <Tooltip says={`Merge into “${lookUpName(current)}”`}>
                    <button
                      type="button"
                      aria-label={`Merge the look-up “${lookUpName(lookUp)}” into this one`}
                      className="p-2 text-ink-2 hover:text-proof"
                      onClick={() => void dispatch(mergeLookUps(current.id, lookUp.id))}
                    >
                      <Merge size={15} aria-hidden="true" />
                    </button>
                  </Tooltip>
                )}
                <button
                  type="button"
                  aria-label={`Delete the look-up “${lookUpName(lookUp)}”`}
                  className="p-2 text-ink-2 hover:text-plum"
                  onClick={() => void removeLookUp(lookUp.id)}
                >
                  <Trash2 size={15} aria-hidden="true" />
                </button>
              </li>
            ))}
          </ul>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
