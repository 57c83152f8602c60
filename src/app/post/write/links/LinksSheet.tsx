/** All links of the post: what they say, where they lead, and whether that is there. */
import { useMemo } from "react";
import { linksOf } from "../../../../core/blocks/runs";
import { count } from "../../../ui/figures";
import { Sheet } from "../../../ui/Sheet";
import { Tooltip } from "../../../ui/Tooltip";
import { usePostSession } from "../../SessionContext";
import type { Goal } from "../../useGo";
import { useLinkTargets } from "./useLinkTargets";

type Kind = "own" | "place" | "out" | "contact";
const KINDS: Record<Kind, string> = {
  own: "own page",
  place: "this post",
  out: "elsewhere",
  contact: "contact",
};

const kindOf = (href: string): Kind => {
  if (href.startsWith("#")) return "place";
  if (/^https?:/i.test(href)) return "out";
  return /^[a-z][a-z0-9+.-]*:/i.test(href) ? "contact" : "own";
};

interface Props {
  onGo: (goal: Goal) => void;
  onClose: () => void;
}

export function LinksSheet({ onGo, onClose }: Props) {
  const session = usePostSession();
  const targets = useLinkTargets();
  const links = useMemo(() => {
    const own = new Set(targets.map(({ href }) => href.replace(/\/$/, "")));
    return session.blocks().flatMap((block, at) =>
      linksOf(block.runs).map(({ link, text, start, end }) => {
        const kind = kindOf(link.href);
        const path = link.href.replace(/[?#].*$/, "").replace(/\/$/, "");
        const missing =
          (kind === "own" && path !== "" && !own.has(path)) || (kind === "place" && !own.has(link.href));
        return { at, start, end, text, kind, missing, ...link };
      }),
    );
  }, [session, targets]);
  return (
    <Sheet title={count(links.length, "link")} wide onClose={onClose}>
      {!links.length && <p className="text-ink-2">Select words and press Ctrl K to link them.</p>}
      {links.length > 0 && (
        <table className="w-full text-left">
          <thead className="text-[13px] text-ink-2">
            <tr>
              <th className="py-1 font-normal">Words</th>
              <th className="font-normal">Leads to</th>
              <th className="font-normal">Kind</th>
              <th className="font-normal">Rel</th>
              <th>
                <span className="sr-only">Go</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {links.map(({ at, start, end, text, href, rel, kind, missing }, i) => (
              <tr key={i} className="border-t border-rule align-baseline">
                <td className="max-w-72 truncate py-1.5 pr-3">{text || <em>no words</em>}</td>
                <Tooltip says={href} whenCut>
                  <td className="max-w-96 truncate pr-3">
                    {href}
                    {missing && <strong className="ml-2 font-semibold text-plum">not there</strong>}
                  </td>
                </Tooltip>
                <td className="pr-3 text-ink-2">{KINDS[kind]}</td>
                <td className="pr-3 text-ink-2">{rel}</td>
                <td className="text-right">
                  <button
                    type="button"
                    className="quiet-link"
                    aria-label={`Go to “${text || href}”`}
                    onClick={() => onGo({ block: at, start, end, part: "text" })}
                  >
                    Go
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </Sheet>
  );
}
