/** The drawer: everything that was ever suggested, by day; to be searched, taken, put side by side and asked again. */
import { Columns2, Trash2 } from "lucide-react";
import { useEffect, useMemo, useState } from "react";
import { Link } from "react-router";
import { foldPlain } from "../../core/text/fold";
import { addToDrawer, listDrawer, removeFromDrawer } from "../../data/drawer";
import type { DrawerEntry } from "../../data/model";
import { attempt } from "../store/attempt";
import { useAppSelector } from "../store/hooks";
import { selectPosts } from "../store/selectors";
import { useAsk } from "../store/useAsk";
import { useLive } from "../store/useLive";
import { Button } from "../ui/Button";
import { Checkbox } from "../ui/Checkbox";
import { day, dayAndTime } from "../ui/dates";
import { Failed } from "../ui/Failed";
import { count } from "../ui/figures";
import { LabelledSelect } from "../ui/Select";
import { toast } from "../ui/toast";
import { EntryContent } from "./EntryContent";
import { MOST_COMPARED, SideBySide } from "./SideBySide";

const ALL = "";
/** Days back. */
const SPANS = {
  ever: "any time",
  "1": "the last day",
  "7": "the last week",
  "30": "the last month",
} as const;
const A_DAY = 86_400_000;
/** More are read when they are asked for. */
const AT_ONCE = 60;

export function DrawerPlace() {
  const read = useLive(listDrawer, []);
  const tasks = useAsk(({ workers }) => workers.apprentice.tasks(), []);
  const posts = useAppSelector(selectPosts);
  const [query, setQuery] = useState("");
  const [task, setTask] = useState(ALL);
  const [post, setPost] = useState(ALL);
  const [open, setOpen] = useState<ReadonlySet<string>>(new Set());
  const [compared, setCompared] = useState<readonly string[]>([]);
  const [many, setMany] = useState(AT_ONCE);
  const [untaken, setUntaken] = useState(false);
  const [when, setWhen] = useState<keyof typeof SPANS>("ever");
  useEffect(() => {
    document.title = "Drawer · Dune Sparrow";
  }, []);
  const names = useMemo(
    () =>
      new Map([
        ["outline", "Outline"],
        ...(tasks.state === "ready" ? tasks.value.map(({ id, name }) => [id, name] as const) : []),
      ]),
    [tasks],
  );
  const titles = useMemo(
    () => new Map(posts.map(({ id, title }) => [id, title || "Untitled post"])),
    [posts],
  );
  if (read.state === "failed")
    return (
      <Failed
        what="The drawer could not be read"
        why={read.why}
        safe="What is in it is unchanged."
        onRetry={read.retry}
      />
    );
  if (read.state === "loading")
    return (
      <p role="status" className="p-6 text-ink-2">
        Opening the drawer …
      </p>
    );
  const since = when === "ever" ? 0 : Date.now() - Number(when) * A_DAY;
  const words = foldPlain(query).split(" ").filter(Boolean);
  const sifted = read.value.filter((entry) => {
    if (task && taskOf(entry) !== task) return false;
    if (post && entry.postId !== post) return false;
    if (Date.parse(entry.createdAt) < since) return false;
    if (untaken && entry.kind === "suggestion" && entry.taken) return false;
    if (!words.length) return true;
    const text = foldPlain(
      `${textOf(entry)} ${titles.get(entry.postId) ?? ""} ${names.get(taskOf(entry)) ?? ""}`,
    );
    return words.every((word) => text.includes(word));
  });
  const shown = sifted.slice(0, many);
  const days = new Map<string, DrawerEntry[]>();
  for (const entry of shown) {
    const date = entry.createdAt.slice(0, 10);
    days.set(date, [...(days.get(date) ?? []), entry]);
  }
  const used = [...new Set(read.value.map(taskOf))];
  const nameOf = (entry: DrawerEntry) => names.get(taskOf(entry)) ?? taskOf(entry);
  const titleOf = (entry: DrawerEntry) =>
    entry.postId ? (titles.get(entry.postId) ?? "a deleted post") : "the site";
  const beside = compared.flatMap((id) => read.value.find((entry) => entry.id === id) ?? []);
  return (
    <div className="mx-auto w-full max-w-[1200px] flex-1 px-6 py-5 small:px-3">
      <div className="mb-4 flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="font-serif text-2xl">Drawer</h1>
        <input
          type="search"
          aria-label="Search the drawer"
          placeholder="Search the drawer"
          className="field-box !w-64"
          value={query}
          onChange={({ target }) => setQuery(target.value)}
        />
        <LabelledSelect
          label="Task"
          value={task}
          options={[
            { value: ALL, label: "all tasks" },
            ...used.map((id) => ({ value: id, label: names.get(id) ?? id })),
          ]}
          onChange={setTask}
        />
        <LabelledSelect
          label="Post"
          value={post}
          options={[
            { value: ALL, label: "all posts" },
            ...[...new Set(read.value.map(({ postId }) => postId))]
              .filter(Boolean)
              .map((id) => ({ value: id, label: titles.get(id) ?? "a deleted post" })),
          ]}
          onChange={setPost}
        />
        <LabelledSelect
          label="From"
          value={when}
          options={(Object.keys(SPANS) as (keyof typeof SPANS)[]).map((value) => ({
            value,
            label: SPANS[value],
          }))}
          onChange={setWhen}
        />
        <label className="flex items-center gap-2">
          <Checkbox checked={untaken} onChange={setUntaken} />
          Only what is not taken
        </label>
        <p role="status" className="figures ml-auto text-[13px] text-ink-2">
          {count(sifted.length, "request")}
        </p>
      </div>
      <SideBySide
        entries={beside}
        nameOf={nameOf}
        titleOf={titleOf}
        onLeave={(id) => setCompared(compared.filter((one) => one !== id))}
        onEnd={() => setCompared([])}
      />
      {shown.length === 0 ? (
        <p className="border border-rule bg-sheet p-8 text-center text-ink-2">
          {read.value.length
            ? "Nothing in the drawer matches. Change the search."
            : "The drawer is empty. What the apprentice suggests is kept here, taken or not: ask for ideas in Keywords, or for an outline in Plan."}
        </p>
      ) : (
        [...days].map(([date, entries]) => (
          <section key={date} aria-label={day(date)} className="mb-6">
            <h2 className="mb-1 border-b border-rule pb-1 text-[13px] text-ink-2">{day(date)}</h2>
            <ul>
              {entries.map((entry) => (
                <Row
                  key={entry.id}
                  entry={entry}
                  name={nameOf(entry)}
                  title={titleOf(entry)}
                  compared={compared.includes(entry.id)}
                  canCompare={beside.length < MOST_COMPARED}
                  onCompare={() =>
                    setCompared(
                      compared.includes(entry.id)
                        ? compared.filter((id) => id !== entry.id)
                        : [...compared, entry.id],
                    )
                  }
                  linked={titles.has(entry.postId)}
                  open={open.has(entry.id)}
                  onOpen={() => {
                    const next = new Set(open);
                    if (!next.delete(entry.id)) next.add(entry.id);
                    setOpen(next);
                  }}
                />
              ))}
            </ul>
          </section>
        ))
      )}
      {sifted.length > many && (
        <Button onClick={() => setMany(many + AT_ONCE)}>
          Show {Math.min(AT_ONCE, sifted.length - many)} more
        </Button>
      )}
    </div>
  );
}

const taskOf = (entry: DrawerEntry): string => (entry.kind === "outline" ? "outline" : entry.task);
const textOf = (entry: DrawerEntry): string =>
  entry.kind === "outline"
    ? [entry.title, ...entry.items.map(({ text }) => text)].join(" ")
    : [
        ...entry.answers.map(({ text }) => text),
        entry.arrived,
        ...Object.values(entry.request).filter((value) => typeof value === "string"),
      ].join(" ");

interface RowProps {
  entry: DrawerEntry;
  name: string;
  title: string;
  linked: boolean;
  open: boolean;
  onOpen: () => void;
  compared: boolean;
  canCompare: boolean;
  onCompare: () => void;
}

function Row(props: RowProps) {
  const { entry, name, title, linked, open, onOpen, compared, canCompare, onCompare } = props;
  const remove = async () => {
    if (await attempt(() => removeFromDrawer(entry.id)))
      toast("It is removed from the drawer.", {
        action: { label: "Undo", onClick: () => void attempt(() => addToDrawer([entry])) },
      });
  };
  const first = entry.kind === "outline" ? entry.title : (entry.answers[0]?.parts[0]?.text ?? entry.arrived);
  return (
    <li className="border-b border-rule py-2">
      <div className="flex items-baseline gap-3">
        <button
          type="button"
          aria-expanded={open}
          className="min-w-0 flex-1 text-left hover:bg-paper"
          onClick={onOpen}
        >
          <span className="mr-2 text-[13px] text-ink-2">{name}</span>
          <span className="line-clamp-2 font-serif text-[16px]">{first || "nothing came of it"}</span>
        </button>
        <span className="shrink-0 text-[13px] text-ink-2">
          {linked ? (
            <Link
              className="quiet-link inline-block max-w-[16rem] truncate align-bottom"
              to={`/post/${entry.postId}/write`}
            >
              {title}
            </Link>
          ) : (
            title
          )}
          {" · "}
          <span className="figures">{dayAndTime(entry.createdAt)}</span>
          {entry.kind === "suggestion" && entry.taken && ` · taken: ${entry.taken}`}
        </span>
        <button
          type="button"
          aria-label={`Compare “${first.slice(0, 60)}”`}
          title={compared ? "Remove it from the comparison" : "Put it side by side with others"}
          aria-pressed={compared}
          disabled={!compared && !canCompare}
          className={`hover:text-proof disabled:opacity-40 ${compared ? "text-proof" : "text-ink-2"}`}
          onClick={onCompare}
        >
          <Columns2 size={15} aria-hidden="true" />
        </button>
        <button
          type="button"
          aria-label={`Remove “${first.slice(0, 60)}” from the drawer`}
          className="text-ink-2 hover:text-plum"
          onClick={() => void remove()}
        >
          <Trash2 size={15} aria-hidden="true" />
        </button>
      </div>
      {open && (
        <div className="mt-2">
          <EntryContent entry={entry} />
        </div>
      )}
    </li>
  );
}
