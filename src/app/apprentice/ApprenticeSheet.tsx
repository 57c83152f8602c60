/** Asking the apprentice: what is asked on the left, what came of it on the right, side by side; nothing of it is lost. */
import { ClipboardCopy, Square } from "lucide-react";
import { useEffect, useMemo, useState } from "react";
import { Link } from "react-router";
import type { Answer, Part, WriterSource } from "../../core/apprentice/shapes";
import type { TaskPlace } from "../../core/apprentice/task";
import { addToDrawer, changeSuggestion, listSuggestions, removeFromDrawer } from "../../data/drawer";
import type { SuggestionEntry } from "../../data/model";
import { saveWriter } from "../../data/saveSettings";
import type { TaskForm } from "../../workers/apprenticeApi";
import { attempt } from "../store/attempt";
import { useAppDispatch, useAppSelector } from "../store/hooks";
import { writerChanged } from "../store/sessionSlice";
import { useAsk } from "../store/useAsk";
import { useLive } from "../store/useLive";
import { attemptRead } from "../ui/attemptRead";
import { Button } from "../ui/Button";
import { dayAndTime } from "../ui/dates";
import { Failed } from "../ui/Failed";
import { Segments } from "../ui/Segments";
import { Select } from "../ui/Select";
import { Sheet } from "../ui/Sheet";
import { toast } from "../ui/toast";
import { askApprentice, promptToCopy, readWhatArrived, stopAsking } from "./ask";
import { RequestForm } from "./RequestForm";
import { Slip } from "./Slip";
import { scoreWith } from "./scores";

const SOURCES: Record<WriterSource, string> = {
  "stand-in": "Stand-in",
  connected: "Connected",
  "by-hand": "By hand",
};

/** What is done with what a person takes. @returns where it went, in words; null where it went nowhere */
export type Take = (taken: {
  task: string;
  answer: Answer;
  parts: readonly Part[];
  whole: boolean;
}) => Promise<string | null> | string | null;

interface Props {
  title: string;
  /** Where it is asked: tasks say themselves where they belong. */
  place: TaskPlace;
  /** The task that it opens with; the first one of the place where absent. */
  first?: string;
  /** What is known of the request already, by task. */
  initial?: (task: string) => Readonly<Record<string, unknown>>;
  /** Whether it is about the post that is open; else about the site. */
  ofPost: boolean;
  /** What taking does, in words for the button. */
  take: (task: string) => string;
  onTake: Take;
  readOnly?: boolean;
  /** For those who take several. */
  staysOpen?: boolean;
  onClose: () => void;
}

export function ApprenticeSheet({ title, place, first, ...rest }: Props) {
  const forms = useAsk(({ workers }) => workers.apprentice.tasks(), []);
  return (
    <Sheet title={title} wide onClose={rest.onClose}>
      {forms.state === "loading" && <p role="status">Getting the apprentice ready …</p>}
      {forms.state === "failed" && (
        <Failed
          what="The apprentice did not start"
          why={forms.why}
          safe="The post is unchanged."
          onRetry={forms.retry}
        />
      )}
      {forms.state === "ready" && (
        <Asking
          forms={forms.value
            .filter(({ places }) => places.includes(place))
            .sort((a, b) => Number(b.id === first) - Number(a.id === first))}
          {...rest}
        />
      )}
    </Sheet>
  );
}

function Asking({
  forms,
  initial = () => ({}),
  ofPost,
  take,
  onTake,
  readOnly = false,
  staysOpen = false,
  onClose,
}: Omit<Props, "title" | "place" | "first"> & { forms: readonly TaskForm[] }) {
  const dispatch = useAppDispatch();
  const postId = useAppSelector((state) => (ofPost ? (state.openPost.post?.id ?? "") : ""));
  const writer = useAppSelector((state) => state.session.writer);
  const language = useAppSelector(
    (state) => (ofPost && state.openPost.post?.language) || state.session.site.language,
  );
  const [task, setTask] = useState(forms[0]!.id);
  const [inputs, setInputs] = useState<Readonly<Record<string, Readonly<Record<string, unknown>>>>>({});
  const [pasted, setPasted] = useState("");
  const form = forms.find(({ id }) => id === task) ?? forms[0]!;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is known when the sheet opens
  const begins = useMemo(() => initial(task), [task]);
  const input = inputs[task] ?? begins;
  const entries = useLive(() => listSuggestions(postId), [postId]);
  const ours =
    entries.state === "ready"
      ? entries.value.filter((entry) => forms.some(({ id }) => id === entry.task))
      : [];
  const [latest, ...earlier] = ours.filter((entry) => entry.task === task);
  const [current, setCurrent] = useState<string | null>(null);
  const shown = ours.find(({ id }) => id === current) ?? latest;
  const { source, setSource } = useSource(writer.kind);
  const ask = (change: { seed?: number; input?: Readonly<Record<string, unknown>> } = {}) => {
    const seed =
      change.seed ??
      1 + Math.max(0, ...ours.filter((entry) => entry.task === task).map((entry) => entry.seed));
    const { id } = dispatch(
      askApprentice({
        task,
        input: change.input ?? input,
        seed,
        source,
        postId,
        ...(source === "by-hand" && { pasted }),
      }),
    );
    setCurrent(id);
  };
  const copyPrompt = async () => {
    await navigator.clipboard.writeText(await dispatch(promptToCopy({ task, input, seed: 1, postId })));
    toast("The prompt is copied. Paste it into your assistant, and its answer below.");
  };
  const onlyEnglish =
    source === "stand-in" && form.languages === "English" && !language.toLowerCase().startsWith("en");
  return (
    <div className="grid gap-6 mid:grid-cols-[280px_minmax(0,1fr)]">
      <section aria-label="Request" className="flex flex-col gap-3">
        {forms.length > 1 && (
          <Select
            label="Task"
            value={task}
            options={forms.map(({ id, name }) => ({ value: id, label: name }))}
            onChange={setTask}
          />
        )}
        <p className="text-[13px] text-ink-2">{form.says}</p>
        <Segments label="Writer" options={SOURCES} value={source} onChange={(kind) => setSource(kind)} />
        <p className="text-[12px] text-ink-2">
          {source === "stand-in" &&
            "Ships with the application. It selects and composes from what is at hand, and knows nothing else."}
          {source === "connected" &&
            (writer.address ? (
              `${writer.model || "A model"} at ${writer.address}`
            ) : (
              <Link to="/settings#connections" className="quiet-link">
                Name its address in Settings
              </Link>
            ))}
          {source === "by-hand" && "Copy the prompt, ask any assistant, and paste its answer."}
        </p>
        <RequestForm
          form={form}
          input={input}
          disabled={readOnly}
          onChange={(next) => setInputs({ ...inputs, [task]: next })}
        />
        {source === "by-hand" && (
          <>
            <Button onClick={() => attemptRead(copyPrompt())}>
              <ClipboardCopy size={15} aria-hidden="true" /> Copy the prompt
            </Button>
            <label className="text-[13px]">
              <span className="text-ink-2">Its answer</span>
              <textarea
                rows={5}
                className="field-box"
                value={pasted}
                onChange={({ target }) => setPasted(target.value)}
              />
            </label>
          </>
        )}
        {onlyEnglish && (
          <p className="text-[13px] text-plum">
            The stand-in does this in English only. Connect a writer, or ask one by hand.
          </p>
        )}
        <Button
          kind="primary"
          className="justify-center"
          disabled={
            readOnly ||
            onlyEnglish ||
            (source === "connected" && !writer.address) ||
            (source === "by-hand" && !pasted.trim())
          }
          onClick={() => ask()}
        >
          {source === "by-hand" ? "Read the answer" : latest ? "Ask again" : "Ask"}
        </Button>
      </section>
      <section aria-label="Suggestions" className="min-w-0">
        {!shown ? (
          <p className="border border-rule bg-paper p-8 text-center text-ink-2">
            Nothing asked yet. What comes is kept in the drawer, taken or not.
          </p>
        ) : (
          <EntryView
            key={shown.id}
            entry={shown}
            take={take(shown.task)}
            onTake={onTake}
            readOnly={readOnly}
            onAgain={() => ask({ seed: shown.seed + 1, input: shown.request })}
            onTaken={staysOpen ? () => toast("Taken. The others stay here.") : onClose}
          />
        )}
        {earlier.length > 0 && (
          <details className="mt-4 text-[13px]">
            <summary className="cursor-pointer text-ink-2">Earlier: {earlier.length}</summary>
            <ul className="mt-1 border border-rule">
              {ours
                .filter((entry) => entry.task === task && entry.id !== shown?.id)
                .map((entry) => (
                  <li key={entry.id} className="border-b border-rule px-3 py-1 last:border-b-0">
                    <button
                      type="button"
                      className="quiet-link max-w-full truncate"
                      onClick={() => setCurrent(entry.id)}
                    >
                      {dayAndTime(entry.createdAt)}: {entry.answers[0]?.text.split("\n")[0] ?? "no answer"}
                    </button>
                  </li>
                ))}
            </ul>
          </details>
        )}
      </section>
    </div>
  );
}

/** Which writer is asked: what was chosen last, wherever that was. */
function useSource(kept: WriterSource) {
  const dispatch = useAppDispatch();
  const writer = useAppSelector((state) => state.session.writer);
  const [source, setLocal] = useState<WriterSource>(kept);
  const setSource = (kind: WriterSource) => {
    setLocal(kind);
    const next = { ...writer, kind };
    dispatch(writerChanged(next));
    void attempt(() => saveWriter(next));
  };
  return { source, setSource };
}

interface EntryProps {
  entry: SuggestionEntry;
  take: string | null;
  onTake: Take;
  readOnly?: boolean;
  onAgain?: () => void;
  /** Once something was taken. */
  onTaken?: () => void;
}

/** A request with its answers, side by side. */
export function EntryView({
  entry,
  take,
  onTake,
  readOnly = false,
  onAgain,
  onTaken = () => {},
}: EntryProps) {
  const dispatch = useAppDispatch();
  const arriving = useAppSelector((state) => state.apprentice[entry.id]);
  const live = arriving !== undefined;
  const text = arriving ?? entry.arrived;
  const accept = (answer: Answer) => async (parts: readonly Part[], whole: boolean) => {
    const where = await onTake({ task: entry.task, answer, parts, whole });
    if (where === null) return;
    await attempt(() => changeSuggestion(entry.id, { taken: where }));
    onTaken();
  };
  const drop = async (at: number) => {
    const answers = entry.answers.filter((_, i) => i !== at);
    const done = await attempt(() =>
      answers.length ? changeSuggestion(entry.id, { answers }) : removeFromDrawer(entry.id),
    );
    if (done)
      toast("The suggestion was dropped.", {
        action: { label: "Undo", onClick: () => void attempt(() => addToDrawer([entry])) },
      });
  };
  return (
    <>
      <p role="status" className="mb-2 flex items-center gap-3 text-[13px] text-ink-2">
        {entry.state === "arriving" &&
          (live || !text
            ? "Writing …"
            : "The page was closed while this was written. What had arrived is kept.")}
        {entry.state === "stopped" && "Stopped. What had arrived was read."}
        {entry.state === "failed" && <span className="text-plum">{entry.missing[0]}</span>}
        {entry.state === "whole" &&
          `${entry.source === "stand-in" ? "Stand-in writer" : entry.source === "connected" ? "Connected writer" : "Asked by hand"}, ${dayAndTime(entry.createdAt)}${entry.taken ? ` · taken: ${entry.taken}` : ""}`}
        {entry.state === "arriving" && (live || !text) && (
          <Button kind="quiet" onClick={() => dispatch(stopAsking(entry.id))}>
            <Square size={13} aria-hidden="true" /> Stop
          </Button>
        )}
        {entry.state === "arriving" && !live && text && (
          <Button kind="quiet" onClick={() => attemptRead(dispatch(readWhatArrived(entry)))}>
            Read what arrived
          </Button>
        )}
      </p>
      {text && entry.answers.length === 0 && (
        <p
          data-arriving
          className="ghost-text whitespace-pre-wrap border border-dashed border-edge bg-sheet px-4 py-3 font-serif text-[15px]"
        >
          {text}
        </p>
      )}
      {entry.state !== "failed" && entry.missing.length > 0 && (
        <ul aria-label="Missing" className="mb-2 text-[13px] text-plum">
          {entry.missing.map((says) => (
            <li key={says}>{says}</li>
          ))}
        </ul>
      )}
      <div className="grid grid-cols-[repeat(auto-fit,minmax(15rem,1fr))] items-stretch gap-3">
        {entry.answers.map((answer, at) => (
          <ScoredSlip
            key={`${entry.id} ${at} ${answer.text}`}
            entry={entry}
            answer={answer}
            take={take}
            readOnly={readOnly}
            onTake={(parts, whole) => void accept(answer)(parts, whole)}
            onDrop={() => void drop(at)}
            {...(at === 0 && onAgain && { onAgain })}
          />
        ))}
      </div>
    </>
  );
}

function ScoredSlip({
  entry,
  answer,
  ...rest
}: { entry: SuggestionEntry; answer: Answer } & Omit<Parameters<typeof Slip>[0], "score" | "answer">) {
  const dispatch = useAppDispatch();
  const now = useAppSelector((state) => state.openPost.report?.score ?? null);
  const [score, setScore] = useState<number | null>(null);
  useEffect(() => {
    let waiting = true;
    dispatch(scoreWith(entry, answer)).then(
      (value) => waiting && setScore(value),
      () => {},
    );
    return () => {
      waiting = false;
    };
  }, [dispatch, entry, answer]);
  const gain = score === null || now === null ? null : Math.round(score) - Math.round(now);
  const says =
    score === null
      ? null
      : `Score ${Math.round(score)}${gain ? ` (${gain > 0 ? "+" : "−"}${Math.abs(gain)})` : ""}`;
  const { text: before } = entry.request;
  return (
    <Slip
      answer={answer}
      score={says}
      {...(entry.task === "rework" && typeof before === "string" && { against: before })}
      {...rest}
    />
  );
}
