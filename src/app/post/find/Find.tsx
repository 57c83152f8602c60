/** Find: what the post is for. Its list on the left, keywords of a look-up to take from on the right. */

import { X } from "lucide-react";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import { stemKey } from "../../../core/keywords/stemKey";
import type { Post } from "../../../data/model";
import type { NamedOverlap } from "../../../workers/listIndex";
import { OverlapPanel } from "../../keywords/lists/OverlapPanel";
import { useLookUps } from "../../keywords/lookup/useLookUps";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppSelector } from "../../store/hooks";
import { selectListEntities, selectPostEntities, selectPosts } from "../../store/selectors";
import { useAskOrTell } from "../../store/useAskOrTell";
import { useResearch } from "../../store/useResearch";
import { attemptRead } from "../../ui/attemptRead";
import { whole } from "../../ui/figures";
import { Term } from "../../ui/Term";
import { NextStage } from "../NextStage";
import { OwnKeyword } from "./OwnKeyword";
import { PickKeywords } from "./PickKeywords";
import { Target } from "./Target";
import { usePostList } from "./usePostList";

export function Find() {
  const post = useAppSelector((state) => state.openPost.post);
  return post && <FindFor post={post} />;
}

const NO_OVERLAPS: NamedOverlap[] = [];

function FindFor({ post }: { post: Post }) {
  const { workers } = useDependencies();
  useLookUps();
  const readOnly = useAppSelector((state) => state.openPost.readOnly);
  const posts = useAppSelector(selectPosts);
  const byId = useAppSelector(selectPostEntities);
  const { lookUps, read } = useResearch("lookUps", "read");
  const lists = useAppSelector(selectListEntities);
  const connection = useAppSelector((state) => state.session.search);
  const region =
    useAppSelector((state) => state.research.region) || (lookUps.find((one) => one.region)?.region ?? "");
  const own = usePostList(post);
  const [chosenLookUp, setChosenLookUp] = useState("");
  const lookUp = lookUps.find(({ id }) => id === chosenLookUp) ?? lookUps[0];
  const listId = own.list?.id;
  // Any list may have changed.
  const overlaps = useAskOrTell(
    () => (listId ? workers.keywords.overlapOf(listId) : NO_OVERLAPS),
    [listId, lists],
    { otherwise: NO_OVERLAPS },
  );
  const targets = useMemo(() => {
    const map = new Map<string, Post>();
    for (const other of posts)
      if (other.id !== post.id && other.keyword) map.set(stemKey(other.keyword, other.language), other);
    return map;
  }, [posts, post.id]);

  const addTyped = async (text: string, asTarget: boolean) => {
    const { keywords } = await workers.keywords.numbersFor([text], connection, region, post.language);
    if (asTarget) own.setTarget(keywords[0]!);
    else own.addSupporting(keywords);
  };

  return (
    <div className="mx-auto grid w-full max-w-[92rem] flex-1 grid-cols-[250px_minmax(0,1fr)] gap-6 px-6 py-4 small:grid-cols-[minmax(0,1fr)] small:px-3 wide:max-w-[110rem] mid:grid-cols-[310px_minmax(0,1fr)]">
      <section aria-label="Keywords of this post" className="min-w-0">
        <h2 className="text-[13px] text-ink-2">
          <Term id="target" />
        </h2>
        <Target
          post={post}
          row={own.target}
          taken={post.keyword ? targets.get(stemKey(post.keyword, post.language)) : undefined}
        />
        <h2 className="mt-5 text-[13px] text-ink-2">
          <Term id="supporting" />
        </h2>
        {own.supporting.length === 0 ? (
          <p className="mt-1 text-ink-2">None yet. Add the ones that the same page can answer.</p>
        ) : (
          <ul className="mt-1 border border-rule bg-sheet">
            {own.supporting.map(({ text, searches, note }) => (
              <li
                key={text}
                className="flex min-h-8 items-center gap-2 border-b border-rule px-2 last:border-b-0"
              >
                <span className="min-w-0 flex-1" title={note || undefined}>
                  {text}
                </span>
                <span className="figures text-[13px] text-ink-2">
                  {searches === null ? "" : whole(searches)}
                </span>
                <button
                  type="button"
                  disabled={readOnly}
                  className="quiet-link text-[13px]"
                  onClick={() => own.setTarget(own.supporting.find((keyword) => keyword.text === text)!)}
                  aria-label={`Make “${text}” the target`}
                >
                  Target
                </button>
                <button
                  type="button"
                  disabled={readOnly}
                  onClick={() => own.remove(text)}
                  aria-label={`Remove “${text}”`}
                  className="text-ink-2 hover:text-plum"
                >
                  <X size={15} aria-hidden="true" />
                </button>
              </li>
            ))}
          </ul>
        )}
        <OwnKeyword
          label="Type a keyword of your own"
          disabled={readOnly}
          onTarget={(text) => attemptRead(addTyped(text, true))}
          onSupporting={(text) => attemptRead(addTyped(text, false))}
        />
        {(post.keyword || post.supporting.length > 0) && (
          <>
            <h2 className="mb-1 mt-5 text-[13px] text-ink-2">Overlap with other lists</h2>
            <OverlapPanel overlaps={overlaps} posts={byId} target={post.keyword} />
          </>
        )}
        {listId && (post.keyword || post.supporting.length > 0) && (
          <Link className="quiet-link text-[13px]" to={`/keywords/lists/${listId}`}>
            Open this list
          </Link>
        )}
      </section>
      <section aria-label="Keywords to take from" className="flex min-h-0 min-w-0 flex-col">
        {lookUp ? (
          <PickKeywords
            key={lookUp.id}
            lookUp={lookUp}
            lookUps={lookUps}
            onLookUp={setChosenLookUp}
            post={post}
            readOnly={readOnly}
            onTarget={own.setTarget}
            onSupporting={own.addSupporting}
          />
        ) : read ? (
          <div className="border border-rule bg-sheet p-6">
            <p className="text-ink-2">
              Nothing has been looked up on this site yet. Look up a broad word or import a keyword file; or
              type a keyword of your own on the left.
            </p>
            <Link className="quiet-link mt-3 inline-block" to={`/keywords/look-ups?post=${post.id}`}>
              Look up keywords for this post
            </Link>
          </div>
        ) : (
          <p role="status" className="text-ink-2">
            Reading the look-ups …
          </p>
        )}
        <NextStage from="find" />
      </section>
    </div>
  );
}
