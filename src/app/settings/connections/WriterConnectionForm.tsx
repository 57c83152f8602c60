/** Who writes for the apprentice: the stand-in, a connected writer, or a person's own hand. */
import { useRef, useState } from "react";
import { messageOf } from "../../../core/messageOf";
import type { WriterConnection } from "../../../data/model";
import { saveWriter, saveWriterKey } from "../../../data/saveSettings";
import { getWriterKey } from "../../../data/settings";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch, useAppSelector, useAppStore } from "../../store/hooks";
import { writerChanged } from "../../store/sessionSlice";
import { useAsk } from "../../store/useAsk";
import { Button } from "../../ui/Button";
import { FieldLine } from "../../ui/FieldLine";
import { Select } from "../../ui/Select";
import { CommittedField } from "../CommittedField";

const addressFault = (text: string): string | null =>
  !text.trim() || (/^https?:\/\/[^/\s]+/.test(text.trim()) && URL.canParse(text.trim()))
    ? null
    : "An address such as http://127.0.0.1:8080/v1 is needed.";

const TEST_WRITER = "/api/standins/writer/v1";

export function WriterConnectionForm() {
  const { writer: client } = useDependencies();
  const store = useAppStore();
  const dispatch = useAppDispatch();
  const connection = useAppSelector((state) => state.session.writer);
  const [failure, setFailure] = useState("");
  const [answer, setAnswer] = useState<{ good: boolean; says: string } | null>(null);
  const saving = useRef(Promise.resolve());
  const key = useAsk(() => getWriterKey(connection.address), [connection.address]);
  const edit = (changes: Partial<WriterConnection>) => {
    setAnswer(null);
    saving.current = saving.current.then(async () => {
      const next = { ...store.getState().session.writer, ...changes };
      try {
        await saveWriter(next);
        dispatch(writerChanged(next));
        setFailure("");
      } catch (error) {
        setFailure(messageOf(error));
      }
    });
  };
  const tryIt = async () => {
    setAnswer({ good: true, says: "Asking …" });
    await saving.current;
    const stop = new AbortController();
    let first = "";
    try {
      await client.write(
        store.getState().session.writer,
        { system: "Answer in one short sentence.", user: "Say that you can be reached." },
        {
          free: 0,
          signal: stop.signal,
          onText: (text) => {
            first = text;
            // Whether it answers is known now; the rest is nobody's time.
            if (text.length > 60) stop.abort();
          },
        },
      );
      setAnswer({ good: true, says: `It answers: “${first.trim().slice(0, 80)}”` });
    } catch (error) {
      setAnswer(
        first
          ? { good: true, says: `It answers: “${first.trim().slice(0, 80)} …”` }
          : { good: false, says: messageOf(error) },
      );
    }
  };
  return (
    <div className="flex flex-col gap-3">
      {failure && (
        <p role="alert" className="text-plum">
          The change was not saved: {failure}. The connection is as it was; change it again to retry.
        </p>
      )}
      <FieldLine
        label="Writer"
        hint="The stand-in ships with the application: it selects and composes from your own material, and is no language model. By hand, you take the prompt to an assistant of yours and bring its answer back."
      >
        {(id) => (
          <Select
            id={id}
            value={connection.kind}
            onChange={(kind) => edit({ kind })}
            options={[
              { value: "stand-in", label: "Stand-in writer" },
              { value: "connected", label: "A connected writer" },
              { value: "by-hand", label: "An assistant asked by hand" },
            ]}
          />
        )}
      </FieldLine>
      {connection.kind === "connected" && (
        <>
          <FieldLine
            label="Address"
            hint="Of a service that speaks chat completions, as local model servers do; up to its version. Requests go there through this application's server, which reaches public addresses and this machine."
          >
            {(id) => (
              <CommittedField
                id={id}
                inputMode="url"
                value={connection.address}
                fault={addressFault}
                onCommit={(address) => edit({ address: address.trim() })}
              />
            )}
          </FieldLine>
          <FieldLine label="Model" hint="As the service names it.">
            {(id) => (
              <CommittedField
                id={id}
                value={connection.model}
                fault={() => null}
                onCommit={(model) => edit({ model: model.trim() })}
              />
            )}
          </FieldLine>
          <FieldLine label="Key" hint="Stays in this browser and is in no workspace file.">
            {(id) => (
              <CommittedField
                id={id}
                type="password"
                value={key.state === "ready" ? key.value : ""}
                fault={() => null}
                onCommit={(text) => {
                  setAnswer(null);
                  saving.current = saving.current
                    .then(() => saveWriterKey(connection.address, text.trim()))
                    .catch((error) => setFailure(messageOf(error)));
                }}
              />
            )}
          </FieldLine>
          <div className="flex flex-wrap items-center gap-3 pl-[108px]">
            <Button disabled={!connection.address} onClick={() => void tryIt()}>
              Try the connection
            </Button>
            <Button
              kind="quiet"
              onClick={() =>
                edit({ address: `${window.location.origin}${TEST_WRITER}`, model: "test-writer" })
              }
            >
              Use the test writer
            </Button>
            {answer && (
              <p role={answer.good ? "status" : "alert"} className={answer.good ? "text-ink-2" : "text-plum"}>
                {answer.says}
              </p>
            )}
          </div>
        </>
      )}
    </div>
  );
}
