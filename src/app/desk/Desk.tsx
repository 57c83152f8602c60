/** The Desk: every post by stage, with its score, what it needs next, and what of the whole needs attention. */
import { FileInput, Plus, Trash2 } from "lucide-react";
import { useEffect, useMemo, useState } from "react";
import { Link, useNavigate } from "react-router";
import { toast } from "sonner";
import { byWorth } from "../../core/proof/finding";
import { foldPlain } from "../../core/text/fold";
import { type Post, type PostScore, STAGES, type Stage } from "../../data/model";
import { deletePost, restorePost } from "../../data/posts";
import { postsAdapter, scoresAdapter } from "../store/postsSlice";
import { useApp } from "../store/store";
import { Button } from "../ui/Button";
import { FileButton } from "../ui/FileButton";
import { count, points, whole } from "../ui/figures";
import { MiniStrip } from "../ui/WeightStrip";
import type { AttentionNote } from "./attention";
import { createPost } from "./createPost";
import { scoreStale } from "./scoreStale";

const { selectAll: allPosts } = postsAdapter.getSelectors();
const { selectEntities: scoreMap } = scoresAdapter.getSelectors();

export const STAGE_NAMES: Record<Stage, string> = {
  find: "Find",
  plan: "Plan",
  write: "Write",
  proof: "Proof",
  release: "Release",
};

const SORTS = {
  stage: "Stage",
  score: "Score, lowest first",
  gain: "Most to gain next",
  date: "Due or published",
  title: "Title",
} as const;
type Sort = keyof typeof SORTS;

interface Row {
  post: Post;
  score: PostScore | undefined;
  next: PostScore["findings"][number] | undefined;
}

const ROW = "grid grid-cols-[minmax(0,1fr)_11rem_3.2rem_15rem_4.5rem_6.5rem_2rem] items-center gap-x-4 px-3";

export function Desk() {
  const posts = useApp((state) => allPosts(state.posts.posts));
  const scores = useApp((state) => scoreMap(state.posts.scores));
  const { site, scoring } = useApp((state) => state.session);
  const [query, setQuery] = useState("");
  const [category, setCategory] = useState("");
  const [sort, setSort] = useState<Sort>("stage");
  const navigate = useNavigate();

  // biome-ignore lint/correctness/useExhaustiveDependencies: any change of a post or of the site may have made a score stale
  useEffect(() => {
    void scoreStale();
  }, [posts, site]);
  useEffect(() => {
    document.title = `Desk · ${site.name}`;
  }, [site.name]);

  const rows = useMemo(() => {
    const wanted = foldPlain(query);
    return posts
      .filter(
        (post) =>
          !wanted ||
          foldPlain(`${post.title} ${post.keyword} ${post.category} ${post.author}`).includes(wanted),
      )
      .filter((post) => !category || (category === "-" ? !post.category : post.category === category))
      .map((post): Row => {
        const score = scores[post.id];
        return { post, score, next: score && byWorth(score.findings)[0] };
      })
      .sort(ORDER[sort]);
  }, [posts, scores, query, category, sort]);

  const groups: [string, Row[]][] =
    sort === "stage"
      ? STAGES.map((stage): [string, Row[]] => [
          STAGE_NAMES[stage],
          rows.filter(({ post }) => post.stage === stage),
        ]).filter(([, members]) => members.length)
      : [[SORTS[sort], rows]];

  return (
    <div className="mx-auto w-full max-w-[90rem] px-6 py-5">
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <h1 className="mr-auto font-serif text-2xl">{site.blogName || "Desk"}</h1>
        <input
          type="search"
          aria-label="Search posts"
          placeholder="Search title, keyword, author"
          className="field-box !w-56"
          value={query}
          onChange={(event) => setQuery(event.target.value)}
        />
        <label className="flex items-center gap-2">
          <span className="text-ink-2">Category</span>
          <select
            className="field-box !w-auto"
            value={category}
            onChange={(event) => setCategory(event.target.value)}
          >
            <option value="">All</option>
            {site.categories.map((name) => (
              <option key={name}>{name}</option>
            ))}
            <option value="-">Without one</option>
          </select>
        </label>
        <label className="flex items-center gap-2">
          <span className="text-ink-2">Order</span>
          <select
            className="field-box !w-auto"
            value={sort}
            onChange={(event) => setSort(event.target.value as Sort)}
          >
            {Object.entries(SORTS).map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <ImportButton />
        <Button kind="primary" onClick={() => void createPost().then((id) => navigate(`/post/${id}/find`))}>
          <Plus size={15} aria-hidden="true" /> New post
        </Button>
      </div>
      <Attention posts={posts} />
      <p role="status" className="figures mb-1 h-5 text-[13px] text-ink-2">
        {scoring
          ? `Scoring ${scoring.done + 1} of ${scoring.of} …`
          : `${count(rows.length, "post")}${rows.length < posts.length ? ` of ${posts.length}` : ""}`}
      </p>
      {posts.length === 0 ? (
        <Empty />
      ) : rows.length === 0 ? (
        <p className="border border-rule bg-sheet p-6 text-ink-2">
          No post matches.{" "}
          <button
            type="button"
            className="quiet-link"
            onClick={() => {
              setQuery("");
              setCategory("");
            }}
          >
            Show all
          </button>
        </p>
      ) : (
        <div className="overflow-x-auto border border-rule bg-sheet">
          <div className="min-w-[52rem]">
            <div className={`${ROW} h-8 border-b border-rule text-[12px] text-ink-2`} aria-hidden="true">
              <span>Post and target keyword</span>
              <span>Checks by weight</span>
              <span className="text-right">Score</span>
              <span>Worth most next</span>
              <span className="text-right">Words</span>
              <span>Date</span>
            </div>
            {groups.map(([name, members]) => (
              <section key={name} aria-label={name}>
                <h2 className="flex items-baseline gap-2 border-b border-rule bg-paper px-3 py-1 text-[13px]">
                  {name} <span className="figures font-normal text-ink-2">{members.length}</span>
                </h2>
                <ul>
                  {members.map((row) => (
                    <PostRow key={row.post.id} {...row} />
                  ))}
                </ul>
              </section>
            ))}
          </div>
        </div>
      )}
    </div>
  );
}

const ORDER: Record<Sort, (a: Row, b: Row) => number> = {
  stage: (a, b) =>
    STAGES.indexOf(a.post.stage) - STAGES.indexOf(b.post.stage) || when(a).localeCompare(when(b)),
  score: (a, b) => (a.score?.score ?? 101) - (b.score?.score ?? 101),
  gain: (a, b) => (b.next?.gain ?? 0) - (a.next?.gain ?? 0),
  date: (a, b) => (when(a) || "9").localeCompare(when(b) || "9"),
  title: (a, b) => a.post.title.localeCompare(b.post.title),
};
const when = ({ post }: Row): string => (post.status === "draft" ? post.due : post.date);

const shortDate = (iso: string): string =>
  iso
    ? new Date(`${iso}T12:00:00`).toLocaleDateString("en-GB", {
        day: "numeric",
        month: "short",
        // The year only where it is another one.
        ...(new Date().getFullYear() !== Number(iso.slice(0, 4)) && { year: "numeric" }),
      })
    : "";

function PostRow({ post, score, next }: Row) {
  const name = post.title || "Untitled post";
  const date =
    post.status === "draft"
      ? post.due
        ? `due ${shortDate(post.due)}`
        : ""
      : `${post.status === "live" ? "" : "for "}${shortDate(post.date)}`;
  return (
    <li className={`${ROW} group min-h-12 border-b border-rule py-1.5 last:border-b-0 hover:bg-paper`}>
      <span className="min-w-0">
        <Link
          to={`/post/${post.id}/${post.stage}`}
          className="block truncate font-serif text-[15px] hover:text-proof hover:underline"
          title={name}
        >
          {name}
        </Link>
        <span className="block truncate text-[13px] text-ink-2">
          {post.keyword || "no target keyword yet"}
        </span>
      </span>
      {score ? <MiniStrip findings={score.findings} /> : <span className="h-1.5 bg-rule" />}
      <span className="figures text-right text-[15px] font-semibold">
        {score ? Math.round(score.score) : "–"}
      </span>
      <span className="min-w-0 truncate text-[13px]" title={next?.reason}>
        {next && (
          <>
            {next.name},{" "}
            <span className="figures rounded-[2px] bg-brass-wash px-1 text-brass">+{points(next.gain)}</span>
          </>
        )}
      </span>
      <span className="figures text-right">{score ? whole(score.words) : ""}</span>
      <span className="text-[13px] text-ink-2">{date}</span>
      <button
        type="button"
        aria-label={`Delete “${name}”`}
        title="Delete"
        onClick={() => void remove(post)}
        className="flex h-7 w-7 items-center justify-center rounded text-ink-2 opacity-0 hover:bg-plum-wash hover:text-plum focus-visible:opacity-100 group-hover:opacity-100"
      >
        <Trash2 size={15} aria-hidden="true" />
      </button>
    </li>
  );
}

async function remove(post: Post): Promise<void> {
  const deleted = await deletePost(post.id);
  if (!deleted) return;
  toast(`Deleted “${post.title || "Untitled post"}”.`, {
    action: { label: "Undo", onClick: () => void restorePost(deleted) },
  });
}

function Attention({ posts }: { posts: Post[] }) {
  const [notes, setNotes] = useState<AttentionNote[]>([]);
  useEffect(() => {
    let live = true;
    // Comparing targets needs the language's stems, which the first sight of the Desk does not wait for.
    void import("./attention").then(({ attention }) => {
      if (live) setNotes(attention(posts, new Date().toISOString().slice(0, 10)));
    });
    return () => {
      live = false;
    };
  }, [posts]);
  if (!notes.length) return null;
  return (
    <ul
      aria-label="What needs attention"
      className="mb-2 flex flex-wrap gap-x-6 gap-y-1 border-l-2 border-plum pl-3 text-[13px]"
    >
      {notes.map((note) => (
        <li key={note.text}>
          <span className="text-plum">{note.text}</span>{" "}
          {note.posts.map((post, i) => (
            <span key={post.id}>
              {i > 0 && ", "}
              <Link className="quiet-link" to={`/post/${post.id}/${note.stage ?? post.stage}`}>
                {short(post.title)}
              </Link>
            </span>
          ))}
        </li>
      ))}
    </ul>
  );
}

const short = (title: string): string =>
  title.length > 42 ? `${title.slice(0, 40).trimEnd()}…` : title || "Untitled post";

function Empty() {
  const navigate = useNavigate();
  return (
    <div className="border border-rule bg-sheet p-10 text-center">
      <p className="font-serif text-lg">No posts yet</p>
      <p className="mx-auto my-2 max-w-md text-ink-2">
        The Desk shows every post by stage, what it scores and what is worth doing next.
      </p>
      <Button kind="primary" onClick={() => void createPost().then((id) => navigate(`/post/${id}/find`))}>
        <Plus size={15} aria-hidden="true" /> New post
      </Button>
    </div>
  );
}

function ImportButton() {
  const navigate = useNavigate();
  const take = async (file: File) => {
    const { importPost } = await import("./importPost");
    const result = await importPost(file);
    if ("error" in result) toast.error(result.error, { duration: 12_000 });
    else {
      toast(
        `Imported “${result.title || file.name}”.${result.notes.length ? ` ${result.notes.join(" ")}` : ""}`,
      );
      await navigate(`/post/${result.id}/write`);
    }
  };
  return (
    <FileButton
      label="Import a post"
      accept=".md,.markdown,.html,.htm,.zip"
      icon={<FileInput size={15} aria-hidden="true" />}
      onFile={(file) => void take(file)}
    />
  );
}
