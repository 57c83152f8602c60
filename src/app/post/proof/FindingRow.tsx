/** One finding of the ledger. */
import { type FormEvent, useId, useState } from "react";
import type { Evidence } from "../../../core/proof/check";
import type { Finding } from "../../../core/proof/finding";
import { postEdited } from "../../store/openPostSlice";
import { useAct, useApp } from "../../store/store";
import { Button } from "../../ui/Button";
import { points } from "../../ui/figures";
import { ShareSymbol } from "../../ui/ShareSymbol";
import { useGo } from "../useGo";

const QUOTES_SHOWN = 3;

const STATE_WORDS: Record<Finding["state"], string> = {
  judged: "",
  waiting: "waiting",
  "not-applicable": "not applicable",
  "set-aside": "set aside",
};

export function FindingRow({ finding, worthMost }: { finding: Finding; worthMost: boolean }) {
  const { id, name, says, state, share, weight, gain, reason, evidence } = finding;
  const go = useGo();
  const act = useAct();
  const { post, readOnly } = useApp((root) => root.openPost);
  const [asking, setAsking] = useState(false);
  const aside = state === "set-aside";
  const setAside = (why: string | null) => {
    const { [id]: _old, ...others } = post!.setAside;
    act(postEdited({ setAside: why === null ? others : { ...others, [id]: why } }));
    setAsking(false);
  };
  const action = "quiet-link disabled:no-underline disabled:text-ink-2";
  return (
    <li
      className={`grid grid-cols-[1.75rem_minmax(0,1fr)_4.5rem_4rem] gap-x-3 border-b border-rule px-3 py-2.5 last:border-b-0 ${worthMost ? "bg-brass-wash/30" : ""}`}
    >
      <span className="pt-1">
        <ShareSymbol finding={finding} />
      </span>
      <div className="min-w-0">
        <p className="flex flex-wrap items-baseline gap-x-2">
          <strong className="font-semibold">{name}</strong>
          {worthMost && (
            <span className="rounded-[2px] bg-brass-wash px-1 text-[12px] font-semibold text-brass">
              Worth most next
            </span>
          )}
        </p>
        <p>{aside ? `Set aside: ${reason}` : reason}</p>
        <Quotes evidence={evidence} />
        <div className="mt-1 flex flex-wrap gap-x-4 text-[13px]">
          {!aside && state !== "not-applicable" && (
            <button
              type="button"
              className={action}
              onClick={() => go(id)}
              aria-label={`Go to the place of “${name}”`}
            >
              Go
            </button>
          )}
          {aside ? (
            <button
              type="button"
              className={action}
              disabled={readOnly}
              onClick={() => setAside(null)}
              aria-label={`Judge “${name}” again`}
            >
              Judge again
            </button>
          ) : (
            gain > 0.005 && (
              <button
                type="button"
                className={action}
                disabled={readOnly}
                aria-expanded={asking}
                onClick={() => setAsking(!asking)}
                aria-label={`Set “${name}” aside`}
              >
                Set aside
              </button>
            )
          )}
          <details className="text-ink-2 open:basis-full">
            <summary className="w-fit underline underline-offset-2" aria-label={`What “${name}” asks`}>
              What it asks
            </summary>
            <p className="py-1">{says}</p>
          </details>
        </div>
        {asking && <ReasonForm onDone={setAside} onCancel={() => setAsking(false)} />}
      </div>
      <span className="figures text-right">
        {state === "judged" ? (
          `${points(share * weight)} of ${weight}`
        ) : (
          <span className="text-[12px] text-ink-2">{STATE_WORDS[state]}</span>
        )}
      </span>
      <span className="figures text-right font-semibold">{gain > 0.005 ? `+${points(gain)}` : ""}</span>
    </li>
  );
}

function Quotes({ evidence }: { evidence: readonly Evidence[] }) {
  const quotes = evidence.filter(({ quote }) => quote.trim());
  if (!quotes.length) return null;
  const more = quotes.length - QUOTES_SHOWN;
  return (
    <p className="line-clamp-2 font-serif text-[14px] italic text-ink-2">
      {quotes.slice(0, QUOTES_SHOWN).map(({ quote, block, start, field }, i) => (
        <span key={`${block}:${start}:${field}`}>
          {i > 0 && " · "}“{quote.length > 90 ? `${quote.slice(0, 88).trimEnd()}…` : quote}”
        </span>
      ))}
      {more > 0 && <span className="figures font-sans not-italic"> and {more} more</span>}
    </p>
  );
}

function ReasonForm({ onDone, onCancel }: { onDone: (why: string) => void; onCancel: () => void }) {
  const [why, setWhy] = useState("");
  const id = useId();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (why.trim()) onDone(why.trim());
  };
  return (
    <form onSubmit={submit} className="mt-2 flex items-end gap-2">
      <label htmlFor={id} className="min-w-0 flex-1 text-[13px] text-ink-2">
        Why does this check not hold here? It leaves the score and stays in sight.
        <input
          id={id}
          // biome-ignore lint/a11y/noAutofocus: the form opens because the person asked for it
          autoFocus
          className="field-box mt-1 text-ink"
          maxLength={300}
          value={why}
          onChange={(event) => setWhy(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === "Escape") onCancel();
          }}
        />
      </label>
      <Button type="submit" disabled={!why.trim()}>
        Set aside
      </Button>
    </form>
  );
}
