/** Where the search service is reached, and the trouble that the stand-in is asked to make. */

import { useRef, useState } from "react";
import { messageOf } from "../../../core/messageOf";
import type { SearchConnection } from "../../../data/model";
import { saveSearchConnection } from "../../../data/saveSettings";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch, useAppSelector, useAppStore } from "../../store/hooks";
import { searchChanged } from "../../store/sessionSlice";
import { Button } from "../../ui/Button";
import { FieldLine } from "../../ui/FieldLine";
import { count } from "../../ui/figures";
import { Select } from "../../ui/Select";
import { CommittedField } from "../CommittedField";
import { TroubleFields } from "./TroubleFields";

const addressFault = (text: string): string | null =>
  /^https?:\/\/[^/\s]+/.test(text.trim()) && URL.canParse(text.trim())
    ? null
    : "An address such as https://keywords.example/v1 is needed.";
export function SearchConnectionForm() {
  const { workers } = useDependencies();
  const store = useAppStore();
  const connection = useAppSelector((state) => state.session.search);
  const dispatch = useAppDispatch();
  const [failure, setFailure] = useState("");
  const [answer, setAnswer] = useState<{ good: boolean; says: string } | null>(null);
  /** The last change on its way to the database. */
  const saving = useRef(Promise.resolve());
  const edit = (changes: Partial<SearchConnection>) => {
    setAnswer(null);
    saving.current = saving.current.then(async () => {
      const next = { ...store.getState().session.search, ...changes };
      try {
        await saveSearchConnection(next);
        dispatch(searchChanged(next));
        setFailure("");
      } catch (error) {
        setFailure(messageOf(error));
      }
    });
  };
  const tryIt = async () => {
    setAnswer({ good: true, says: "Asking …" });
    await saving.current;
    const outcome = await workers.keywords.regions(store.getState().session.search);
    setAnswer(
      "ok" in outcome
        ? {
            good: true,
            says: `“${outcome.ok.service}” answers, with ${count(outcome.ok.regions.length, "region")}${outcome.ok.standIn ? "; it is a stand-in" : ""}.`,
          }
        : { good: false, says: outcome.failed.message },
    );
  };
  return (
    <div className="flex flex-col gap-3">
      {failure && (
        <p role="alert" className="text-plum">
          The change was not saved: {failure}. The connection is as it was; change it again to retry.
        </p>
      )}
      <FieldLine
        label="Search"
        hint="The stand-in ships with the application; its figures are made up and labelled so. Another service is reached at its address, if it speaks the interface of docs/standins.md."
      >
        {(id) => (
          <Select
            id={id}
            value={connection.kind}
            onChange={(kind) => edit({ kind })}
            options={[
              { value: "stand-in", label: "Stand-in search" },
              { value: "address", label: "A service at another address" },
            ]}
          />
        )}
      </FieldLine>
      {connection.kind === "address" ? (
        <FieldLine
          label="Address"
          hint="Questions go there through this application's server, which reaches public addresses and this machine."
        >
          {(id) => (
            <CommittedField
              id={id}
              inputMode="url"
              value={connection.address}
              fault={addressFault}
              onCommit={(address) => edit({ address })}
            />
          )}
        </FieldLine>
      ) : (
        <TroubleFields
          trouble={connection}
          labels={{ delay: "Delay", errorRate: "Error rate" }}
          fails="fail"
          onEdit={edit}
        />
      )}
      <div className="flex items-center gap-3 pl-[108px]">
        <Button onClick={() => void tryIt()}>Try the connection</Button>
        {answer && (
          <p role={answer.good ? "status" : "alert"} className={answer.good ? "text-ink-2" : "text-plum"}>
            {answer.says}
          </p>
        )}
      </div>
    </div>
  );
}
