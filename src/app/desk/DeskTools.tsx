/** How many posts are in sight, and what is done with all of them. */

import { BookOpenText, Send, Wrench } from "lucide-react";
import { useMemo, useState } from "react";
import type { CheckId } from "../../core/proof/profile";
import type { Post, PostScore } from "../../data/model";
import { useAppDispatch, useAppSelector } from "../store/hooks";
import { Button } from "../ui/Button";
import { count } from "../ui/figures";
import { lazyPart } from "../ui/part";
import { LabelledSelect } from "../ui/Select";
import type { SelectOption } from "../ui/selectOptions";
import type { Row } from "./deskRows";
import { worstChecks } from "./portfolio/worstChecks";

/** What is asked for seldom is loaded when it is. */
const CollectManySheet = lazyPart(
  "The sheet",
  async () => (await import("./collecting/CollectManySheet")).CollectManySheet,
);
const BulkFixSheet = lazyPart("This part", async () => (await import("./fixing/BulkFixSheet")).BulkFixSheet);
const PublishManySheet = lazyPart(
  "This part",
  async () => (await import("./PublishManySheet")).PublishManySheet,
);
const ReportMenu = lazyPart(
  "This part",
  async () => (await import("../reports/ReportMenu")).ReportMenu,
  <span className="h-8 w-24" />,
);

interface Props {
  posts: readonly Post[];
  scores: Readonly<Record<string, PostScore>>;
  rows: readonly Row[];
  finding: CheckId | "";
  onFinding: (finding: CheckId | "") => void;
}

export function DeskTools({ posts, scores, rows, finding, onFinding }: Props) {
  const dispatch = useAppDispatch();
  const [collecting, setCollecting] = useState<readonly Post[] | null>(null);
  const [publishing, setPublishing] = useState<readonly Post[] | null>(null);
  const [fixing, setFixing] = useState<readonly Post[] | null>(null);
  const worst = useMemo(() => worstChecks(posts.flatMap(({ id }) => scores[id] ?? [])), [posts, scores]);
  const shown = () => rows.map(({ post }) => post);
  return (
    <div className="mb-1 flex flex-wrap items-center gap-3">
      <p role="status" className="figures mr-auto text-[13px] text-ink-2">
        <Progress
          otherwise={`${count(rows.length, "post")}${rows.length < posts.length ? ` of ${posts.length}` : ""}`}
        />
      </p>
      <LabelledSelect<CheckId | "">
        label="Finding"
        className="!w-auto max-w-[16rem]"
        value={finding}
        onChange={onFinding}
        options={[
          { value: "", label: "Any" },
          ...worst.map(
            ({ id, name, posts: n }): SelectOption<CheckId> => ({ value: id, label: `${name}, ${n}` }),
          ),
        ]}
      />
      <Button disabled={!rows.length} onClick={() => setCollecting(shown())}>
        <BookOpenText size={14} aria-hidden="true" /> Collect for these …
      </Button>
      <Button disabled={!rows.length} onClick={() => setFixing(shown())}>
        <Wrench size={14} aria-hidden="true" /> Fix these …
      </Button>
      <Button disabled={!rows.length} onClick={() => setPublishing(shown())}>
        <Send size={14} aria-hidden="true" /> Publish these …
      </Button>
      <ReportMenu
        label="Report"
        disabled={!rows.length}
        make={async (format) => {
          const { reportOfMany } = await import("./reportOfMany");
          return dispatch(reportOfMany(shown(), format));
        }}
      />
      {collecting && <CollectManySheet posts={collecting} onClose={() => setCollecting(null)} />}
      {publishing && <PublishManySheet posts={publishing} onClose={() => setPublishing(null)} />}
      {fixing && <BulkFixSheet posts={fixing} onClose={() => setFixing(null)} />}
    </div>
  );
}

/** How far the scoring is: said often, and drawn anew alone. */
function Progress({ otherwise }: { otherwise: string }) {
  const scoring = useAppSelector((state) => state.session.scoring);
  return scoring ? `Scoring ${scoring.done + 1} of ${scoring.of} …` : otherwise;
}
