/** The site's pages that are no posts: each is done when it has a title, a description and a keyword. */
import { Check } from "lucide-react";
import type { SitePage } from "../../../core/site/shapes";
import { isDone } from "../../../core/site/site";
import { changeSite } from "../../store/changeSite";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { CommittedField } from "../CommittedField";

const FIELDS = {
  title: "Title",
  metaTitle: "Meta title",
  description: "Description",
  keyword: "Keyword",
} as const;

export function SitePagesTable() {
  const dispatch = useAppDispatch();
  const { pages } = useAppSelector((state) => state.session.site);
  const change = (path: string, changes: Partial<SitePage>) =>
    void dispatch(
      changeSite({ pages: pages.map((one) => (one.path === path ? { ...one, ...changes } : one)) }),
    );
  if (!pages.length)
    return <p className="text-[13px] text-ink-2">No pages yet: write their paths above, one per line.</p>;
  return (
    <>
      <p className="figures text-[13px] text-ink-2">
        {pages.filter(isDone).length} of {pages.length} done: with a title, a description and a keyword.
      </p>
      <ul className="flex flex-col">
        {pages.map((page) => (
          <li
            key={page.path}
            className="grid grid-cols-[9rem_minmax(0,1fr)] gap-x-3 border-t border-rule py-2 small:grid-cols-1"
          >
            <p className="break-all leading-8">
              {page.path}
              {isDone(page) && (
                <span className="flex items-center gap-1 text-[13px] leading-5 text-ink-2">
                  <Check size={14} aria-hidden="true" /> done
                </span>
              )}
            </p>
            <div className="grid grid-cols-2 gap-x-3 gap-y-1 small:grid-cols-1">
              {(Object.keys(FIELDS) as (keyof typeof FIELDS)[]).map((name) => (
                <div key={name}>
                  <CommittedField
                    aria-label={`${FIELDS[name]} of ${page.path}`}
                    placeholder={FIELDS[name]}
                    value={page[name]}
                    fault={() => null}
                    onCommit={(text) => change(page.path, { [name]: text })}
                  />
                </div>
              ))}
            </div>
          </li>
        ))}
      </ul>
    </>
  );
}
