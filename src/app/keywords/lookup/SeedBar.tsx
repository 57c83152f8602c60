/** What to look up, and where. */
import { type FormEvent, useState } from "react";
import type { LookUp } from "../../../data/model";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { regionChosen } from "../../store/researchSlice";
import { useResearch } from "../../store/useResearch";
import { Button } from "../../ui/Button";
import { LabelledSelect } from "../../ui/Select";

export function SeedBar({
  current,
  busy,
  onAsk,
}: {
  current: LookUp | undefined;
  busy: boolean;
  onAsk: (seeds: string[], add: boolean) => void;
}) {
  const { region, regions } = useResearch("region", "regions");
  // The stand-in's regions are made up, and belong to the demo alone.
  const madeUp = useAppSelector(({ session }) => session.search.kind === "stand-in" && !session.site.demo);
  const dispatch = useAppDispatch();
  const [typed, setTyped] = useState("");
  const seeds = [...new Set(typed.split(",").map((seed) => seed.replace(/\s+/g, " ").trim()))].filter(
    Boolean,
  );
  const ready = seeds.length > 0 && !busy && region !== "";
  const addable = current?.kind === "search" && current.region === region;
  const ask = (add: boolean) => {
    if (!ready) return;
    onAsk(seeds, add);
    setTyped("");
  };
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event: FormEvent) => {
        event.preventDefault();
        ask(false);
      }}
    >
      <label className="text-[13px]">
        <span className="block text-ink-2">Broad words, separated by commas</span>
        <input
          className="field-box mt-0.5 !w-60 mid:!w-80"
          value={typed}
          maxLength={600}
          placeholder="what you sell, what it is for"
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      {!madeUp && (
        <div className="text-[13px]">
          <LabelledSelect
            above
            label="Region and language"
            className="!w-44"
            value={region}
            disabled={!regions.length}
            placeholder="no region known"
            onChange={(code) => dispatch(regionChosen(code))}
            options={regions.map(({ code, name, language }) => ({
              value: code,
              label: `${name} (${language})`,
            }))}
          />
        </div>
      )}
      <Button type="submit" kind="primary" disabled={!ready}>
        Look up
      </Button>
      {addable && (
        <Button disabled={!ready} onClick={() => ask(true)}>
          Add to this look-up
        </Button>
      )}
    </form>
  );
}
