import type { SuggestionEntry } from "../../data/model";

/** What would have made a suggestion better, or made any at all. */
export function Missing({ entry }: { entry: SuggestionEntry | null }) {
  if (!entry?.missing.length) return null;
  return (
    <ul aria-label="Missing" className="text-[13px] text-plum">
      {entry.missing.map((says) => (
        <li key={says}>{says}</li>
      ))}
    </ul>
  );
}
