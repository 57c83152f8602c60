/** The foot of Write: how long it is, how often it says the keyword, and what is best next step. */
import type { Editor } from "@tiptap/core";
import { ChevronUp } from "lucide-react";
import { useMemo } from "react";
import { linksOf } from "../../../core/blocks/runs";
import { byWorth } from "../../../core/proof/finding";
import { shownGains } from "../../../core/proof/shownGains";
import { useAppSelector } from "../../store/hooks";
import { count, points } from "../../ui/figures";
import { hintOf } from "../../ui/glossary";
import { Tooltip } from "../../ui/Tooltip";
import { usePostSession } from "../SessionContext";
import { useGo } from "../useGo";
import { useRests } from "../useRests";
import { useClaims } from "./ClaimsSheet";
import { SaidAt } from "./SaidAt";
import { UnderlineMenu } from "./UnderlineMenu";
import type { LayerId } from "./underlines";
import { useOwnWords } from "./useOwnWords";

interface Props {
  editor: Editor;
  /** What is underlined in the text. */
  layers: ReadonlySet<LayerId>;
  onLayers: (layers: ReadonlySet<LayerId>) => void;
  onClaims: () => void;
  /** Whether the tray of the competing pages' terms is open. */
  tray: boolean;
  onTray: (open: boolean) => void;
  onLinks: () => void;
}

export function Foot({ editor, layers, onLayers, onClaims, tray, onTray, onLinks }: Props) {
  const report = useAppSelector((state) => state.openPost.report);
  const keyword = useAppSelector((state) => state.openPost.post?.keyword);
  const go = useGo();
  const { open: claims } = useClaims();
  const ownWords = useOwnWords();
  const links = useLinkCount();
  if (!report) return null;
  const [next] = byWorth(report.findings);
  const share = report.words ? (report.keywordUses / report.words) * 100 : 0;
  return (
    <section
      data-around
      aria-label="Length and keyword use"
      className="figures sticky bottom-0 z-20 flex h-9 items-center gap-5 border-t border-rule bg-sheet px-6 text-[13px] small:gap-3 small:overflow-hidden small:whitespace-nowrap small:px-3 short:h-7"
    >
      <span>{count(report.words, "word")}</span>
      <span className="small:hidden">{count(report.minutes, "minute")} to read</span>
      {keyword ? (
        <span>
          <span className={layers.has("keyword") ? "keyword-mark" : ""}>
            {count(report.keywordUses, "keyword use")}
          </span>
          , {share.toFixed(1)} %
        </span>
      ) : (
        <span>no target keyword</span>
      )}
      <span className="small:hidden">
        <UnderlineMenu layers={layers} onLayers={onLayers} />
      </span>
      <button type="button" className="quiet-link small:hidden" onClick={onLinks}>
        {count(links, "link")}
      </button>
      <Tooltip says={hintOf("claim")}>
        <button type="button" className="quiet-link small:hidden" onClick={onClaims}>
          {claims ? `${count(claims, "claim")} unsourced` : "Claims"}
        </button>
      </Tooltip>
      {report.coverage && report.coverage.terms.length > 0 && (
        <Tooltip says={hintOf("term")}>
          <button
            type="button"
            className="flex items-center gap-1 rounded hover:bg-proof-wash small:hidden"
            aria-expanded={tray}
            onClick={() => onTray(!tray)}
          >
            {report.coverage.terms.filter(({ share }) => share >= 1).length} of{" "}
            {count(report.coverage.terms.length, "term")}
            <ChevronUp size={13} aria-hidden="true" className={tray ? "rotate-180" : ""} />
          </button>
        </Tooltip>
      )}
      {ownWords !== null && (
        <Tooltip says="Share of the words that stand in the order in which they were said">
          <span>{Math.round(ownWords * 100)} % own words</span>
        </Tooltip>
      )}
      <SaidAt editor={editor} />
      {report.notes.map((note) => (
        <span key={note} className="text-plum">
          {note}
        </span>
      ))}
      {next && (
        <button
          type="button"
          className="ml-auto flex min-w-0 items-center gap-1.5 hover:underline"
          onClick={() => go(next.id)}
        >
          <Tooltip says={hintOf("next")}>
            <span className="rounded-[2px] bg-brass-wash px-1 font-semibold text-brass">Best next step</span>
          </Tooltip>
          {next.name}, +{points(shownGains(report.findings).get(next.id)!)}
        </button>
      )}
    </section>
  );
}

function useLinkCount(): number {
  const session = usePostSession();
  const rests = useRests();
  // biome-ignore lint/correctness/useExhaustiveDependencies: rests stand for the document
  return useMemo(
    () => session.blocks().reduce((sum, block) => sum + linksOf(block.runs).length, 0),
    [session, rests],
  );
}
