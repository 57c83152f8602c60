import { useOpenPost } from "../useOpenPost";
import { ScoreLine } from "../versions/ScoreLine";
import { usePostVersions } from "./compare/useOthers";

/** The score over the versions that were kept, and the way to compare with the earliest. */
export function ScoreOverTime({ now, onCompare }: { now: number; onCompare: (id: string) => void }) {
  const { post } = useOpenPost("post");
  const versions = usePostVersions(post?.id);
  const scored = versions.filter(({ score }) => score !== null);
  return (
    <section aria-label="Score over time" className="border border-rule bg-sheet p-3">
      <h3 className="flex justify-between text-[13px]">
        Score over time
        {versions.length > 0 && (
          <button
            type="button"
            className="quiet-link font-normal"
            onClick={() => onCompare(`version ${versions.at(-1)!.id}`)}
          >
            What moved it
          </button>
        )}
      </h3>
      {scored.length ? (
        <ScoreLine versions={versions} now={now} />
      ) : (
        <p className="text-[13px] text-ink-2">
          No version is kept yet. One is kept as soon as you change the post, and the line begins.
        </p>
      )}
    </section>
  );
}
