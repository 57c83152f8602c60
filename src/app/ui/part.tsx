/** Parts of the application that are loaded when they are first needed. One that cannot be loaded says so in its place, and can be tried again. */
import { type ComponentType, type ReactNode, use, useEffect, useState } from "react";
import type { RouteObject } from "react-router";
import { Failed } from "./Failed";
import { Loading } from "./Loading";
import { PartBoundary } from "./PartBoundary";

interface Loadable<Props extends object> {
  Part: ComponentType<Props>;
  /** Resolves once it is loaded. */
  load: () => Promise<void>;
}

function loadable<Props extends object>(
  name: string,
  load: () => Promise<ComponentType<Props>>,
  waiting: ReactNode,
): Loadable<Props> {
  const held: { loaded: ComponentType<Props> | null } = { loaded: null };
  const get = async () => {
    held.loaded ??= await load();
  };

  function Part(props: Props) {
    const [, setLoads] = useState(0);
    const [failure, setFailure] = useState<string | null>(null);
    const [tries, setTries] = useState(0);
    const Loaded = held.loaded;
    useEffect(() => {
      if (held.loaded) return;
      let live = true;
      setFailure(null);
      get().then(
        () => live && setLoads((n) => n + 1),
        async (error: Error) => {
          if (tries && (await isThereNow(error.message))) location.reload();
          else if (live) setFailure(error.message);
        },
      );
      return () => {
        live = false;
      };
    }, [tries]);
    if (Loaded)
      return (
        <PartBoundary name={name}>
          <Loaded {...props} />
        </PartBoundary>
      );
    if (failure === null) return waiting;
    return (
      <div className="m-auto max-w-xl p-6">
        <Failed
          what={`${name} could not be loaded`}
          why={whyNot(failure)}
          safe="What was saved is safe, and the rest of the application still works."
          onRetry={() => setTries(tries + 1)}
        />
      </div>
    );
  }
  return { Part, load: get };
}

/** The browser's own words name the file's address, which helps nobody. */
const NOT_FETCHED = /dynamically imported module|module script failed|preload/i;

/**
 * Some browsers remember for as long as the page lives that a module could not be fetched, and do not ask for it again: where its
 * file is there now, a new page has it.
 */
async function isThereNow(failure: string): Promise<boolean> {
  if (!NOT_FETCHED.test(failure)) return false;
  const address = /https?:\S+/.exec(failure)?.[0] ?? location.href;
  return fetch(address, { method: "HEAD", cache: "no-store" }).then(
    ({ ok }) => ok,
    () => false,
  );
}

function whyNot(failure: string): string {
  if (!navigator.onLine) return "This device is offline, and this part had not been loaded before";
  return NOT_FETCHED.test(failure)
    ? "Its files did not load: the server may be stopped or out of reach"
    : failure;
}

/**
 * A part of a screen that is loaded when it is first shown.
 *
 * @param name what it is, as the beginning of a sentence
 * @param waiting shown until it is there
 */
export const lazyPart = <Props extends object>(
  name: string,
  load: () => Promise<ComponentType<Props>>,
  waiting: ReactNode = null,
): ComponentType<Props> => loadable(name, load, waiting).Part;

/** What a route keeps of its part, so that it can be asked for before it is shown. */
interface PartOfRoute {
  /** Loads it, once. It resolves in any case: whether it could be loaded, its place says. */
  load: () => Promise<void>;
}

export const isPart = (handle: unknown): handle is PartOfRoute =>
  typeof handle === "object" && handle !== null && "load" in handle;

/** The same for a route: the screen before it stays until it is loaded, and where that fails, its place says so. */
export function part(
  name: string,
  load: () => Promise<ComponentType>,
): Pick<RouteObject, "handle" | "Component"> {
  const { Part, load: get } = loadable(name, load, <Loading />);
  const held: { first: Promise<void> | null } = { first: null };
  const handle: PartOfRoute = {
    load: () => {
      held.first ??= get().catch(() => {});
      return held.first;
    },
  };
  return {
    handle,
    Component: () => {
      use(handle.load());
      return <Part />;
    },
  };
}
