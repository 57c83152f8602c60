/** Where the search service is reached, and the trouble that the stand-in is asked to make. */

import { useState } from "react";
import type { SearchConnection } from "../../../data/model";
import { saveSearchConnection } from "../../../data/settings";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { searchChanged } from "../../store/sessionSlice";
import { Button } from "../../ui/Button";
import { FieldLine } from "../../ui/FieldLine";
import { count } from "../../ui/figures";
import { NumberField } from "../../ui/NumberField";
import { Select } from "../../ui/Select";
import { CheckedField } from "../CheckedField";

export function SearchConnectionForm() {
  const { workers } = useDependencies();
  const connection = useAppSelector((state) => state.session.search);
  const dispatch = useAppDispatch();
  const [failure, setFailure] = useState("");
  const [answer, setAnswer] = useState<{ good: boolean; says: string } | null>(null);
  const edit = (changes: Partial<SearchConnection>) => {
    const next = { ...connection, ...changes };
    dispatch(searchChanged(next));
    setAnswer(null);
    saveSearchConnection(next).then(
      () => setFailure(""),
      (error: Error) => setFailure(error.message),
    );
  };
  const tryIt = async () => {
    setAnswer({ good: true, says: "Asking …" });
    const outcome = await workers.keywords.regions(connection);
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
          The change is not saved ({failure}). It holds in this tab; change it again to retry.
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
            <CheckedField
              id={id}
              value={connection.address}
              fault={(text) =>
                /^https?:\/\/[^/\s]+/.test(text) && URL.canParse(text)
                  ? null
                  : "An address such as https://keywords.example/v1 is needed."
              }
              onChange={(address) => edit({ address: address.trim() })}
            />
          )}
        </FieldLine>
      ) : (
        <>
          <FieldLine
            label="Delay"
            hint="Milliseconds that the stand-in waits before each answer, up to 30,000."
          >
            {(id) => (
              <NumberField
                id={id}
                most={30_000}
                step={100}
                value={connection.delay}
                onChange={(delay) => edit({ delay })}
              />
            )}
          </FieldLine>
          <FieldLine label="Error rate" hint="Percentage of its answers that fail.">
            {(id) => (
              <NumberField
                id={id}
                most={100}
                step={5}
                value={Math.round(connection.errorRate * 100)}
                onChange={(percent) => edit({ errorRate: percent / 100 })}
              />
            )}
          </FieldLine>
        </>
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
