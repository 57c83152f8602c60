import { X } from "lucide-react";
import { useEffect, useMemo, useState } from "react";
import { opportunities } from "../../../core/keywords/opportunity";
import { stemKey } from "../../../core/keywords/stemKey";
import { foldPlain } from "../../../core/text/fold";
import { listKeywords } from "../../../data/keywords";
import type { Post, StoredKeyword } from "../../../data/model";
import { postEdited } from "../../store/openPostSlice";
import { postsAdapter } from "../../store/postsSlice";
import { useAct, useApp } from "../../store/store";
import { whole } from "../../ui/figures";
import { KeywordTable } from "./KeywordTable";
import type { KeywordRow } from "./keywordRow";
import { OwnKeyword } from "./OwnKeyword";
import { Target } from "./Target";

const { selectAll } = postsAdapter.getSelectors();

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
  const language = post?.language ?? "en";
  const rows = useMemo(() => {
    const scores = opportunities(keywords ?? []);
    return (keywords ?? []).map(
      (keyword, i): KeywordRow => ({
        ...keyword,
        opportunity: scores[i]!,
        taken: targets.get(stemKey(keyword.text, language)),
      }),
    );
  }, [keywords, targets, language]);

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
