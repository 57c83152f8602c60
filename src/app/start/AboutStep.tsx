import type { GuidedStart } from "../../core/apprentice/guidedStart";
import { useAppSelector } from "../store/hooks";
import { Checkbox } from "../ui/Checkbox";
import { FieldLine } from "../ui/FieldLine";
import { Select } from "../ui/Select";
import type { StepProps } from "./step";

type TextField = "about" | "points" | "goal" | "audience" | "keyword";

export function AboutStep({ start, onChange }: StepProps) {
  const voices = useAppSelector((state) => state.session.site.voices) ?? [];
  const line = (field: TextField, label: string, hint: string, rows = 0) => (
    <FieldLine label={label} hint={hint}>
      {(id) =>
        rows ? (
          <textarea
            id={id}
            rows={rows}
            className="field-box grow-field"
            value={start[field]}
            onChange={({ target }) => onChange({ [field]: target.value } as Partial<GuidedStart>)}
          />
        ) : (
          <input
            id={id}
            className="field-box"
            value={start[field]}
            onChange={({ target }) => onChange({ [field]: target.value } as Partial<GuidedStart>)}
          />
        )
      }
    </FieldLine>
  );
  return (
    <div className="flex flex-col gap-4">
      {line("about", "About", "In a sentence or two.", 2)}
      {line("keyword", "Keyword", "What people would search for to find it.")}
      {line("points", "Points", "What it is to say, a line each. The more of it, the better the draft.", 4)}
      {line("audience", "Audience", "Who it is for.")}
      {line("goal", "Goal", "What a reader can do afterwards: “choose a bike that fits”.")}
      <FieldLine label="Words" hint="About how long.">
        {(id) => (
          <input
            id={id}
            type="number"
            min={0}
            max={100_000}
            className="field-box figures !w-28"
            value={start.length ?? ""}
            onChange={({ target }) =>
              onChange({ length: target.value === "" ? null : Math.max(0, Math.round(target.valueAsNumber)) })
            }
          />
        )}
      </FieldLine>
      {voices.length > 0 && (
        <FieldLine label="Voice">
          {(id) => (
            <Select
              id={id}
              value={start.voice}
              options={[
                { value: "", label: "the site's" },
                ...voices.map(({ id: value, name }) => ({ value, label: name })),
              ]}
              onChange={(voice) => onChange({ voice })}
            />
          )}
        </FieldLine>
      )}
      <label className="flex items-center gap-2 pl-[108px]">
        <Checkbox checked={start.pictures} onChange={(pictures) => onChange({ pictures })} />
        With pictures
      </label>
    </div>
  );
}
