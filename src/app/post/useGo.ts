/** Going to the place that a finding is about: words in the text, or a field. */

import { useCallback, useRef } from "react";
import { useNavigate } from "react-router";
import type { Evidence } from "../../core/proof/check";
import type { CheckId } from "../../core/proof/profile";
import { useAppStore } from "../store/hooks";

/** Where to go, handed over with the navigation. */
export type Goal =
  | { field: string }
  /** A top node of the document, by its place. */
  | { node: number }
  | { block: number; start: number; end: number; part: Evidence["field"] | "text" };

export function useGo(): (id: CheckId, evidence?: Evidence) => void {
  const store = useAppStore();
  const navigate = useNavigate();
  const act = useRef<(id: CheckId, evidence?: Evidence) => void>(() => {});
  act.current = (id, evidence) => {
    // As the report is when somebody goes: who can go need not be drawn with every report.
    const { report } = store.getState().openPost;
    const finding = report?.findings.find((f) => f.id === id);
    const target = evidence ?? finding?.evidence[0];
    const place = finding?.code === "no-keyword" ? "keyword" : (finding?.place ?? "body");
    const goal: Goal =
      target?.block !== undefined
        ? { block: target.block, start: target.start, end: target.end, part: target.field ?? "text" }
        : { field: target?.field ?? (place === "pictures" ? "body" : place) };
    void navigate(goal && "field" in goal && goal.field === "keyword" ? "../find" : "../write", {
      relative: "path",
      state: { goal },
    });
  };
  return useCallback((id, evidence) => act.current(id, evidence), []);
}
