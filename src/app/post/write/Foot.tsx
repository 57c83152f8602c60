/** The foot of Write: how long it is, how often it says the keyword, and what is worth most next. */
import { byWorth } from "../../../core/proof/finding";
import { useApp } from "../../store/store";
import { count, points } from "../../ui/figures";
import { useGo } from "../useGo";

interface Props {
  /** Whether the uses of the keyword are underlined in the text. */
  underlined: boolean;
  onUnderline: (underlined: boolean) => void;
  links: number;
  onLinks: () => void;
}

export function Foot({ underlined, onUnderline, links, onLinks }: Props) {
  const report = useApp((state) => state.openPost.report);
  const keyword = useApp((state) => state.openPost.post?.keyword);
  const go = useGo();
  if (!report) return null;
  const [next] = byWorth(report.findings);
  const share = report.words ? (report.keywordUses / report.words) * 100 : 0;
  return (
    <section
      aria-label="Length and keyword use"
      className="figures sticky bottom-0 z-20 flex h-9 items-center gap-6 border-t border-rule bg-sheet px-6 text-[13px]"
    >
      <span>{count(report.words, "word")}</span>
      <span>{count(report.minutes, "minute")} to read</span>
      {keyword ? (
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={underlined}
            onChange={(event) => onUnderline(event.target.checked)}
          />
          <span>
            <span className={underlined ? "keyword-mark" : ""}>
              {count(report.keywordUses, "keyword use")}
            </span>
            , {share.toFixed(1)} %
          </span>
        </label>
      ) : (
        <span>no target keyword</span>
      )}
      <button type="button" className="quiet-link" onClick={onLinks}>
        {count(links, "link")}
      </button>
      {report.languageNote && <span className="text-plum">{report.languageNote}</span>}
      {next && (
        <button
          type="button"
          className="ml-auto flex items-center gap-1.5 hover:underline"
          onClick={() => go(next.id)}
        >
          <span className="rounded-[2px] bg-brass-wash px-1 font-semibold text-brass">Worth most next</span>
          {next.name}, +{points(next.gain)}
        </button>
      )}
    </section>
  );
}
