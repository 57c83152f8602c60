import { outlineItems } from "../../core/apprentice/forms/outline";
import type { Answer } from "../../core/apprentice/shapes";
import { outlineToMarkdown, parseOutline } from "../../core/outline/outlineText";
import { attemptRead } from "../ui/attemptRead";
import { Button } from "../ui/Button";
import { Missing } from "./Missing";
import { startMaterial } from "./makePost";
import type { StepProps } from "./step";
import { useStepAsk } from "./useStepAsk";

export function OutlineStep(props: StepProps) {
  const { start, onChange } = props;
  const outline = useStepAsk("outline", props);
  const opening = useStepAsk("opening", props);
  const headings = start.outline.trim() ? parseOutline(start.outline).map(({ text }) => ({ text })) : [];
  const askOutline = () =>
    outline.ask({
      topic: (start.title || start.about || start.keyword).slice(0, 200),
      ...(start.points.trim() && { points: start.points.slice(0, 400) }),
      ...(start.audience.trim() && { audience: start.audience.trim() }),
      ...(start.keyword.trim() && { keywords: [start.keyword.trim()] }),
      conclusion: true,
      material: startMaterial({ ...start, outline: "", points: "" }),
    });
  const askOpening = () =>
    opening.ask({
      ...(start.title.trim() && { title: start.title.trim() }),
      ...(headings.length && { outline: headings }),
      ...(start.keyword.trim() && { keyword: start.keyword.trim() }),
      ...(start.audience.trim() && { audience: start.audience.trim() }),
      material: startMaterial(start),
    });
  return (
    <div className="grid gap-6">
      <section aria-label="Outline">
        <label>
          <span className="block text-[13px] text-ink-2">
            Outline: ## before a heading, ### before a deeper one, notes on the lines below it
          </span>
          <textarea
            rows={12}
            className="field-box font-serif"
            value={start.outline}
            onChange={({ target }) => onChange({ outline: target.value })}
          />
        </label>
        <Choices
          of={outline}
          name="outline"
          onAsk={askOutline}
          onTake={({ parts }) =>
            onChange({
              outline: outlineToMarkdown(
                outlineItems(parts).map((item, at) => ({ ...item, id: String(at) })),
              ),
            })
          }
        />
      </section>
      <section aria-label="Opening">
        <label>
          <span className="block text-[13px] text-ink-2">Opening</span>
          <textarea
            rows={5}
            className="field-box font-serif"
            value={start.opening}
            onChange={({ target }) => onChange({ opening: target.value })}
          />
        </label>
        <Choices
          of={opening}
          name="opening"
          onAsk={askOpening}
          onTake={({ text }) => onChange({ opening: text })}
        />
      </section>
    </div>
  );
}

interface ChoicesProps {
  of: ReturnType<typeof useStepAsk>;
  name: string;
  onAsk: () => Promise<void>;
  onTake: (answer: Answer) => void;
}

/** What was suggested, one of which may be taken into the field above. */
function Choices({ of: { latest, busy }, name, onAsk, onTake }: ChoicesProps) {
  return (
    <>
      <div className="mt-2 flex items-center gap-3">
        <Button disabled={busy} onClick={() => attemptRead(onAsk())}>
          {busy ? "Suggesting …" : latest ? `Suggest another ${name}` : `Suggest an ${name}`}
        </Button>
      </div>
      <Missing entry={latest} />
      {latest && latest.answers.length > 0 && (
        <ul aria-label={`Suggested: ${name}`} className="mt-2 grid gap-3 mid:grid-cols-2">
          {latest.answers.map((answer) => (
            <li key={answer.text} className="flex flex-col border border-dashed border-edge bg-sheet p-3">
              <div className="flex-1 font-serif text-[14px]">
                {answer.parts.map(({ field, text }, at) => (
                  <span
                    key={`${at} ${text}`}
                    className={
                      field === "heading2"
                        ? "block font-semibold"
                        : field === "note"
                          ? "block pl-4 text-ink-2"
                          : /^(?:heading3|question)$/.test(field)
                            ? "block pl-4"
                            : ""
                    }
                  >
                    {text}{" "}
                  </span>
                ))}
              </div>
              <Button className="mt-2 self-start" onClick={() => onTake(answer)}>
                Take this {name}
              </Button>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
