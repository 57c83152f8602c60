/** The head of the sheet: title, meta title, description and slug, each with what the proof says of it. */
import type { ReactNode } from "react";
import type { Check } from "../../../core/proof/check";
import { shownGains } from "../../../core/proof/shownGains";
import { textWidth } from "../../../core/snippet/width";
import { languagePack } from "../../../core/text/language";
import { keywordSlug, makeSlug } from "../../../core/text/slug";
import type { Post } from "../../../data/model";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { postEdited } from "../../store/openPostSlice";
import { points } from "../../ui/figures";

export function HeadFields({ post }: { post: Post }) {
  const readOnly = useAppSelector((state) => state.openPost.readOnly);
  const site = useAppSelector((state) => state.session.site);
  const profile = useAppSelector((state) => state.session.profile);
  const dispatch = useAppDispatch();
  const titleRules = profile.checks["title-width"];
  const lineRules = profile.checks["description-width"];
  const titleWidth = textWidth((post.metaTitle || post.title) + site.titleSuffix, titleRules.size);
  const lineWidth = textWidth(post.description, lineRules.size);
  const edit = (changes: Partial<Post>) => dispatch(postEdited(changes));
  const suggested = post.keyword
    ? keywordSlug(post.keyword, languagePack(post.language))
    : makeSlug(post.title, languagePack(post.language));

  return (
    <div className="border-b border-rule pb-4 print:border-0 print:pb-0">
      <textarea
        data-field="title"
        dir="auto"
        aria-label="Post title"
        placeholder="Title"
        rows={1}
        readOnly={readOnly}
        value={post.title}
        onChange={(event) => edit({ title: event.target.value.replace(/\n/g, " ") })}
        className="grow-field w-full resize-none bg-transparent font-serif text-[27px] font-semibold leading-tight"
      />
      <div className="print:hidden">
        <FieldNotes place="title" />
        <Field
          label="Meta title"
          for="metaTitle"
          count={titleWidth ? `${Math.round(titleWidth)} of ${titleRules.range[2]} px` : ""}
        >
          <input
            id="metaTitle"
            data-field="metaTitle"
            dir="auto"
            className="line-field"
            readOnly={readOnly}
            placeholder={post.title || "As the title, where there is none"}
            value={post.metaTitle}
            onChange={(event) => edit({ metaTitle: event.target.value })}
          />
        </Field>
        <FieldNotes place="metaTitle" />
        <Field
          label="Description"
          for="description"
          count={lineWidth ? `${Math.round(lineWidth)} of ${lineRules.range[2]} px` : ""}
        >
          <textarea
            id="description"
            data-field="description"
            dir="auto"
            rows={1}
            className="line-field grow-field resize-none"
            readOnly={readOnly}
            placeholder="What a reader finds here, in two lines of a results page"
            value={post.description}
            onChange={(event) => edit({ description: event.target.value.replace(/\n/g, " ") })}
          />
        </Field>
        <FieldNotes place="description" />
        <Field label="Slug" for="slug" count="">
          <span className="flex items-center gap-2">
            <input
              id="slug"
              data-field="slug"
              className="line-field"
              readOnly={readOnly}
              placeholder="page-address"
              value={post.slug}
              onChange={(event) => edit({ slug: event.target.value })}
            />
            {!post.slug && suggested && !readOnly && (
              <button type="button" className="quiet-link shrink-0" onClick={() => edit({ slug: suggested })}>
                Use “{suggested}”
              </button>
            )}
          </span>
        </Field>
        <FieldNotes place="slug" />
      </div>
    </div>
  );
}

function Field({
  label,
  for: id,
  count,
  children,
}: {
  label: string;
  for: string;
  count: string;
  children: ReactNode;
}) {
  return (
    <div className="mt-1 grid grid-cols-[88px_minmax(0,1fr)_100px] items-baseline gap-2 text-[13px] small:grid-cols-[72px_minmax(0,1fr)]">
      <label htmlFor={id} className="text-ink-2">
        {label}
      </label>
      {children}
      <span className="figures text-right text-ink-2 small:hidden">{count}</span>
    </div>
  );
}

/** Findings about one field, in the line below it. */
function FieldNotes({ place }: { place: Check["place"] }) {
  const report = useAppSelector((state) => state.openPost.report);
  // Two checks may wait for the same thing: it is said once, with what both are worth.
  const gains = new Map<string, number>();
  const shown = shownGains(report?.findings ?? []);
  for (const f of report?.findings ?? []) {
    if (shown.has(f.id) && f.place === place && f.code !== "no-keyword")
      gains.set(f.reason, (gains.get(f.reason) ?? 0) + shown.get(f.id)!);
  }
  if (!gains.size) return null;
  return (
    <ul
      aria-label={`Notes on the ${place === "metaTitle" ? "meta title" : place}`}
      className="ml-[96px] text-[12px] text-ink-2 small:ml-0"
    >
      {[...gains].map(([reason, gain]) => (
        <li key={reason} className="flex justify-between gap-3">
          <span>{reason}</span>
          <span className="figures shrink-0 font-semibold text-ink">+{points(gain)}</span>
        </li>
      ))}
    </ul>
  );
}
