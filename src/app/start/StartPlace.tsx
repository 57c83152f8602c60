/** The guided start: what about, a title, an outline and an opening, a first draft. Each step can be skipped, gone back to, or left. */
import { Trash2 } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import {
  type GuidedStart,
  isBegun,
  newStart,
  START_STEPS,
  type StartStep,
} from "../../core/apprentice/guidedStart";
import { freshId } from "../../data/freshId";
import { deleteStart, getStart, listStarts, saveStart } from "../../data/starts";
import { attempt } from "../store/attempt";
import { useLive } from "../store/useLive";
import { Button } from "../ui/Button";
import { dayAndTime } from "../ui/dates";
import { Failed } from "../ui/Failed";
import { toast } from "../ui/toast";
import { AboutStep } from "./AboutStep";
import { DraftStep } from "./DraftStep";
import { OutlineStep } from "./OutlineStep";
import { TitleStep } from "./TitleStep";

const NAMES: Record<StartStep, string> = {
  about: "What it is about",
  title: "Title",
  outline: "Outline and opening",
  draft: "First draft",
};
const STEPS = { about: AboutStep, title: TitleStep, outline: OutlineStep, draft: DraftStep };

export function StartPlace() {
  const { id } = useParams();
  useEffect(() => {
    document.title = "Guided start · Dune Sparrow";
  }, []);
  return id ? <Opened key={id} id={id} /> : <Choose />;
}

function Choose() {
  const navigate = useNavigate();
  const read = useLive(listStarts, []);
  const begin = async () => {
    const start = newStart(freshId(), new Date().toISOString());
    if (await attempt(() => saveStart(start))) await navigate(`/start/${start.id}`);
  };
  const starts = read.state === "ready" ? read.value.filter(isBegun) : [];
  const remove = async (start: GuidedStart) => {
    if (await attempt(() => deleteStart(start.id)))
      toast("The start is removed.", {
        action: { label: "Undo", onClick: () => void attempt(() => saveStart(start)) },
      });
  };
  return (
    <div className="mx-auto w-full max-w-[760px] flex-1 px-6 py-8">
      <h1 className="font-serif text-2xl">Guided start</h1>
      <p className="mb-4 mt-1 max-w-xl text-ink-2">
        Say what a post is about; titles, an outline, an opening and a first draft are suggested from it, each
        for you to change. You can leave at any step and come back.
      </p>
      <Button kind="primary" onClick={() => void begin()}>
        Begin
      </Button>
      {read.state === "failed" && (
        <Failed
          what="Earlier starts could not be read"
          why={read.why}
          safe="They are unchanged."
          onRetry={read.retry}
        />
      )}
      {starts.length > 0 && (
        <section aria-label="Left for later" className="mt-8">
          <h2 className="mb-1 text-[13px] text-ink-2">Left for later</h2>
          <ul className="border border-rule bg-sheet">
            {starts.map((start) => (
              <li
                key={start.id}
                className="flex items-baseline gap-3 border-b border-rule px-4 py-2 last:border-b-0"
              >
                <Link
                  className="quiet-link min-w-0 flex-1 truncate font-serif text-[16px]"
                  to={`/start/${start.id}`}
                >
                  {start.title || start.about.split("\n")[0] || start.keyword || "Untitled"}
                </Link>
                <span className="text-[13px] text-ink-2">
                  {NAMES[start.step]} · {dayAndTime(start.createdAt)}
                </span>
                <button
                  type="button"
                  className="text-ink-2 hover:text-plum"
                  aria-label={`Remove the start “${start.title || start.about.slice(0, 40)}”`}
                  onClick={() => void remove(start)}
                >
                  <Trash2 size={15} aria-hidden="true" />
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

/** Milliseconds of rest after which what was typed is kept. */
const REST = 200;

function Opened({ id }: { id: string }) {
  const [start, setStart] = useState<GuidedStart | null | "gone">(null);
  const latest = useRef<GuidedStart | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    void getStart(id).then((read) => {
      latest.current = read;
      setStart(read ?? "gone");
    });
    const keep = () => {
      clearTimeout(timer.current);
      if (latest.current) void saveStart(latest.current);
    };
    addEventListener("pagehide", keep);
    return () => {
      removeEventListener("pagehide", keep);
      keep();
    };
  }, [id]);
  if (start === null)
    return (
      <p role="status" className="m-auto text-ink-2">
        Opening …
      </p>
    );
  if (start === "gone")
    return (
      <p className="m-auto">
        This start is no longer here.{" "}
        <Link className="quiet-link" to="/start">
          All starts
        </Link>
      </p>
    );
  const change = (changes: Partial<GuidedStart>) => {
    const next = { ...(latest.current ?? start), ...changes };
    latest.current = next;
    setStart(next);
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void attempt(() => saveStart(next)), REST);
  };
  const go = (step: StartStep) => {
    change({ step });
    requestAnimationFrame(() => heading.current?.focus());
  };
  const at = START_STEPS.indexOf(start.step);
  const Step = STEPS[start.step];
  return (
    <div className="mx-auto grid w-full max-w-[1080px] flex-1 content-start gap-8 px-6 py-6 mid:grid-cols-[200px_minmax(0,1fr)]">
      <nav aria-label="Steps">
        <ol className="flex flex-col gap-1">
          {START_STEPS.map((step, i) => (
            <li key={step}>
              <button
                type="button"
                aria-current={step === start.step ? "step" : undefined}
                onClick={() => go(step)}
                className={`w-full border-l-2 px-3 py-1.5 text-left ${step === start.step ? "border-proof font-semibold" : "border-rule text-ink-2 hover:text-ink"}`}
              >
                {i + 1}. {NAMES[step]}
              </button>
            </li>
          ))}
        </ol>
        <p className="mt-4 text-[13px] text-ink-2">
          Kept as you go.{" "}
          <Link className="quiet-link" to="/start">
            Leave it for later
          </Link>
        </p>
      </nav>
      <section aria-label={NAMES[start.step]} className="min-w-0">
        <h1 ref={heading} tabIndex={-1} className="mb-3 font-serif text-2xl outline-none">
          {NAMES[start.step]}
        </h1>
        <Step start={start} onChange={change} />
        <div className="mt-6 flex gap-3 border-t border-rule pt-4">
          {at > 0 && <Button onClick={() => go(START_STEPS[at - 1]!)}>Back</Button>}
          {at < START_STEPS.length - 1 && (
            <Button kind="primary" onClick={() => go(START_STEPS[at + 1]!)}>
              {`Go on to ${NAMES[START_STEPS[at + 1]!].toLowerCase()}`}
            </Button>
          )}
        </div>
      </section>
    </div>
  );
}
