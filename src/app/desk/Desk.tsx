/** The Desk: every post by stage, with its score, what it needs next, and what of the whole needs attention. */

import { BookOpenText, Plus, Wrench } from "lucide-react";
import { useDeferredValue, useEffect, useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { byWorth, hasGain } from "../../core/proof/finding";
import type { CheckId } from "../../core/proof/profile";
import { foldPlain } from "../../core/text/fold";
import type { ListedFinding, Post, PostScore } from "../../data/model";
import { STAGE_IDS, stageName } from "../../data/stages";
import { startPost } from "../posts/createPost";
import { useAppDispatch, useAppSelector } from "../store/hooks";
import { scoreStale } from "../store/scoreStale";
import { selectPosts, selectScoreEntities } from "../store/selectors";
import { Button } from "../ui/Button";
import { count } from "../ui/figures";
import { lazyPart } from "../ui/part";
import { AttentionLine } from "./AttentionLine";
import { BackupLine } from "./BackupLine";
import { Beginning } from "./beginning/Beginning";
import { ImportButton } from "./importing/ImportButton";
import { PostList } from "./PostList";
import type { Row } from "./PostRow";
import { worstChecks } from "./portfolio/portfolio";

/** It stands below what is looked for first, in the room that is kept for it. */
const Portfolio = lazyPart(
  "The overview of all posts",
  async () => (await import("./portfolio/Portfolio")).Portfolio,
  <div className="mb-4 min-h-[9.75rem] border border-rule bg-sheet small:hidden" />,
);
/** What is asked for seldom is loaded when it is. */
const CollectManySheet = lazyPart(
  "The sheet",
  async () => (await import("./collecting/CollectManySheet")).CollectManySheet,
);
const BulkFixSheet = lazyPart("This part", async () => (await import("./fixing/BulkFixSheet")).BulkFixSheet);
const ReportMenu = lazyPart(
  "This part",
  async () => (await import("../reports/ReportMenu")).ReportMenu,
  <span className="h-8 w-24" />,
);

const SORTS = {
  stage: "Stage",
  score: "Score, lowest first",
  gain: "Best next step",
  date: "Due or published",
  title: "Title",
} as const;
type Sort = keyof typeof SORTS;

export function Desk() {
  const dispatch = useAppDispatch();
  const posts = useAppSelector(selectPosts);
  const scores = useDeferredValue(useAppSelector(selectScoreEntities));
  const site = useAppSelector((state) => state.session.site);
  const profile = useAppSelector((state) => state.session.profile);
  const [query, setQuery] = useState("");
  const [category, setCategory] = useState("");
  const [sort, setSort] = useState<Sort>("stage");
  const [finding, setFinding] = useState<CheckId | "">("");
  const [collecting, setCollecting] = useState<readonly Post[] | null>(null);
  const [fix, setFixing] = useState<readonly Post[] | null>(null);
  const navigate = useNavigate();

  // biome-ignore lint/correctness/useExhaustiveDependencies: any change of a post, the site or the profile may have made a score stale
  useEffect(() => {
    void dispatch(scoreStale());
  }, [posts, site, profile]);
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
      .filter(({ id }) => !finding || scores[id]?.findings.some((one) => one.id === finding && hasGain(one)))
      .map((post): Row => {
        const score = scores[post.id];
        // Sifted by a finding, each row says that finding.
        const next = score && worthOf(score).find(({ id }) => !finding || id === finding);
        return { post, score, next };
      })
      .sort(ORDER[sort]);
  }, [posts, scores, query, category, sort, finding]);

  const worst = useMemo(() => worstChecks(posts.flatMap(({ id }) => scores[id] ?? [])), [posts, scores]);
  const groups = useMemo(
    (): [string, Row[]][] =>
      sort === "stage"
        ? STAGE_IDS.map((stage): [string, Row[]] => [
            stageName(stage),
            rows.filter(({ post }) => post.stage === stage),
          ]).filter(([, members]) => members.length)
        : [[SORTS[sort], rows]],
    [rows, sort],
  );

  return (
    <div className="mx-auto w-full max-w-[90rem] px-6 py-5 small:px-3 small:py-3 wide:max-w-[110rem]">
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
        <Button kind="primary" onClick={() => void dispatch(startPost(navigate))}>
          <Plus size={15} aria-hidden="true" /> New post
        </Button>
      </div>
      <Beginning />
      <AttentionLine posts={posts} />
      <BackupLine posts={posts} />
      <Portfolio posts={posts} scores={scores} finding={finding} onFinding={setFinding} />
      <div className="mb-1 flex flex-wrap items-center gap-3">
        <p role="status" className="figures mr-auto text-[13px] text-ink-2">
          <Progress
            otherwise={`${count(rows.length, "post")}${rows.length < posts.length ? ` of ${posts.length}` : ""}`}
          />
        </p>
        <label className="flex items-center gap-2">
          <span className="text-ink-2">Finding</span>
          <select
            className="field-box !w-auto max-w-[16rem]"
            value={finding}
            onChange={(event) => setFinding(event.target.value as CheckId | "")}
          >
            <option value="">Any</option>
            {worst.map(({ id, name, posts: n }) => (
              <option key={id} value={id}>
                {name}, {n}
              </option>
            ))}
          </select>
        </label>
        <Button disabled={!rows.length} onClick={() => setCollecting(rows.map(({ post }) => post))}>
          <BookOpenText size={14} aria-hidden="true" /> Collect for these …
        </Button>
        <Button disabled={!rows.length} onClick={() => setFixing(rows.map(({ post }) => post))}>
          <Wrench size={14} aria-hidden="true" /> Fix these …
        </Button>
        <ReportMenu
          label="Report"
          disabled={!rows.length}
          make={async (format) => {
            const { reportOfMany } = await import("./reportOfMany");
            return dispatch(
              reportOfMany(
                rows.map(({ post }) => post),
                format,
              ),
            );
          }}
        />
      </div>
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
              setFinding("");
            }}
          >
            Show all
          </button>
        </p>
      ) : (
        <PostList groups={groups} />
      )}
      {collecting && <CollectManySheet posts={collecting} onClose={() => setCollecting(null)} />}
      {fix && <BulkFixSheet posts={fix} onClose={() => setFixing(null)} />}
    </div>
  );
}

/** How far the scoring is: said often, and drawn anew alone. */
function Progress({ otherwise }: { otherwise: string }) {
  const scoring = useAppSelector((state) => state.session.scoring);
  return scoring ? `Scoring ${scoring.done + 1} of ${scoring.of} …` : otherwise;
}

const worths = new WeakMap<PostScore, ListedFinding[]>();

/** The findings of a score by worth, found once: a thousand posts are sorted and sifted with every letter of a search. */
function worthOf(score: PostScore): ListedFinding[] {
  const known = worths.get(score) ?? byWorth(score.findings);
  worths.set(score, known);
  return known;
}

const titles = new Intl.Collator();
/** ISO dates order as they are written: a comparison by language would cost a thousand posts a frame. */
const earlier = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

const ORDER: Record<Sort, (a: Row, b: Row) => number> = {
  stage: (a, b) =>
    STAGE_IDS.indexOf(a.post.stage) - STAGE_IDS.indexOf(b.post.stage) || earlier(when(a), when(b)),
  score: (a, b) => (a.score?.score ?? 101) - (b.score?.score ?? 101),
  gain: (a, b) => (b.next?.gain ?? 0) - (a.next?.gain ?? 0),
  date: (a, b) => earlier(when(a) || "9", when(b) || "9"),
  title: (a, b) => titles.compare(a.post.title, b.post.title),
};
const when = ({ post }: Row): string => (post.status === "draft" ? post.due : post.date);

function Empty() {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  return (
    <div className="border border-rule bg-sheet p-10 text-center">
      <p className="font-serif text-lg">No posts yet</p>
      <p className="mx-auto my-2 max-w-md text-ink-2">
        The Desk shows every post by stage, what it scores and what is worth doing next.
      </p>
      <Button kind="primary" onClick={() => void dispatch(startPost(navigate))}>
        <Plus size={15} aria-hidden="true" /> New post
      </Button>
    </div>
  );
}
