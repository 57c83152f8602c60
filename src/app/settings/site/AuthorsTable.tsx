/** Who writes for the site, as their pages introduce them. */
import type { Author } from "../../../core/site/shapes";
import { plainSlug } from "../../../core/site/slugs";
import { changeSite } from "../../store/changeSite";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { Checkbox } from "../../ui/Checkbox";
import { CommittedField } from "../CommittedField";

export function AuthorsTable() {
  const dispatch = useAppDispatch();
  const { authors } = useAppSelector((state) => state.session.site);
  const change = (name: string, changes: Partial<Author>) =>
    void dispatch(
      changeSite({ authors: authors.map((one) => (one.name === name ? { ...one, ...changes } : one)) }),
    );
  if (!authors.length)
    return <p className="text-[13px] text-ink-2">No authors yet: name them above, one per line.</p>;
  return (
    <table className="w-full border-collapse text-[13px]">
      <thead>
        <tr className="text-left text-ink-2">
          <th scope="col" className="w-[24%] py-1 font-normal">
            Author
          </th>
          <th scope="col" className="w-[20%] px-2 py-1 font-normal">
            In addresses
          </th>
          <th scope="col" className="px-2 py-1 font-normal">
            Short biography
          </th>
          <th scope="col" className="w-14 py-1 pl-2 font-normal">
            Guest
          </th>
        </tr>
      </thead>
      <tbody>
        {authors.map(({ name, slug, biography, guest }) => (
          <tr key={name} className="border-t border-rule">
            <th scope="row" className="py-1.5 text-left text-[14px] font-normal">
              {name}
            </th>
            <td className="px-2 py-1">
              <CommittedField
                aria-label={`Address part of ${name}`}
                value={slug}
                fault={(text) =>
                  text.trim() === plainSlug(text) && text.trim()
                    ? null
                    : "Use small letters, figures and hyphens."
                }
                onCommit={(next) => change(name, { slug: next })}
              />
            </td>
            <td className="px-2 py-1">
              <CommittedField
                aria-label={`Biography of ${name}`}
                value={biography}
                fault={() => null}
                onCommit={(next) => change(name, { biography: next })}
              />
            </td>
            <td className="py-1 pl-2">
              <Checkbox
                label={`${name} is a guest`}
                checked={guest}
                onChange={(next) => change(name, { guest: next })}
              />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
