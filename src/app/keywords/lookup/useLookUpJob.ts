/** A look-up in progress: asked, followed, cancelled; what was there before stays whatever comes of it. */

import * as Comlink from "comlink";
import { useRef, useState } from "react";
import { freshId } from "../../../data/freshId";
import type { LookUp } from "../../../data/model";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppSelector } from "../../store/hooks";
import { useResearch } from "../../store/useResearch";
import { now } from "../actions";

export type Job =
  | { state: "idle" }
  | { state: "asking"; done: number; of: number; seed: string }
  | { state: "failed"; code: string; message: string; seeds: string[]; add: boolean }
  | { state: "done"; notes: string[]; failed: { seed: string; why: string }[]; empty: boolean };

export function useLookUpJob(current: LookUp | undefined, onDone: (id: string) => void) {
  const { workers } = useDependencies();
  const connection = useAppSelector((state) => state.session.search);
  const { region, regions } = useResearch("region", "regions");
  const [job, setJob] = useState<Job>({ state: "idle" });
  const askedFor = useRef("");

  /** @param add puts the seeds into the look-up on screen instead of making a new one */
  const ask = async (seeds: string[], add: boolean): Promise<void> => {
    const where = regions.find(({ code }) => code === region);
    const when = now();
    const lookUp: LookUp =
      add && current
        ? { ...current, seeds: [...new Set([...current.seeds, ...seeds])], madeAt: when, openedAt: when }
        : {
            id: freshId(),
            kind: "search",
            seeds,
            region,
            regionName: where?.name ?? region,
            language: where?.language ?? "en",
            source: connection.kind === "stand-in" ? "Stand-in search" : new URL(connection.address).host,
            standIn: false,
            count: 0,
            madeAt: when,
            openedAt: when,
          };
    setJob({ state: "asking", done: 0, of: seeds.length, seed: seeds[0]! });
    askedFor.current = lookUp.id;
    const outcome = await workers.keywords.lookUp(
      { connection, region: lookUp.region, seeds },
      lookUp,
      Comlink.proxy((done: number, of: number) =>
        setJob({ state: "asking", done, of, seed: seeds[done] ?? "" }),
      ),
    );
    if ("failed" in outcome) {
      const { code, message } = outcome.failed;
      setJob(code === "cancelled" ? { state: "idle" } : { state: "failed", code, message, seeds, add });
      return;
    }
    const { notes, failed, lookUp: fresh } = outcome.ok;
    setJob({ state: "done", notes, failed, empty: fresh.count === 0 });
    if (fresh.count) onDone(fresh.id);
  };
  return {
    job,
    ask: (seeds: string[], add: boolean) =>
      void ask(seeds, add).catch((error: Error) =>
        setJob({ state: "failed", code: "failed", message: error.message, seeds, add }),
      ),
    cancel: () => void workers.keywords.cancelLookUp(askedFor.current),
    dismiss: () => setJob({ state: "idle" }),
  };
}
