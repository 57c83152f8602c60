/** The calendar: weeks as rows of a ledger, posts as slips on their days, and those without a day in a tray below. */
import {
  DndContext,
  type DragEndEvent,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { CalendarArrowDown, ChevronLeft, ChevronRight } from "lucide-react";
import { useMemo, useState } from "react";
import {
  daysLater,
  freeSlots,
  type Pattern,
  type Slip,
  slipOf,
  warnings,
  weekOf,
  weeksOfMonth,
} from "../../core/calendar/plan";
import { categoryName } from "../../core/site/categories";
import { isPublic } from "../../core/site/status";
import { momentIn, partsIn } from "../../core/site/zonedTime";
import { fold } from "../../core/text/fold";
import type { Post } from "../../data/model";
import { useAppDispatch, useAppSelector } from "../store/hooks";
import { selectPosts } from "../store/selectors";
import { attemptRead } from "../ui/attemptRead";
import { Button } from "../ui/Button";
import { firstDayOfWeek } from "../ui/calendarDays";
import { day as dayInRegion } from "../ui/dates";
import { download } from "../ui/download";
import { Segments } from "../ui/Segments";
import { movePost, placePosts, setDue } from "./calendarActions";
import { calendarFile } from "./calendarFile";
import { DayCell } from "./DayCell";
import { MoveSheet } from "./MoveSheet";
import { PatternForm } from "./PatternForm";
import { Tray } from "./Tray";
import { Warnings } from "./Warnings";

const VIEWS = { month: "Month", week: "Week" } as const;
const MONTH = new Intl.DateTimeFormat(undefined, { month: "long", year: "numeric", timeZone: "UTC" });
const WEEKDAY = new Intl.DateTimeFormat(undefined, { weekday: "long", timeZone: "UTC" });
/** Slots that are shown ahead. */
const SHOWN_SLOTS = 24;

export function CalendarPlace() {
  const dispatch = useAppDispatch();
  const site = useAppSelector((state) => state.session.site);
  const posts = useAppSelector(selectPosts);
  const [now] = useState(() => new Date().toISOString());
  const today = partsIn(now, site.timeZone).date;
  const [view, setView] = useState<keyof typeof VIEWS>("month");
  const [day, setDay] = useState(today);
  const [pattern, setPattern] = useState<Pattern>({ days: [1, 4], time: "08:00" });
  const [picked, setPicked] = useState<ReadonlySet<string>>(new Set());
  const [moving, setMoving] = useState<Post | null>(null);
  const first = firstDayOfWeek();

  const slips = useMemo(
    () => posts.map((post) => slipOf(post, site.timeZone)).filter((slip): slip is Slip => slip !== null),
    [posts, site.timeZone],
  );
  const byId = useMemo(() => new Map(posts.map((post) => [post.id, post])), [posts]);
  const tray = posts.filter(({ status }) => !isPublic(status));
  const slots = useMemo(
    () => freeSlots(pattern, slips, now, site.timeZone, SHOWN_SLOTS),
    [pattern, slips, now, site.timeZone],
  );
  const said = useMemo(
    () => warnings(slips, fold, (id) => categoryName(site.categories, id), today, dayInRegion),
    [slips, site.categories, today],
  );
  const weeks = view === "month" ? weeksOfMonth(day, first) : [weekOf(day, first)];
  const turn = (by: -1 | 1) =>
    setDay(view === "week" ? daysLater(day, 7 * by) : daysLater(`${day.slice(0, 7)}-15`, 30 * by));

  /** @param at the moment of a slot; the day alone where absent */
  const put = (id: string, date: string, at?: string) => {
    const post = byId.get(id);
    if (!post || post.status === "live") return;
    if (post.status === "scheduled") {
      const { time } = partsIn(post.publishAt ?? now, site.timeZone);
      attemptRead(dispatch(movePost(post, at ?? momentIn(date, time, site.timeZone))));
    } else if (at) attemptRead(dispatch(placePosts([{ post, at }])));
    else attemptRead(dispatch(setDue(post, date)));
  };
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));
  const drop = ({ active, over }: DragEndEvent) => {
    const place = over?.data.current as { date: string; at?: string } | undefined;
    if (place) put(String(active.id), place.date, place.at);
  };
  const fill = () => {
    const chosen = tray.filter(({ id }) => picked.has(id));
    const places = chosen.flatMap((post, i) => (slots[i] ? [{ post, at: slots[i].at }] : []));
    setPicked(new Set());
    attemptRead(dispatch(placePosts(places)));
  };
  const byDay = useMemo(() => {
    const days = new Map<string, Slip[]>();
    for (const slip of slips) days.set(slip.date, [...(days.get(slip.date) ?? []), slip]);
    for (const some of days.values()) some.sort((a, b) => (a.time < b.time ? -1 : 1));
    return days;
  }, [slips]);
  // A week with nothing in it takes little room from those that have.
  const isBusy = (week: readonly string[]) =>
    week.some((date) => byDay.has(date) || slots.some((slot) => slot.date === date));
  return (
    // What is under the pointer takes it, and a free slot before the day that it is on.
    <DndContext sensors={sensors} collisionDetection={pointerWithin} onDragEnd={drop}>
      <div className="mx-auto flex w-full max-w-[96rem] flex-1 flex-col gap-4 px-6 py-5 small:px-3">
        <div className="flex flex-wrap items-center gap-3">
          <h1 className="mr-2 font-serif text-2xl">
            {MONTH.format(new Date(`${weeks[view === "month" ? 1 : 0]![3]}T12:00:00Z`))}
          </h1>
          <Button aria-label={view === "month" ? "Month before" : "Week before"} onClick={() => turn(-1)}>
            <ChevronLeft size={15} aria-hidden="true" />
          </Button>
          <Button onClick={() => setDay(today)}>Today</Button>
          <Button aria-label={view === "month" ? "Month after" : "Week after"} onClick={() => turn(1)}>
            <ChevronRight size={15} aria-hidden="true" />
          </Button>
          <Segments label="View" options={VIEWS} value={view} onChange={setView} />
          <span className="ml-auto text-[13px] text-ink-2">Times are of the site: {site.timeZone}</span>
          <Button
            onClick={() => {
              const file = calendarFile(slips, site, byId, new Date().toISOString());
              download(file, "posts.ics");
            }}
          >
            <CalendarArrowDown size={15} aria-hidden="true" /> Export as iCalendar
          </Button>
        </div>
        <Warnings warnings={said} />
        <div className="relative overflow-x-auto">
          <table
            className="w-full min-w-[46rem] table-fixed border-collapse border border-rule bg-sheet"
            aria-label={view === "month" ? "Month" : "Week"}
          >
            <thead>
              <tr>
                {weeks[0]!.map((date) => (
                  <th
                    key={date}
                    scope="col"
                    className="border-b border-rule px-2 py-1 text-left text-[12px] font-normal text-ink-2"
                  >
                    {WEEKDAY.format(new Date(`${date}T12:00:00Z`))}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {weeks.map((week) => (
                <tr key={week[0]}>
                  {week.map((date) => (
                    <DayCell
                      key={date}
                      date={date}
                      isToday={date === today}
                      isOutside={view === "month" && date.slice(0, 7) !== weeks[1]![0]!.slice(0, 7)}
                      tall={view === "week"}
                      height={view === "week" ? "h-80" : isBusy(week) ? "h-28" : "h-12"}
                      slips={byDay.get(date) ?? []}
                      slot={slots.find((slot) => slot.date === date) ?? null}
                      onMoveBy={(slip, days) => put(slip.id, daysLater(slip.date, days))}
                      onOpen={(slip) => setMoving(byId.get(slip.id) ?? null)}
                    />
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <section aria-label="Posts that are not scheduled" className="flex flex-col gap-3">
          <PatternForm
            pattern={pattern}
            onChange={setPattern}
            picked={tray.filter(({ id }) => picked.has(id)).length}
            onFill={fill}
          />
          <Tray posts={tray} picked={picked} onPick={setPicked} onOpen={setMoving} />
        </section>
        {moving && (
          <MoveSheet
            post={moving}
            site={site}
            onSchedule={(at) =>
              attemptRead(
                dispatch(
                  moving.status === "scheduled" ? movePost(moving, at) : placePosts([{ post: moving, at }]),
                ),
              )
            }
            onDue={(date) => attemptRead(dispatch(setDue(moving, date)))}
            onClose={() => setMoving(null)}
          />
        )}
      </div>
    </DndContext>
  );
}
