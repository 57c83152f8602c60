/** The place of keywords: look-ups, lists, how lists overlap, ideas. */
import { NavLink, Outlet, useSearchParams } from "react-router";

export function KeywordsPlace() {
  const [params] = useSearchParams();
  const post = params.get("post");
  const tab = ({ isActive }: { isActive: boolean }) =>
    `flex h-9 items-center border-b-2 px-0.5 ${isActive ? "border-proof font-semibold" : "border-transparent text-ink-2 hover:text-ink"}`;
  const to = (path: string) => `/keywords${path}${post ? `?post=${post}` : ""}`;
  return (
    <div className="mx-auto flex w-full max-w-[92rem] flex-1 flex-col px-6 pb-3 small:px-3 wide:max-w-[116rem]">
      <h1 className="sr-only">Keywords</h1>
      <nav aria-label="Keywords" className="mb-3 flex gap-5 border-b border-rule">
        <NavLink className={tab} to={to("/look-ups")}>
          Look-ups
        </NavLink>
        <NavLink className={tab} to={to("/lists")}>
          Lists
        </NavLink>
        <NavLink className={tab} to={to("/overlap")}>
          Overlap
        </NavLink>
        <NavLink className={tab} to={to("/ideas")}>
          Ideas
        </NavLink>
      </nav>
      <Outlet />
    </div>
  );
}
