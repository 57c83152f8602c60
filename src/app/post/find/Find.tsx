/** Find: the target keyword and what supports it, chosen from the site's keywords or typed. */
import { useVirtualizer } from "@tanstack/react-virtual";
import { ArrowDown, ArrowUp, ArrowUpDown, Plus, X } from "lucide-react";
import { type FormEvent, useEffect, useMemo, useRef, useState } from "react";
import { Link } from "react-router";
import { opportunities } from "../../../core/keywords/opportunity";
import { stemKey } from "../../../core/keywords/stemKey";
import { foldPlain } from "../../../core/text/fold";
import { listKeywords } from "../../../data/keywords";
import type { Post, StoredKeyword } from "../../../data/model";
import { postEdited } from "../../store/openPostSlice";
import { postsAdapter } from "../../store/postsSlice";
import { useAct, useApp } from "../../store/store";
import { Button } from "../../ui/Button";
import { count, whole } from "../../ui/figures";
import { Sparkline } from "../../ui/Sparkline";

const { selectAll } = postsAdapter.getSelectors();

interface Row extends StoredKeyword {
  opportunity: number | null;
  /** Another post that has this target. */
  taken: Post | undefined;
}

export function Find() {
  const { post, readOnly } = useApp((state) => state.openPost);
  const posts = useApp((state) => selectAll(state.posts.posts));
  const act = useAct();
  const [keywords, setKeywords] = useState<StoredKeyword[] | null>(null);
  const [failure, setFailure] = useState("");
  useEffect(() => {
    listKeywords().then(setKeywords, (error: Error) => setFailure(error.message));
  }, []);

  const targets = useMemo(() => {
    const map = new Map<string, Post>();
    for (const other of posts)
      if (other.id !== post?.id && other.keyword) map.set(stemKey(other.keyword, other.language), other);
    return map;
  }, [posts, post?.id]);
  const rows = useMemo(() => {
    const scores = opportunities(keywords ?? []);
    return (keywords ?? []).map(
      (keyword, i): Row => ({
        ...keyword,
        opportunity: scores[i]!,
        taken: targets.get(stemKey(keyword.text, "en")),
      }),
    );
  }, [keywords, targets]);

  if (!post) return null;
  const known = (text: string) => rows.find((row) => row.id === foldPlain(text));
  const setTarget = (text: string) => {
    const old = post.keyword;
    const supporting = post.supporting.filter((k) => foldPlain(k) !== foldPlain(text));
    act(
      postEdited({
        keyword: text,
        supporting: old && foldPlain(old) !== foldPlain(text) ? [old, ...supporting] : supporting,
      }),
    );
  };
  const toggleSupporting = (text: string) => {
    const has = post.supporting.some((k) => foldPlain(k) === foldPlain(text));
    act(
      postEdited({
        supporting: has
          ? post.supporting.filter((k) => foldPlain(k) !== foldPlain(text))
          : [...post.supporting, text],
      }),
    );
  };

  return (
    <div className="mx-auto grid w-full max-w-[90rem] flex-1 grid-cols-[220px_minmax(0,1fr)] gap-6 mid:grid-cols-[272px_minmax(0,1fr)] px-6 py-5">
      <section aria-label="Keywords of this post">
        <h2 className="text-[13px] text-ink-2">Target keyword</h2>
        <Target
          post={post}
          row={known(post.keyword)}
          taken={post.keyword ? targets.get(stemKey(post.keyword, post.language)) : undefined}
        />
        <OwnKeyword
          label="Type a keyword of your own"
          disabled={readOnly}
          onTarget={setTarget}
          onSupporting={(text) => !post.supporting.includes(text) && toggleSupporting(text)}
        />
        <h2 className="mt-6 text-[13px] text-ink-2">Supporting keywords</h2>
        {post.supporting.length === 0 ? (
          <p className="mt-1 text-ink-2">None yet. Add the ones that the same page can answer.</p>
        ) : (
          <ul className="mt-1 border border-rule bg-sheet">
            {post.supporting.map((text) => (
              <li
                key={text}
                className="flex min-h-8 items-center gap-2 border-b border-rule px-2 last:border-b-0"
              >
                <span className="min-w-0 flex-1">{text}</span>
                <span className="figures text-[13px] text-ink-2">
                  {known(text)?.searches == null ? "" : whole(known(text)!.searches!)}
                </span>
                <button
                  type="button"
                  disabled={readOnly}
                  className="quiet-link text-[13px]"
                  onClick={() => setTarget(text)}
                  aria-label={`Make “${text}” the target`}
                >
                  Target
                </button>
                <button
                  type="button"
                  disabled={readOnly}
                  onClick={() => toggleSupporting(text)}
                  aria-label={`Remove “${text}”`}
                  className="text-ink-2 hover:text-plum"
                >
                  <X size={15} aria-hidden="true" />
                </button>
              </li>
            ))}
          </ul>
        )}
      </section>
      <section aria-label="Keywords of the site" className="flex min-h-0 flex-col">
        {failure ? (
          <p role="alert" className="text-plum">
            The keywords could not be read: {failure}. Your post is safe; open this screen again.
          </p>
        ) : keywords === null ? (
          <p role="status" className="text-ink-2">
            Reading the keywords …
          </p>
        ) : keywords.length === 0 ? (
          <p className="border border-rule bg-sheet p-6 text-ink-2">
            This site has no keyword file yet. Type a keyword of your own on the left; its numbers stay
            unknown.
          </p>
        ) : (
          <KeywordTable
            rows={rows}
            post={post}
            readOnly={readOnly}
            onTarget={setTarget}
            onSupporting={toggleSupporting}
          />
        )}
      </section>
    </div>
  );
}

function Target({ post, row, taken }: { post: Post; row: Row | undefined; taken: Post | undefined }) {
  if (!post.keyword) return <p className="mt-1 font-serif text-xl text-ink-2">Not chosen yet</p>;
  return (
    <div>
      <p className="mt-1 font-serif text-2xl leading-tight">{post.keyword}</p>
      {taken && (
        <p role="alert" className="mt-2 border-l-2 border-plum bg-plum-wash px-3 py-1.5 text-plum">
          Same target as{" "}
          <Link className="underline" to={`/post/${taken.id}/find`}>
            {taken.title || "an untitled post"}
          </Link>
          .{" "}
          {taken.status === "live"
            ? "It is live: improving it may be worth more than a second post."
            : "Two posts with one target compete."}
        </p>
      )}
      {row ? (
        <dl className="mt-3 grid grid-cols-3 gap-x-4 gap-y-2">
          <Figure name="Searches" value={row.searches === null ? "unknown" : whole(row.searches)} />
          <Figure name="Difficulty" value={row.difficulty === null ? "unknown" : String(row.difficulty)} />
          <Figure
            name="Opportunity"
            value={row.opportunity === null ? "unknown" : String(Math.round(row.opportunity))}
          />
          <div className="col-span-3">
            <dt className="text-[12px] text-ink-2">Twelve months, {row.intent || "intent unknown"}</dt>
            <dd>
              <Sparkline values={row.months} width={270} height={40} />
            </dd>
          </div>
        </dl>
      ) : (
        <p className="mt-2 text-ink-2">Your own keyword: no numbers are known for it.</p>
      )}
    </div>
  );
}

function Figure({ name, value }: { name: string; value: string }) {
  return (
    <div>
      <dt className="text-[12px] text-ink-2">{name}</dt>
      <dd className="figures text-lg font-semibold">{value}</dd>
    </div>
  );
}

function OwnKeyword({
  label,
  disabled,
  onTarget,
  onSupporting,
}: {
  label: string;
  disabled: boolean;
  onTarget: (text: string) => void;
  onSupporting: (text: string) => void;
}) {
  const [text, setText] = useState("");
  const clean = text.replace(/\s+/g, " ").trim();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!clean) return;
    onTarget(clean);
    setText("");
  };
  return (
    <form onSubmit={submit} className="mt-4">
      <label className="text-[13px] text-ink-2">
        {label}
        <input
          className="field-box mt-1 text-ink"
          value={text}
          maxLength={120}
          disabled={disabled}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <div className="mt-1.5 flex flex-wrap gap-2">
        <Button type="submit" disabled={!clean || disabled}>
          Use as target
        </Button>
        <Button
          kind="quiet"
          disabled={!clean || disabled}
          onClick={() => {
            onSupporting(clean);
            setText("");
          }}
        >
          Add as supporting
        </Button>
      </div>
    </form>
  );
}

type Column = "text" | "searches" | "difficulty" | "intent" | "opportunity";
const COLUMNS: { id: Column; name: string; figures: boolean }[] = [
  { id: "text", name: "Keyword", figures: false },
  { id: "searches", name: "Searches", figures: true },
  { id: "difficulty", name: "Difficulty", figures: true },
  { id: "intent", name: "Intent", figures: false },
  { id: "opportunity", name: "Opportunity", figures: true },
];
const GRID =
  "grid grid-cols-[minmax(0,1fr)_70px_76px_100px_146px] items-center gap-x-3 px-3 mid:grid-cols-[minmax(0,1fr)_130px_72px_94px_100px_146px]";

interface TableProps {
  rows: Row[];
  post: Post;
  readOnly: boolean;
  onTarget: (text: string) => void;
  onSupporting: (text: string) => void;
}

function KeywordTable({ rows, post, readOnly, onTarget, onSupporting }: TableProps) {
  const [query, setQuery] = useState("");
  const [sort, setSort] = useState<{ column: Column; down: boolean }>({ column: "opportunity", down: true });
  const scroller = useRef<HTMLDivElement>(null);
  const shown = useMemo(() => {
    const wanted = foldPlain(query).split(" ").filter(Boolean);
    const found = rows.filter((row) => wanted.every((word) => row.id.includes(word)));
    return found.sort(
      (a, b) => compare(a[sort.column], b[sort.column], sort.down) || a.text.localeCompare(b.text),
    );
  }, [rows, query, sort]);
  const virtual = useVirtualizer({
    count: shown.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 32,
    overscan: 12,
  });
  const supporting = new Set(post.supporting.map(foldPlain));
  const target = foldPlain(post.keyword);
  return (
    <>
      <div className="mb-2 flex items-center gap-3">
        <input
          type="search"
          aria-label="Search keywords"
          placeholder="Search keywords"
          className="field-box !w-72"
          value={query}
          onChange={(event) => setQuery(event.target.value)}
        />
        <p role="status" className="figures text-[13px] text-ink-2">
          {count(shown.length, "keyword")}
        </p>
        {rows.some((row) => row.standIn) && (
          <p className="ml-auto text-[13px] text-ink-2">Figures: stand-in, made up for the demo</p>
        )}
      </div>
      <div
        role="table"
        aria-label="Keywords"
        aria-rowcount={shown.length + 1}
        className="flex min-h-0 flex-1 flex-col border border-rule bg-sheet"
      >
        <div role="row" className={`${GRID} h-8 border-b border-rule text-[12px]`}>
          {COLUMNS.map(({ id, name, figures }) => {
            const active = sort.column === id;
            const Arrow = active ? (sort.down ? ArrowDown : ArrowUp) : ArrowUpDown;
            return (
              <div
                key={id}
                role="columnheader"
                aria-sort={active ? (sort.down ? "descending" : "ascending") : "none"}
                className={`${figures ? "text-right" : ""} ${id === "intent" ? "hidden mid:block" : ""}`}
              >
                <button
                  type="button"
                  className={`inline-flex items-center gap-1 ${active ? "font-semibold" : "text-ink-2"}`}
                  onClick={() => setSort({ column: id, down: active ? !sort.down : figures })}
                >
                  {name} <Arrow size={12} aria-hidden="true" />
                </button>
              </div>
            );
          })}
          <div role="columnheader">
            <span className="sr-only">Use</span>
          </div>
        </div>
        <div
          ref={scroller}
          role="rowgroup"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must be reachable by keyboard (WCAG 2.1.1)
          tabIndex={0}
          aria-label="Keyword rows"
          className="h-[calc(100vh-15rem)] min-h-64 overflow-y-auto"
        >
          <div style={{ height: virtual.getTotalSize(), position: "relative" }}>
            {shown.length === 0 && (
              <p className="p-4 text-ink-2">
                No keyword has these words. Type it on the left to use it all the same.
              </p>
            )}
            {virtual.getVirtualItems().map(({ index, start }) => {
              const row = shown[index]!;
              const isTarget = row.id === target;
              const isSupporting = supporting.has(row.id);
              return (
                <div
                  key={row.id}
                  role="row"
                  aria-rowindex={index + 2}
                  className={`${GRID} absolute inset-x-0 h-8 border-b border-rule ${isTarget ? "bg-proof-wash" : "hover:bg-paper"}`}
                  style={{ top: start }}
                >
                  <div role="cell" className="truncate" title={row.text}>
                    {row.text}
                    {row.taken && (
                      <span
                        className="ml-2 text-[12px] text-plum"
                        title={`Target of “${row.taken.title || "an untitled post"}”`}
                      >
                        has a post
                      </span>
                    )}
                  </div>
                  <div role="cell" className="figures flex items-center justify-end gap-2">
                    <span className="hidden mid:inline">
                      <Sparkline values={row.months} width={64} height={18} />
                    </span>
                    <span className="w-12 text-right">
                      {row.searches === null ? "–" : whole(row.searches)}
                    </span>
                  </div>
                  <div role="cell" className="figures text-right">
                    {row.difficulty ?? "–"}
                  </div>
                  <div role="cell" className="hidden truncate text-[13px] text-ink-2 mid:block">
                    {row.intent || "–"}
                  </div>
                  <div role="cell" className="figures flex items-center justify-end gap-2">
                    <span className="h-1.5 w-12 bg-rule" aria-hidden="true">
                      <span className="block h-full bg-proof" style={{ width: `${row.opportunity ?? 0}%` }} />
                    </span>
                    <span className="w-6 text-right">
                      {row.opportunity === null ? "–" : Math.round(row.opportunity)}
                    </span>
                  </div>
                  <div role="cell" className="flex justify-end gap-3 text-[13px]">
                    {isTarget ? (
                      <strong className="text-proof">Target</strong>
                    ) : (
                      <>
                        <button
                          type="button"
                          disabled={readOnly}
                          className="quiet-link"
                          onClick={() => onTarget(row.text)}
                          aria-label={`Make “${row.text}” the target`}
                        >
                          Target
                        </button>
                        <button
                          type="button"
                          disabled={readOnly}
                          aria-pressed={isSupporting}
                          aria-label={`“${row.text}” as supporting keyword`}
                          className={
                            isSupporting
                              ? "inline-flex items-center gap-1 font-semibold text-proof"
                              : "quiet-link inline-flex items-center gap-1"
                          }
                          onClick={() => onSupporting(row.text)}
                        >
                          {isSupporting ? (
                            <X size={12} aria-hidden="true" />
                          ) : (
                            <Plus size={12} aria-hidden="true" />
                          )}
                          {isSupporting ? "Supporting" : "Support"}
                        </button>
                      </>
                    )}
                  </div>
                </div>
              );
            })}
          </div>
        </div>
      </div>
    </>
  );
}

/** Unknown values sort last, whichever way. */
function compare(a: string | number | null, b: string | number | null, down: boolean): number {
  if (a === null || a === "") return b === null || b === "" ? 0 : 1;
  if (b === null || b === "") return -1;
  const order = typeof a === "number" && typeof b === "number" ? a - b : String(a).localeCompare(String(b));
  return down ? -order : order;
}
