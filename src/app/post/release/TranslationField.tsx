/** The post that this one is a translation of: each then names the other, to readers and to search engines. */
import type { Post } from "../../../data/model";
import { useAppSelector } from "../../store/hooks";
import { selectPosts } from "../../store/selectors";
import { Select } from "../../ui/Select";

interface Props {
  id: string;
  post: Post;
  readOnly: boolean;
  onChange: (changes: Partial<Post>) => void;
}

export function TranslationField({ id, post, readOnly, onChange }: Props) {
  const posts = useAppSelector(selectPosts);
  // A translation of a translation is one of the original.
  const originals = posts.filter(
    (one) => one.id !== post.id && one.language !== post.language && !one.translationOf,
  );
  return (
    <Select
      id={id}
      disabled={readOnly || originals.length === 0}
      value={post.translationOf ?? ""}
      options={[
        {
          value: "",
          label: originals.length ? "No translation" : "No translation: there is no post in another language",
        },
        ...originals.map((one) => ({
          value: one.id,
          label: `${one.title || "Untitled post"} (${one.language})`,
        })),
      ]}
      onChange={(translationOf) => onChange({ translationOf })}
    />
  );
}
