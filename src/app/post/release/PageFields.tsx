/** What the page carries besides its text. */
import { useId, useState } from "react";
import { Link } from "react-router";
import { postAddress, postPath } from "../../../data/draft";
import type { Post } from "../../../data/model";
import type { BlogConfig } from "../../../services/blog/blogClient";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { postEdited } from "../../store/openPostSlice";
import { categoryOptions } from "../../ui/categoryOptions";
import { DateField } from "../../ui/DateField";
import { FieldLine } from "../../ui/FieldLine";
import { ListField } from "../../ui/ListField";
import { Select } from "../../ui/Select";
import { FieldsSuggestSheet } from "../FieldsSuggestSheet";
import { CommentsField } from "./CommentsField";
import { CopiesField } from "./CopiesField";
import { ExcerptField } from "./ExcerptField";
import { LeadPictureField } from "./LeadPictureField";
import { OtherCategories } from "./OtherCategories";
import { Redirects } from "./Redirects";
import { TranslationField } from "./TranslationField";

interface Props {
  post: Post;
  /** What the blog can do; null while it has not said. */
  config: BlogConfig | null;
  readOnly: boolean;
}

export function PageFields({ post, config, readOnly }: Props) {
  const dispatch = useAppDispatch();
  const site = useAppSelector((state) => state.session.site);
  const edit = (changes: Partial<Post>) => dispatch(postEdited(changes));
  const authors = useId();
  const [suggesting, setSuggesting] = useState(false);
  return (
    <section aria-label="The page" className="max-w-[44rem] border border-rule bg-sheet px-4 py-3">
      <h2 className="mb-1 text-[13px] text-ink-2">The page carries</h2>
      {suggesting && <FieldsSuggestSheet first="excerpt" onClose={() => setSuggesting(false)} />}
      <FieldLine label="Address">
        {(id) => (
          <span className="flex min-w-0 items-baseline">
            <span className="shrink-0 text-ink-2 small:min-w-0 small:shrink small:truncate">
              {site.origin.replace(/^https?:\/\//, "")}
              {postPath({ slug: "", categories: post.categories }, site)}
            </span>
            <input
              id={id}
              className="line-field"
              readOnly={readOnly}
              value={post.slug}
              onChange={(event) => edit({ slug: event.target.value })}
            />
          </span>
        )}
      </FieldLine>
      <FieldLine label="Canonical">
        {(id) => (
          <input
            id={id}
            type="url"
            className="line-field"
            readOnly={readOnly}
            placeholder={postAddress({ ...post, canonical: "" }, site) || "the post's own address"}
            value={post.canonical}
            onChange={(event) => edit({ canonical: event.target.value.trim() })}
          />
        )}
      </FieldLine>
      <FieldLine label="Category">
        {(id) => (
          <Select
            id={id}
            disabled={readOnly}
            value={post.categories[0] ?? ""}
            options={[{ value: "", label: "None" }, ...categoryOptions(site.categories)]}
            onChange={(primary) =>
              edit({
                categories: [primary, ...post.categories.slice(1)].filter(
                  (id, at, all) => id && all.indexOf(id) === at,
                ),
              })
            }
          />
        )}
      </FieldLine>
      {site.categories.length > 1 && (
        <FieldLine label="Also in">
          {() => (
            <OtherCategories
              categories={site.categories}
              value={post.categories}
              readOnly={readOnly}
              onChange={(categories) => edit({ categories })}
            />
          )}
        </FieldLine>
      )}
      <FieldLine label="Excerpt">
        {(id) => (
          <ExcerptField
            id={id}
            post={post}
            readOnly={readOnly}
            onChange={edit}
            onSuggest={() => setSuggesting(true)}
          />
        )}
      </FieldLine>
      <FieldLine label="Lead picture">
        {() => <LeadPictureField post={post} readOnly={readOnly} onChange={edit} />}
      </FieldLine>
      <FieldLine label="Tags">
        {(id) => (
          <ListField
            id={id}
            by=","
            entries={post.tags}
            readOnly={readOnly}
            onChange={(tags) => edit({ tags })}
          />
        )}
      </FieldLine>
      <FieldLine label="Author">
        {(id) => (
          <>
            <input
              id={id}
              list={authors}
              className="line-field"
              readOnly={readOnly}
              value={post.author}
              onChange={(event) => edit({ author: event.target.value })}
            />
            <datalist id={authors}>
              {site.authors.map(({ name }) => (
                <option key={name}>{name}</option>
              ))}
            </datalist>
          </>
        )}
      </FieldLine>
      <FieldLine label="Date">
        {(id) => (
          <DateField
            id={id}
            label="Date"
            field="date"
            readOnly={readOnly}
            value={post.date}
            onChange={(date) => edit({ date })}
          />
        )}
      </FieldLine>
      <FieldLine
        label="Place"
        hint="Where the post is about, for a firm that people visit: a name, then where it is."
      >
        {(id) => (
          <span className="flex flex-wrap gap-3">
            <input
              id={id}
              className="line-field !w-56"
              readOnly={readOnly}
              placeholder="Name"
              value={post.location?.name ?? ""}
              onChange={(event) =>
                edit({ location: { name: event.target.value, place: post.location?.place ?? "" } })
              }
            />
            <input
              aria-label="Where the place is"
              className="line-field !w-56"
              readOnly={readOnly}
              placeholder="Street and town"
              value={post.location?.place ?? ""}
              onChange={(event) =>
                edit({ location: { name: post.location?.name ?? "", place: event.target.value } })
              }
            />
          </span>
        )}
      </FieldLine>
      <FieldLine label="Comments" hint="Told to the blog. The stand-in's pages take none.">
        {(id) => (
          <CommentsField
            id={id}
            value={post.comments ?? ""}
            site={site}
            readOnly={readOnly}
            onChange={edit}
          />
        )}
      </FieldLine>
      <FieldLine
        label="Copies"
        hint="Addresses of copies elsewhere, one to a line. A copy shows the excerpt and leads back here."
      >
        {(id) => <CopiesField id={id} post={post} config={config} readOnly={readOnly} onChange={edit} />}
      </FieldLine>
      <FieldLine label="Language">
        {(id) => (
          <input
            id={id}
            className="line-field !w-44"
            readOnly={readOnly}
            maxLength={20}
            value={post.language}
            onChange={(event) => edit({ language: event.target.value.trim() })}
          />
        )}
      </FieldLine>
      <FieldLine label="Translates">
        {(id) => <TranslationField id={id} post={post} readOnly={readOnly} onChange={edit} />}
      </FieldLine>
      <Redirects postId={post.id} readOnly={readOnly} />
      <p className="mt-2 text-[13px] text-ink-2">
        Title, meta title and description are on{" "}
        <Link className="quiet-link" to="../write" relative="path">
          the sheet
        </Link>
        .
      </p>
    </section>
  );
}
