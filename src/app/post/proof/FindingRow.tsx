/** One finding of the ledger. */
import { type FormEvent, useId, useState } from "react";
import type { Evidence } from "../../../core/proof/check";
import type { Finding } from "../../../core/proof/finding";
import type { Fix } from "../../../core/proof/fixes/fix";
import { changeSite } from "../../store/changeSite";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { postEdited } from "../../store/openPostSlice";
import { Button } from "../../ui/Button";
import { Checkbox } from "../../ui/Checkbox";
import { points, tenths } from "../../ui/figures";
import { hintOf } from "../../ui/glossary";
import { ShareSymbol } from "../../ui/ShareSymbol";
import { Tooltip } from "../../ui/Tooltip";
import { FixPanel } from "../fixing/FixPanel";
import { useGo } from "../useGo";
import { useOpenPost } from "../useOpenPost";
import { Workings } from "./Workings";

const QUOTES_SHOWN = 3;
const FORM_NAMES = {
  inflected: "in another form",
  close: "words close together",
  scattered: "words scattered",
};

const STATE_WORDS: Record<Finding["state"], string> = {
  judged: "",
  waiting: "waiting",
  "not-applicable": "not applicable",
  "set-aside": "set aside",
};

interface Props {
  finding: Finding;
  /** What it has to gain, as it is shown; 0 where nothing. */
  gain: number;
  worthMost: boolean;
  /** What the application can do about it itself, the best first. */
  fixes: readonly Fix[];
  /** Sum of the weights that count. */
  total: number;
}

export function FindingRow({ finding, gain, worthMost, fixes, total }: Props) {
  const { id, name, state, share, weight, reason, evidence, excess = 0 } = finding;
  const go = useGo();
  const dispatch = useAppDispatch();
  const { post, readOnly } = useOpenPost("post", "readOnly");
  const site = useAppSelector((root) => root.session.site);
  const [asking, setAsking] = useState(false);
  const [fix, setFixing] = useState(false);
  const aside = state === "set-aside";
  const forSite = aside && site.setAside?.[id] !== undefined && post!.setAside[id] === undefined;
  const setAside = (why: string | null, everywhere: boolean) => {
    if (everywhere) {
      const { [id]: _old, ...others } = site.setAside ?? {};
      void dispatch(changeSite({ setAside: why === null ? others : { ...others, [id]: why } }));
    } else {
      const { [id]: _old, ...others } = post!.setAside;
      dispatch(postEdited({ setAside: why === null ? others : { ...others, [id]: why } }));
    }
    setAsking(false);
  };
  const action = "quiet-link disabled:no-underline disabled:text-ink-2";
  return (
    <li
      id={`finding-${id}`}
      tabIndex={-1}
      className={`grid scroll-mt-[calc(var(--shell-bar)+var(--post-bar)+var(--strip-bar)+22px)] grid-cols-[1.75rem_minmax(0,1fr)_5.5rem_3.5rem] gap-x-3 small:grid-cols-[1.75rem_minmax(0,1fr)_3rem] small:gap-x-2 border-b border-rule px-3 py-2.5 last:border-b-0 ${worthMost ? "bg-brass-wash/30" : ""}`}
    >
      <span className="pt-1">
        <ShareSymbol finding={finding} />
      </span>
      <div className="min-w-0">
        <p className="flex flex-wrap items-baseline gap-x-2">
          <strong className="font-semibold">{name}</strong>
          {worthMost && (
            <Tooltip says={hintOf("next")}>
              <span className="rounded-[2px] bg-brass-wash px-1 text-[12px] font-semibold text-brass">
                Best next step
              </span>
            </Tooltip>
          )}
        </p>
        <p>
          {aside ? `Set aside${forSite ? " for the whole site" : ""}: ${reason}` : reason}
          {excess > 0 && (
            <span className="figures ml-2 whitespace-nowrap border border-plum px-1 text-[12px] text-plum">
              too much: −{points((100 * excess * weight) / total)}
            </span>
          )}
        </p>
        <Quotes evidence={evidence} onGo={(one) => go(id, one)} />
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
          {fixes.length > 0 && (
            <Tooltip says={hintOf("fix")}>
              <button
                type="button"
                className={`${action} font-semibold`}
                disabled={readOnly}
                aria-expanded={fix}
                onClick={() => setFixing(!fix)}
                aria-label={`Fix “${name}”`}
              >
                Fix <span className="figures font-normal">+{points(fixes[0]!.gain)}</span>
              </button>
            </Tooltip>
          )}
          {aside ? (
            <button
              type="button"
              className={action}
              disabled={readOnly}
              onClick={() => setAside(null, forSite)}
              aria-label={`Judge “${name}” again`}
            >
              Check again
            </button>
          ) : (
            gain > 0 && (
              <Tooltip says={hintOf("aside")}>
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
              </Tooltip>
            )
          )}
          <details className="text-ink-2 open:basis-full">
            <summary
              className="w-fit underline underline-offset-2"
              aria-label={`What “${name}” asks, and its numbers`}
            >
              Why, in numbers
            </summary>
            <Workings finding={finding} total={total} />
          </details>
        </div>
        {fix && fixes.length > 0 && <FixPanel fixes={fixes} onDone={() => setFixing(false)} />}
        {asking && <ReasonForm onDone={setAside} onCancel={() => setAsking(false)} />}
      </div>
      <span className="figures whitespace-nowrap text-right small:hidden">
        {state === "judged" ? (
          `${points(share * weight)} of ${weight}`
        ) : (
          <span className="text-[12px] text-ink-2">{STATE_WORDS[state]}</span>
        )}
      </span>
      <span className="figures text-right font-semibold">{gain > 0 ? `+${tenths(gain)}` : ""}</span>
    </li>
  );
}

function Quotes({ evidence, onGo }: { evidence: readonly Evidence[]; onGo: (evidence: Evidence) => void }) {
  const quotes = evidence.filter(({ quote }) => quote.trim());
  if (!quotes.length) return null;
  const more = quotes.length - QUOTES_SHOWN;
  return (
    <p className="line-clamp-2 font-serif text-[14px] italic text-ink-2">
      {quotes.slice(0, QUOTES_SHOWN).map((one, i) => {
        const { quote, block, start, field, form } = one;
        return (
          <span key={`${block}:${start}:${field}`}>
            {i > 0 && " · "}
            <Tooltip says="Go to these words">
              <button
                type="button"
                className="text-left italic hover:text-proof hover:underline"
                onClick={() => onGo(one)}
              >
                “<bdi>{quote.length > 90 ? `${quote.slice(0, 88).trimEnd()}…` : quote}</bdi>”
              </button>
            </Tooltip>
            {form && form !== "exact" && (
              <span className="font-sans text-[12px] not-italic"> {FORM_NAMES[form]}</span>
            )}
          </span>
        );
      })}
      {more > 0 && <span className="figures font-sans not-italic"> and {more} more</span>}
    </p>
  );
}

function ReasonForm({
  onDone,
  onCancel,
}: {
  onDone: (why: string, everywhere: boolean) => void;
  onCancel: () => void;
}) {
  const [why, setWhy] = useState("");
  const [everywhere, setEverywhere] = useState(false);
  const id = useId();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (why.trim()) onDone(why.trim(), everywhere);
  };
  return (
    <form onSubmit={submit} className="mt-2 flex items-end gap-2">
      <label htmlFor={id} className="min-w-0 flex-1 text-[13px] text-ink-2">
        Why does this check not apply here? It leaves the score and stays visible.
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
      <label className="flex h-8 items-center gap-1.5 whitespace-nowrap text-[13px]">
        <Checkbox checked={everywhere} onChange={setEverywhere} />
        for the whole site
      </label>
      <Button type="submit" disabled={!why.trim()}>
        Set aside
      </Button>
    </form>
  );
}
