import { Settings as Gear, Search } from "lucide-react";
import { Suspense, useEffect, useState } from "react";
import { NavLink, Outlet } from "react-router";
import { useAppSelector } from "../store/hooks";
import { Loading } from "../ui/Loading";
import { Notice } from "../ui/Notice";
import { lazyPart } from "../ui/part";
import { Tooltip } from "../ui/Tooltip";
import { Mark } from "./Mark";

const CommandField = lazyPart("The command field", async () => (await import("./CommandField")).CommandField);
const Notices = lazyPart("Notices", async () => (await import("./Notices")).Notices);
const KeySheet = lazyPart("The list of keys", async () => (await import("./KeySheet")).KeySheet);

/** Is the key meant for a text that is being written? */
const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

export function Shell() {
  const start = useAppSelector((state) => state.session.start);
  const failure = useAppSelector((state) => state.session.failure);
  const name = useAppSelector((state) => state.session.site.name);
  const [finding, setFinding] = useState(false);
  const [keys, setKeys] = useState(false);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "k" && !isTyping(event.target)) {
        event.preventDefault();
        setFinding(true);
      }
      if (event.key === "?" && !isTyping(event.target)) setKeys(true);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);

  const place = ({ isActive }: { isActive: boolean }) =>
    `flex h-full items-center border-b-2 px-1 ${isActive ? "border-proof font-semibold" : "border-transparent text-ink-2 hover:text-ink"}`;

  return (
    <div className="flex min-h-screen flex-col">
      <a
        href="#content"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-2"
      >
        Skip to the content
      </a>
      <header
        data-around
        className="sticky top-0 z-30 flex h-11 items-center gap-6 border-b border-rule bg-sheet px-4 small:gap-3 small:px-2 short:static"
      >
        <div className="flex items-center gap-2">
          <Mark />
          <span className="whitespace-nowrap font-serif text-[15px] font-semibold max-[480px]:sr-only">
            Dune Sparrow
          </span>
          <Tooltip says={name} whenCut>
            <span className="max-w-56 truncate small:hidden border-l border-rule pl-2 text-[13px] text-ink-2">
              <bdi>{name}</bdi>
            </span>
          </Tooltip>
        </div>
        <nav aria-label="Places" className="flex h-full items-center gap-5 small:gap-2">
          <NavLink to="/" end className={place}>
            Desk
          </NavLink>
          <NavLink to="/keywords" className={place}>
            Keywords
          </NavLink>
          <NavLink to="/calendar" className={place}>
            Calendar
          </NavLink>
          <NavLink to="/drawer" className={place}>
            Drawer
          </NavLink>
        </nav>
        <button
          type="button"
          onClick={() => setFinding(true)}
          className="ml-auto flex h-7 w-64 min-w-0 items-center justify-between rounded border border-rule bg-paper px-2 text-left text-ink-2 hover:border-edge small:w-auto"
        >
          <Search size={15} aria-hidden="true" className="hidden small:block" />
          <span className="truncate small:sr-only">Find a post or an action</span>
          <kbd className="whitespace-nowrap font-sans text-[12px] small:hidden">Ctrl K</kbd>
        </button>
        <NavLink to="/settings" className={({ isActive }) => `${place({ isActive })} gap-1.5`}>
          <Gear size={15} aria-hidden="true" />
          <span className="small:sr-only">Settings</span>
        </NavLink>
      </header>
      <main id="content" className="flex flex-1 flex-col">
        {start === "failed" ? (
          <StartFailure why={failure} />
        ) : start === "starting" ? (
          <Starting />
        ) : (
          <Suspense fallback={<Loading />}>
            <Outlet />
          </Suspense>
        )}
        <div id="content-layer" />
      </main>
      {start !== "starting" && <Notices />}
      {finding && <CommandField onClose={() => setFinding(false)} />}
      {keys && <KeySheet onClose={() => setKeys(false)} />}
    </div>
  );
}

function Starting() {
  return (
    <p role="status" className="m-auto text-ink-2">
      Opening the workspace …
    </p>
  );
}

function StartFailure({ why }: { why: string }) {
  return (
    <div className="m-auto max-w-xl p-6">
      <Notice heading="h1" title="The workspace cannot be opened">
        <p>
          The browser did not let Dune Sparrow use its storage: {why || "it gave no reason"}. Everything saved
          before is unchanged.
        </p>
        <p className="mt-2">
          Private windows and strict settings for site data are the usual causes. Allow storage for this
          address, then open it again.
        </p>
        <button type="button" className="quiet-link mt-3" onClick={() => window.location.reload()}>
          Try again
        </button>
      </Notice>
    </div>
  );
}
