/** Where else readers find the post: places that the blog copies its excerpt to, and copies that somebody put elsewhere by hand. */
import type { Post } from "../../../data/model";
import type { BlogConfig } from "../../../services/blog/blogClient";
import { Checkbox } from "../../ui/Checkbox";
import { ListField } from "../../ui/ListField";

interface Props {
  id: string;
  post: Post;
  /** What the blog can do; null while it has not said. */
  config: BlogConfig | null;
  readOnly: boolean;
  onChange: (changes: Partial<Post>) => void;
}

export function CopiesField({ id, post, config, readOnly, onChange }: Props) {
  const chosen = post.syndicateTo ?? [];
  const offered = config?.syndicateTo ?? [];
  // What was chosen at another blog is still said.
  const places = [
    ...offered,
    ...chosen
      .filter((uid) => !offered.some((one) => one.uid === uid))
      .map((uid) => ({ uid, name: `${uid}, which this blog does not offer` })),
  ];
  return (
    <>
      {places.length > 0 && (
        <fieldset className="flex flex-wrap gap-x-5 gap-y-1 py-1">
          <legend className="sr-only">Copy the excerpt to</legend>
          {places.map(({ uid, name }) => (
            <label key={uid} className="flex items-center gap-1.5">
              <Checkbox
                checked={chosen.includes(uid)}
                disabled={readOnly}
                onChange={(on) =>
                  onChange({ syndicateTo: on ? [...chosen, uid] : chosen.filter((one) => one !== uid) })
                }
              />
              {name}
            </label>
          ))}
        </fieldset>
      )}
      <ListField
        id={id}
        by={"\n"}
        entries={post.syndicated ?? []}
        readOnly={readOnly}
        onChange={(syndicated) => onChange({ syndicated })}
      />
    </>
  );
}
