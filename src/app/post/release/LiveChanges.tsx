/** What readers have against what is written here, as a page in two inks: struck through what went, underlined what came. */
import { useMemo } from "react";
import { compareDocs, wordChanges } from "../../../core/versions/compare";
import { livePost } from "../../../data/livePost";
import type { LiveCopy, Post } from "../../../data/model";
import { renderedPost } from "../../../data/renderedSite";
import { useAppSelector } from "../../store/hooks";
import { usePostSession } from "../SessionContext";

const FIELDS = {
  title: "Title",
  metaTitle: "Meta title",
  description: "Meta description",
  excerpt: "Excerpt",
  slug: "Slug",
  author: "Author",
} as const;

export function LiveChanges({ post, copy, rests }: { post: Post; copy: LiveCopy; rests: number }) {
  const session = usePostSession();
  const { categories } = useAppSelector((state) => state.session.site);
  // biome-ignore lint/correctness/useExhaustiveDependencies: rests stands for the document
  const { blocks, fields } = useMemo(() => {
    const doc = session.json();
    const live = livePost(copy, categories);
    const now = renderedPost(post, doc);
    return {
      blocks: compareDocs(copy.doc, doc),
      fields: (Object.keys(FIELDS) as (keyof typeof FIELDS)[])
        .filter((name) => live[name] !== now[name])
        .map((name) => ({ name, parts: wordChanges(live[name], now[name]) })),
    };
  }, [copy, post, categories, session, rests]);
  return (
    <section aria-label="Compared with what is live" className="min-w-0">
      <h2 className="mb-2 font-serif text-xl">Compared with what is live</h2>
      <p className="mb-2 text-[13px] text-ink-2">
        Underlined: new here. Struck through: readers still have it.
      </p>
      <div
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reachable by keys
        tabIndex={0}
        className="max-h-[70vh] overflow-y-auto border border-rule bg-sheet px-6 py-4 font-serif text-[16px] leading-relaxed"
      >
        {fields.map(({ name, parts }) => (
          <p key={name} className="mb-2">
            <span className="mr-2 font-sans text-[12px] text-ink-2">{FIELDS[name]}</span>
            <Parts parts={parts} />
          </p>
        ))}
        {blocks.map(({ kind, parts }, at) => (
          <p
            key={at}
            className={`mb-2 whitespace-pre-wrap ${kind === "same" ? "text-ink-2" : "border-l-2 border-proof pl-3 -ml-3.5"}`}
          >
            <Parts parts={parts} />
          </p>
        ))}
      </div>
    </section>
  );
}

const Parts = ({ parts }: { parts: ReturnType<typeof wordChanges> }) =>
  parts.map(({ text, kind }, at) =>
    kind === "removed" ? (
      <del key={at} className="text-plum">
        {text}
      </del>
    ) : kind === "added" ? (
      <ins key={at} className="bg-proof-wash decoration-proof">
        {text}
      </ins>
    ) : (
      <span key={at}>{text}</span>
    ),
  );
