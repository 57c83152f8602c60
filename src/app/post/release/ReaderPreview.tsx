/** The page as readers will have it, as wide as a handle says, and its card on list pages. */
import { useEffect, useMemo, useRef, useState } from "react";
import type { RenderedPage } from "../../../core/site/renderPage";
import { assetId, getAsset } from "../../../data/assets";
import type { Post } from "../../../data/model";
import { useAppSelector } from "../../store/hooks";
import { useAsk } from "../../store/useAsk";
import { Failed } from "../../ui/Failed";
import { letGo } from "../../ui/letGo";
import { lazyPart } from "../../ui/part";
import { Segments } from "../../ui/Segments";
import { Slider } from "../../ui/Slider";
import { usePostSession } from "../SessionContext";

/** Pixels of a telephone, a tablet and a desk. */
const MARKS = [390, 820, 1200] as const;
const MARK_NAMES = ["Phone", "Tablet", "Wide"];
const [NARROWEST, WIDEST] = [340, 1280];
/** Milliseconds of rest before the page is made anew. */
const REST = 400;
const VIEWS = { page: "Page", card: "Card on list pages", results: "In search results" } as const;

const ResultPreview = lazyPart(
  "This part",
  async () => (await import("../proof/ResultPreview")).ResultPreview,
);

export function ReaderPreview({ post, rests }: { post: Post; rests: number }) {
  const session = usePostSession();
  const site = useAppSelector((state) => state.session.site);
  const [width, setWidth] = useState<number>(MARKS[2]);
  const [view, setView] = useState<keyof typeof VIEWS>("page");
  const answer = useAsk(
    ({ workers }) => workers.site.preview(post, session.json(), site, new Date().toISOString()),
    [post, session, site, rests],
    { pause: REST },
  );
  const page = answer.state === "ready" ? answer.value : null;
  const addresses = usePictureAddresses(page);
  const html = useMemo(() => page && addresses && shown(page, view, addresses), [page, view, addresses]);
  return (
    <section aria-label="As readers see it" className="flex min-w-0 flex-col">
      <div className="mb-2 flex flex-wrap items-center gap-x-5 gap-y-2">
        <h2 className="font-serif text-xl">As readers see it</h2>
        <Segments label="What is shown" options={VIEWS} value={view} onChange={setView} />
        <div
          className={`ml-auto flex items-center gap-3 text-[13px] ${view === "results" ? "invisible" : ""}`}
        >
          {MARKS.map((mark, at) => (
            <button
              key={mark}
              type="button"
              aria-pressed={width === mark}
              className={`rounded px-1 ${width === mark ? "font-semibold text-proof" : "text-ink-2 hover:text-proof"}`}
              onClick={() => setWidth(mark)}
            >
              {MARK_NAMES[at]}
            </button>
          ))}
          <Slider
            label="Width of the window"
            value={width}
            from={NARROWEST}
            to={WIDEST}
            step={10}
            says={(value) => `${value} pixels`}
            onChange={setWidth}
            className="w-36"
          />
          <span className="figures w-14 text-right text-ink-2">{width} px</span>
        </div>
      </div>
      {answer.state === "failed" ? (
        <Failed what="The page could not be made." why={answer.why} onRetry={answer.retry} />
      ) : answer.state === "ready" && !page ? (
        <p className="border border-rule bg-sheet p-4 text-ink-2">
          Another post has this address. Give this one another slug, and its page is shown here.
        </p>
      ) : view === "results" ? (
        <div className="max-w-[34rem]">
          <ResultPreview />
        </div>
      ) : (
        <ScaledFrame width={width} html={html} />
      )}
      {page && (
        <p className="mt-1.5 text-[13px] text-ink-2">
          {page.listedOn.length
            ? `Listed on ${page.listedOn.map(({ name }) => name).join(", ")}.`
            : "On no list page: readers find it by its address only."}
        </p>
      )}
      {page && page.says.length > 0 && (
        <ul className="mt-1 border-l-2 border-plum pl-2 text-[13px]">
          {page.says.map((says) => (
            <li key={says}>{says}</li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** A window of that width, made smaller where there is less room. */
function ScaledFrame({ width, html }: { width: number; html: string | null }) {
  const box = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState(0);
  useEffect(() => {
    const element = box.current;
    if (!element) return;
    const watch = new ResizeObserver(() => setRoom(element.clientWidth));
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  const address = usePageAddress(html);
  const scale = room && room < width ? room / width : 1;
  return (
    <div
      ref={box}
      className="h-[min(62rem,calc(100vh-10rem))] min-h-96 overflow-hidden border border-edge bg-sheet"
    >
      {address === null ? (
        <p role="status" className="p-4 text-ink-2">
          Making the page …
        </p>
      ) : (
        <iframe
          title="The page as readers see it"
          // Nothing runs in it; of the same origin it may show pictures of this browser.
          sandbox="allow-same-origin"
          src={address}
          style={{
            width,
            height: `${100 / scale}%`,
            transform: `scale(${scale})`,
            transformOrigin: "0 0",
            marginInlineStart: scale === 1 ? Math.max(0, (room - width) / 2) : 0,
          }}
          className="border-x border-rule bg-white"
        />
      )}
    </div>
  );
}

/** An address at which this browser has a page. */
function usePageAddress(html: string | null): string | null {
  const [address, setAddress] = useState<string | null>(null);
  useEffect(() => {
    if (html === null) return;
    const url = URL.createObjectURL(new Blob([html], { type: "text/html;charset=utf-8" }));
    setAddress(url);
    return () => letGo(url);
  }, [html]);
  return address;
}

/** The page with its styles in it and its pictures at addresses of this browser: nothing is fetched. */
function shown(page: RenderedPage, view: keyof typeof VIEWS, addresses: ReadonlyMap<string, string>): string {
  const whole =
    view === "page"
      ? page.html.replace(/<link rel="stylesheet"[^>]*>/, () => `<style>${page.css}</style>`)
      : `<!doctype html><html lang="en"><head><meta charset="utf-8"><style>${page.css}</style></head><body><main>${page.card}</main></body></html>`;
  return whole
    .replace(/\/pictures\/[^\s"]+/g, (path) => addresses.get(path) ?? path)
    .replace(/<iframe src="https:\/\/([^/"]+)[^>]*><\/iframe>/g, (_frame, host: string) => placeOf(host));
}

/** Nothing is loaded from outside: what readers see in a frame has its place here, and says where it is from. */
const placeOf = (host: string): string =>
  `<div style="aspect-ratio:16/9;display:grid;place-items:center;border:1px solid;padding:1rem">From ${host}: readers see it, nothing is loaded from there here.</div>`;

/** Addresses of the pictures of a page in this browser, by their paths on the site; null while they are not known. */
function usePictureAddresses(page: RenderedPage | null): ReadonlyMap<string, string> | null {
  const [addresses, setAddresses] = useState<ReadonlyMap<string, string> | null>(null);
  const srcs = page ? [...new Set(page.pictures.map(({ src }) => src))].sort().join(" ") : "";
  useEffect(() => {
    if (!page) return;
    let over = false;
    const own: string[] = [];
    void (async () => {
      const urls = new Map<string, string>();
      for (const src of srcs.split(" ").filter(Boolean)) {
        const id = assetId(src);
        const asset = id === null ? undefined : await getAsset(id);
        if (!asset) continue;
        const url = URL.createObjectURL(asset.blob);
        own.push(url);
        urls.set(src, url);
      }
      if (!over)
        setAddresses(new Map(page.pictures.map(({ file, src }) => [`/${file}`, urls.get(src) ?? ""])));
    })();
    return () => {
      over = true;
      for (const url of own) letGo(url);
    };
  }, [page, srcs]);
  return page ? addresses : null;
}
