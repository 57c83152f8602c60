import { useId } from "react";
import { textWidth } from "../../core/snippet/width";
import { useAppSelector } from "../store/hooks";
import { attemptRead } from "../ui/attemptRead";
import { Button } from "../ui/Button";
import { whole } from "../ui/figures";
import { Missing } from "./Missing";
import { startMaterial } from "./makePost";
import type { StepProps } from "./step";
import { useStepAsk } from "./useStepAsk";

export function TitleStep(props: StepProps) {
  const { start, onChange } = props;
  const { latest, ask, busy } = useStepAsk("titles", props);
  const { size, range } = useAppSelector((state) => state.session.profile.checks["title-width"]);
  const name = useId();
  const room = range[2] ?? 0;
  const suggest = () => {
    const { title: _title, ...material } = startMaterial(start);
    const topic = start.about.trim().split("\n")[0]!;
    return ask({
      ...(start.keyword.trim() && { keyword: start.keyword.trim() }),
      ...(topic && { topic: topic.slice(0, 1000) }),
      material,
    });
  };
  return (
    <div className="flex flex-col gap-4">
      <label>
        <span className="block text-[13px] text-ink-2">Title</span>
        <input
          className="field-box font-serif !text-[17px]"
          value={start.title}
          onChange={({ target }) => onChange({ title: target.value })}
        />
        <span className="figures text-[12px] text-ink-2">
          {whole(textWidth(start.title, size))} of {whole(room)} px
        </span>
      </label>
      <div>
        <Button disabled={busy} onClick={() => attemptRead(suggest())}>
          {busy ? "Suggesting …" : latest ? "Suggest others" : "Suggest titles"}
        </Button>
      </div>
      <Missing entry={latest} />
      {latest && latest.answers.length > 0 && (
        <fieldset className="border border-dashed border-edge bg-sheet">
          <legend className="ml-3 px-1 text-[13px] text-ink-2">Suggested</legend>
          {latest.answers.map(({ text, findings }) => (
            <label
              key={text}
              className="flex items-baseline gap-3 border-b border-rule px-4 py-2 last:border-b-0"
            >
              <input
                type="radio"
                name={name}
                checked={start.title === text}
                onChange={() => onChange({ title: text })}
              />
              <span className="min-w-0 flex-1 font-serif text-[16px]">
                {text}
                {findings.map(({ id, says }) => (
                  <span key={id} className="block font-sans text-[12px] text-plum">
                    {says}
                  </span>
                ))}
              </span>
              <span className="figures text-[12px] text-ink-2">{whole(textWidth(text, size))} px</span>
            </label>
          ))}
        </fieldset>
      )}
    </div>
  );
}
