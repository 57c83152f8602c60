/** The categories that a post is in besides its primary one. */
import { categoryTree } from "../../../core/site/categories";
import type { Category } from "../../../core/site/shapes";
import { Checkbox } from "../../ui/Checkbox";

interface Props {
  categories: readonly Category[];
  /** Ids; the first is the primary one. */
  value: readonly string[];
  readOnly: boolean;
  onChange: (value: string[]) => void;
}

export function OtherCategories({ categories, value, readOnly, onChange }: Props) {
  const [primary] = value;
  if (primary === undefined)
    return <p className="leading-8 text-ink-2">Choose the primary category first.</p>;
  const set = (id: string, on: boolean) => onChange(on ? [...value, id] : value.filter((one) => one !== id));
  return (
    <ul aria-label="Also in" className="flex flex-wrap gap-x-4 gap-y-1 py-1.5">
      {categoryTree(categories)
        .filter(({ category }) => category.id !== primary)
        .map(({ category: { id, name } }) => (
          <li key={id}>
            <label className="flex items-center gap-1.5">
              <Checkbox checked={value.includes(id)} disabled={readOnly} onChange={(on) => set(id, on)} />
              {name}
            </label>
          </li>
        ))}
    </ul>
  );
}
