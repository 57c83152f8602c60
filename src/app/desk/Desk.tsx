/** The Desk: every post by stage, with its score, what it needs next, and what of the whole needs attention. */

import { Plus } from "lucide-react";
import { useEffect } from "react";
import { useNavigate } from "react-router";
import { startPost } from "../posts/createPost";
import { useAppDispatch } from "../store/hooks";
import { Button } from "../ui/Button";
import { lazyPart } from "../ui/part";
import { AttentionLine } from "./AttentionLine";
import { BackupLine } from "./BackupLine";
import { Beginning } from "./beginning/Beginning";
import { DeskTools } from "./DeskTools";
import { DeskTop } from "./DeskTop";
import { noSift } from "./deskRows";
import { PostList } from "./PostList";
import { useDesk } from "./useDesk";
import { useDeskPublishing } from "./useDeskPublishing";

/** It stands below what is looked for first, in the room that is kept for it. */
const Portfolio = lazyPart(
  "The overview of all posts",
  async () => (await import("./portfolio/Portfolio")).Portfolio,
  <div className="mb-4 min-h-[9.75rem] border border-rule bg-sheet small:hidden" />,
);

export function Desk() {
  const { site, posts, scores, rows, groups, sift, setSift, sort, setSort } = useDesk();
  const publishing = useDeskPublishing();
  const setFinding = (finding: typeof sift.finding) => setSift({ ...sift, finding });
  useEffect(() => {
    document.title = `Desk · ${site.name}`;
  }, [site.name]);
  return (
    <div className="mx-auto w-full max-w-[90rem] px-6 py-5 small:px-3 small:py-3 wide:max-w-[110rem]">
      <DeskTop site={site} sift={sift} onSift={setSift} sort={sort} onSort={setSort} />
      <Beginning />
      <AttentionLine posts={posts} publishing={publishing} />
      <BackupLine posts={posts} />
      <Portfolio posts={posts} scores={scores} finding={sift.finding} onFinding={setFinding} />
      <DeskTools posts={posts} scores={scores} rows={rows} finding={sift.finding} onFinding={setFinding} />
      {posts.length === 0 ? (
        <Empty />
      ) : rows.length === 0 ? (
        <p className="border border-rule bg-sheet p-6 text-ink-2">
          No post matches.{" "}
          <button type="button" className="quiet-link" onClick={() => setSift(noSift)}>
            Show all
          </button>
        </p>
      ) : (
        <PostList groups={groups} publishing={publishing} />
      )}
    </div>
  );
}

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
