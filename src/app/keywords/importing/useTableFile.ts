/** A keyword file on its way in: taken, looked at, read, kept. Ending it at any time leaves nothing behind. */

import * as Comlink from "comlink";
import { useEffect, useRef, useState } from "react";
import type { CsvPlan } from "../../../core/keywords/csv/plan";
import { freshId } from "../../../data/freshId";
import type { LookUp } from "../../../data/model";
import type { Supervised } from "../../../workers/supervise";
import type { ReadFile, TableFileApi, TablePreview } from "../../../workers/tableFileApi";
import { useDependencies } from "../../store/DependenciesContext";
import { now } from "../actions";

export type Step =
  | { at: "none"; failure: string }
  | { at: "taking"; file: File }
  | { at: "preview"; file: File; preview: TablePreview }
  | { at: "reading"; file: File; preview: TablePreview; line: number; lines: number }
  | { at: "read"; file: File; preview: TablePreview; result: ReadFile };

const LARGEST = 200_000_000;

export function useTableFile() {
  const { workers } = useDependencies();
  const [step, setStep] = useState<Step>({ at: "none", failure: "" });
  const worker = useRef<Supervised<TableFileApi> | null>(null);
  const bytes = useRef<Uint8Array | null>(null);
  /** Counts the files and the readings: an answer to an earlier one is dropped. */
  const turn = useRef(0);
  const end = () => {
    worker.current?.end();
    worker.current = null;
  };
  useEffect(() => () => worker.current?.end(), []);

  const take = async (file: File, decided?: Partial<CsvPlan>, encoding?: string) => {
    const mine = ++turn.current;
    if (file.size > LARGEST)
      return setStep({
        at: "none",
        failure: `${file.name} is larger than 200 MB. Nothing was read; split it and try again.`,
      });
    setStep({ at: "taking", file });
    try {
      bytes.current = new Uint8Array(await file.arrayBuffer());
      worker.current ??= workers.tableFile();
      const preview = await worker.current.api.take(bytes.current, decided, encoding);
      if (mine !== turn.current) return;
      if (!preview.head.length)
        return setStep({ at: "none", failure: `${file.name} is empty. Nothing was read.` });
      setStep({ at: "preview", file, preview });
    } catch (error) {
      if (mine === turn.current)
        setStep({
          at: "none",
          failure: `${file.name} could not be read as a table: ${(error as Error).message} Nothing was changed. Export it as CSV and try again.`,
        });
    }
  };
  const guess = async (decided: Partial<CsvPlan>) => {
    if (step.at !== "preview" || !worker.current) return;
    const preview = await worker.current.api.guess(decided);
    setStep({ ...step, preview });
  };
  const read = async () => {
    if (step.at !== "preview" || !worker.current) return;
    const { file, preview } = step;
    const mine = ++turn.current;
    const lines = await worker.current.api.lines();
    setStep({ at: "reading", file, preview, line: 0, lines });
    try {
      const result = await worker.current.api.read(
        preview.plan,
        Comlink.proxy((line: number) => {
          if (mine === turn.current) setStep({ at: "reading", file, preview, line, lines });
        }),
      );
      if (mine === turn.current) setStep({ at: "read", file, preview, result });
    } catch (error) {
      if (mine === turn.current)
        setStep({
          at: "none",
          failure: `${file.name} could not be read: ${(error as Error).message} Nothing was kept.`,
        });
    }
  };
  /** Ends the reading and goes back to the preview. */
  const cancel = () => {
    if (step.at !== "reading") return;
    turn.current++;
    end();
    void take(step.file, step.preview.plan, step.preview.encoding || undefined);
  };
  const keep = async (language: string): Promise<string | null> => {
    if (step.at !== "read" || !worker.current) return null;
    const lookUp: LookUp = {
      id: freshId(),
      kind: "file",
      seeds: [step.file.name],
      region: "",
      regionName: "",
      language,
      source: "File",
      standIn: false,
      count: 0,
      madeAt: now(),
      openedAt: now(),
    };
    return (await worker.current.api.keep(lookUp)).id;
  };
  const back = () => {
    if (step.at === "read") setStep({ at: "preview", file: step.file, preview: step.preview });
  };
  const rejectedCsv = async (): Promise<string> => (await worker.current?.api.rejectedCsv()) ?? "";
  return { step, take, guess, read, cancel, keep, back, rejectedCsv };
}
