/** Ranges with their histograms, words in and out, intent: what of a look-up is shown. */
import { useState } from "react";
import { useDebouncedCallback } from "use-debounce";
import { INTENTS } from "../../../core/keywords/keyword";
import { noFilter, RANGES } from "../../../core/keywords/sift";
import type { BoardView } from "../../../workers/keywordBoard";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { filterChanged, filterCleared } from "../../store/researchSlice";
import { Checkbox } from "../../ui/Checkbox";
import { whole } from "../../ui/figures";
import { RangeFilter } from "./RangeFilter";

const NAMES = { searches: "Searches a month", difficulty: "Difficulty", words: "Words" } as const;

export function Filters({ view, onShowHidden }: { view: BoardView | null; onShowHidden: () => void }) {
  const filter = useAppSelector((state) => state.research.filter);
  const dispatch = useAppDispatch();
  const sifted = JSON.stringify(filter) !== JSON.stringify(noFilter);
  return (
    <section aria-label="Filters" className="w-[200px] shrink-0 mid:w-[220px] small:hidden">
      <div className="mb-3 flex h-8 items-center justify-between">
        <h2 className="text-[13px] text-ink-2">Filters</h2>
        {sifted && (
          <button type="button" className="quiet-link text-[13px]" onClick={() => dispatch(filterCleared())}>
            Clear all
          </button>
        )}
      </div>
      {RANGES.map((range) => (
        <RangeFilter
          key={range}
          range={range}
          name={NAMES[range]}
          counts={view?.histograms[range] ?? []}
          chosen={filter.ranges[range]}
          onChange={(chosen) => {
            const { [range]: _before, ...others } = filter.ranges;
            dispatch(filterChanged({ ranges: chosen ? { ...others, [range]: chosen } : others }));
          }}
        />
      ))}
      <WordsField
        label="Contains"
        value={filter.contains}
        onChange={(contains) => dispatch(filterChanged({ contains }))}
      />
      <WordsField
        label="Does not contain"
        value={filter.without}
        onChange={(without) => dispatch(filterChanged({ without }))}
      />
      <fieldset className="mb-3">
        <legend className="mb-1 text-[13px]">Intent</legend>
        {[...INTENTS, "" as const].map((intent) => (
          <Tick
            key={intent}
            label={intent || "unknown"}
            on={filter.intents.includes(intent)}
            onChange={(on) =>
              dispatch(
                filterChanged({
                  intents: on ? [...filter.intents, intent] : filter.intents.filter((one) => one !== intent),
                }),
              )
            }
          />
        ))}
      </fieldset>
      <fieldset>
        <legend className="sr-only">Only</legend>
        <Tick
          label="Questions only"
          on={filter.questions}
          onChange={(questions) => dispatch(filterChanged({ questions }))}
        />
        <Tick
          label="Not used yet"
          on={filter.unused}
          onChange={(unused) => dispatch(filterChanged({ unused }))}
        />
      </fieldset>
      {view && view.hidden > 0 && (
        <button type="button" className="quiet-link mt-3 text-[13px]" onClick={onShowHidden}>
          {whole(view.hidden)} hidden for this site
        </button>
      )}
    </section>
  );
}

function Tick({ label, on, onChange }: { label: string; on: boolean; onChange: (on: boolean) => void }) {
  return (
    <label className="flex h-6 items-center gap-2">
      <Checkbox checked={on} onChange={onChange} />
      {label}
    </label>
  );
}

/** Milliseconds after the last key. */
const REST = 150;

/** What is typed takes effect when typing rests. */
function WordsField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const settle = useDebouncedCallback((text: string) => {
    onChange(text);
    setTyped(null);
  }, REST);
  return (
    <label className="mb-3 block text-[13px]">
      {label}
      <input
        type="search"
        className="field-box mt-1"
        value={typed ?? value}
        onChange={(event) => {
          setTyped(event.target.value);
          settle(event.target.value);
        }}
      />
    </label>
  );
}
