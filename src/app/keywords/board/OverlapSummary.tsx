import { OVERLAP_LIMIT } from "../../../data/settings";
import type { NamedOverlap } from "../../../workers/listIndex";
import { useAppSelector } from "../../store/hooks";
import { percent } from "../../ui/shortFigures";
import { Tooltip } from "../../ui/Tooltip";

export const useOverlapLimit = (): number =>
  useAppSelector((state) => state.session.site.overlapLimit ?? OVERLAP_LIMIT);

/** The largest overlaps in words; what is over the site's limit needs a decision. */
export function OverlapSummary({ overlaps }: { overlaps: NamedOverlap[] }) {
  const limit = useOverlapLimit();
  const [largest, ...others] = overlaps.filter(({ percent: share }) => share > 0);
  if (!largest) return <span className="text-ink-2">shares nothing with a list</span>;
  const over = largest.percent > limit;
  const title = overlaps
    .slice(0, 12)
    .map(
      ({ name, percent: share, pairs }) =>
        `${percent(share)} ${name}: ${pairs.map(({ here }) => here).join(", ")}`,
    )
    .join("\n");
  return (
    <Tooltip says={title}>
      <span className={over ? "text-plum" : "text-ink-2"}>
        <span className="figures">{percent(largest.percent)}</span> is in “{largest.name}”
        {others.length > 0 && `, and some in ${others.length} more`}
      </span>
    </Tooltip>
  );
}
