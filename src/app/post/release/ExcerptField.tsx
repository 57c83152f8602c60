/** What list pages say of a post, apart from the meta description; one can be copied into the other. */
import type { Post } from "../../../data/model";

/** Characters that list pages have room for. */
const [LEAST, MOST] = [100, 250];

interface Props {
  id: string;
  post: Post;
  readOnly: boolean;
  onChange: (changes: Partial<Post>) => void;
  onSuggest: () => void;
}

export function ExcerptField({ id, post, readOnly, onChange, onSuggest }: Props) {
  const excerpt = post.excerpt ?? "";
  const length = [...excerpt].length;
  const says = !length
    ? "List pages show the meta description."
    : length < LEAST
      ? `${length} characters; ${LEAST} to ${MOST} read well.`
      : length > MOST
        ? `${length} characters: more than ${MOST} are cut off on some lists.`
        : `${length} characters.`;
  return (
    <>
      <textarea
        id={id}
        dir="auto"
        rows={2}
        data-field="excerpt"
        className="field-box grow-field"
        readOnly={readOnly}
        value={excerpt}
        onChange={(event) => onChange({ excerpt: event.target.value })}
      />
      <p className="figures mt-0.5 flex flex-wrap gap-x-4 text-[12px] text-ink-2">
        {says}
        {!readOnly && (
          <button type="button" className="quiet-link" onClick={onSuggest}>
            Suggest
          </button>
        )}
        {!readOnly && post.description && excerpt !== post.description && (
          <button
            type="button"
            className="quiet-link"
            onClick={() => onChange({ excerpt: post.description })}
          >
            Copy the meta description
          </button>
        )}
        {!readOnly && excerpt && !post.description && (
          <button type="button" className="quiet-link" onClick={() => onChange({ description: excerpt })}>
            Use it as the meta description
          </button>
        )}
      </p>
    </>
  );
}
