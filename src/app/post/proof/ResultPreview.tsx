/** How the post will look in a results list: a neutral drawing in Arial's metrics, with a pixel ruler and the mark of the cut. */
import "@fontsource/arimo/latin-400.css";
import "@fontsource/arimo/latin-ext-400.css";
import { cutToWidth } from "../../../core/snippet/width";
import { postAddress } from "../../../data/draft";
import type { Try } from "../../../data/model";
import { useSession } from "../../store/useSession";
import { useMatches } from "../../ui/useMatches";
import { useOpenPost } from "../useOpenPost";

/** Widths of the drawings, in pixels of a results page. */
const WIDE = 620;
const NARROW = 330;
/** The column is narrower than a results page: the wide drawing is shown smaller, ruler and all. */
const WIDE_SCALE = 0.73;
const SMALL_SCALE = 0.5;

/** @param tried what stands in for the draft's own fields */
export function ResultPreview({ tried }: { tried?: Try | undefined }) {
  const { post: open, report } = useOpenPost("post", "report");
  const { site, profile } = useSession("site", "profile");
  const scale = useMatches("(max-width: 719px)") ? SMALL_SCALE : WIDE_SCALE;
  if (!open) return null;
  const post = { ...open, ...tried };
  const titleRules = profile.checks["title-width"];
  const lineRules = profile.checks["description-width"];
  const titleRoom = titleRules.range[2] ?? WIDE;
  const title = cutToWidth(
    (post.metaTitle || post.title || "Untitled post") + site.titleSuffix,
    titleRules.size,
    titleRoom,
  );
  const line = cutToWidth(post.description, lineRules.size, lineRules.range[2] ?? 2 * WIDE);
  const path = postAddress(post, site)
    .replace(/^https?:\/\//, "")
    .split("/")
    .filter(Boolean)
    .join(" › ");
  const result = { path: path || site.origin, title: title.text, line: line.text || "(no description)" };
  return (
    <div className="flex flex-col gap-4">
      <section aria-label="On a wide screen" className="border border-rule bg-sheet p-3">
        <h3 className="mb-2 flex justify-between text-[13px]">
          On a wide screen
          <span className={`figures font-normal ${title.cut ? "text-plum" : "text-ink-2"}`}>
            title {Math.round(title.width)} of {titleRoom} px{title.cut ? ", cut off" : ""}
          </span>
        </h3>
        <div className="overflow-hidden" style={{ height: 142 * scale }}>
          <div style={{ width: WIDE, transform: `scale(${scale})`, transformOrigin: "top left" }}>
            <Ruler width={title.width} room={titleRoom} />
            <Result {...result} />
          </div>
        </div>
        <p className={`figures mt-1 text-[13px] ${line.cut ? "text-plum" : "text-ink-2"}`}>
          {post.description
            ? `description ${Math.round(line.width)} of ${lineRules.range[2]} px${line.cut ? ", cut off" : ""}`
            : "No description: a results page would pick a sentence by itself."}
        </p>
      </section>
      <section aria-label="On a narrow screen" className="border border-rule bg-sheet p-3">
        <h3 className="mb-2 text-[13px]">On a narrow screen</h3>
        <div className="max-w-full border border-rule px-3 py-2" style={{ width: NARROW + 24 }}>
          <Result {...result} />
        </div>
      </section>
      {report && (
        <p className="figures text-[12px] text-ink-2">
          Widths measured in Arial, {titleRules.size} and {lineRules.size} px. Scored by {profile.name},
          version {report.profile.version}.
        </p>
      )}
    </div>
  );
}

function Result({ path, title, line }: { path: string; title: string; line: string }) {
  return (
    <div style={{ fontFamily: "Arimo, Arial, sans-serif", fontKerning: "none" }}>
      <p className="truncate text-[13px] leading-5 text-ink-2">{path}</p>
      <p dir="auto" className="text-[20px] leading-[26px] underline decoration-rule underline-offset-4">
        {title}
      </p>
      <p dir="auto" className="mt-1 text-[14px] leading-[21px] text-ink-2">
        {line}
      </p>
    </div>
  );
}

/** Ticks of ten pixels, figures of a hundred, the title's own length, and where it is cut. */
function Ruler({ width, room }: { width: number; room: number }) {
  return (
    <svg width={WIDE} height={44} aria-hidden="true" className="figures">
      <line x1={0} x2={WIDE} y1={24} y2={24} stroke="var(--color-edge)" />
      {Array.from({ length: WIDE / 10 }, (_, i) => (
        <line
          key={i}
          x1={i * 10 + 0.5}
          x2={i * 10 + 0.5}
          y1={24}
          y2={i % 10 ? 21 : 16}
          stroke="var(--color-edge)"
        />
      ))}
      {Array.from({ length: 6 }, (_, i) => (
        <text key={i} x={i * 100 + 3} y={16} fontSize={14} fill="var(--color-ink-2)">
          {i * 100}
        </text>
      ))}
      <rect x={0} y={28} width={Math.min(width, WIDE)} height={7} fill="var(--color-proof)" />
      <line
        x1={room}
        x2={room}
        y1={4}
        y2={44}
        stroke="var(--color-plum)"
        strokeWidth={2}
        strokeDasharray="4 3"
      />
      <text x={room + 4} y={42} fontSize={14} fill="var(--color-plum)">
        cut
      </text>
    </svg>
  );
}
