/** What a task asks for, as fields: drawn from its schema, so that a new task needs no new form. */
import { useId } from "react";
import type { FieldSchema, TaskForm } from "../../workers/apprenticeApi";
import { Checkbox } from "../ui/Checkbox";
import { ListField } from "../ui/ListField";
import { Select } from "../ui/Select";
import { Slider } from "../ui/Slider";

/** What a person fills in elsewhere: the workspace brings it along. */
const NOT_ASKED = new Set(["language", "material", "post", "outline", "before", "free"]);
/** Longer texts get several lines. */
const ONE_LINE = 1000;

type Value = unknown;

interface Props {
  form: TaskForm;
  input: Readonly<Record<string, Value>>;
  disabled: boolean;
  onChange: (input: Readonly<Record<string, Value>>) => void;
}

export function RequestForm({ form, input, disabled, onChange }: Props) {
  const set = (name: string, value: Value) => {
    const { [name]: _old, ...rest } = input;
    onChange(value === undefined || value === "" ? rest : { ...rest, [name]: value });
  };
  return (
    <div className="flex flex-col gap-3">
      {Object.entries(form.fields)
        .filter(([name]) => !NOT_ASKED.has(name))
        .map(([name, schema]) => (
          <Field
            key={name}
            name={name}
            schema={schema}
            value={input[name]}
            disabled={disabled}
            onChange={(value) => set(name, value)}
          />
        ))}
      <div className="text-[13px]">
        <p className="flex justify-between text-ink-2" aria-hidden="true">
          <span>How free</span>
          <span>{saysFree(Math.round(Number(input.free ?? 0.5) * 100))}</span>
        </p>
        <Slider
          label="How free"
          from={0}
          to={100}
          step={10}
          className="w-full"
          value={Math.round(Number(input.free ?? 0.5) * 100)}
          says={saysFree}
          onChange={(value) => set("free", value / 100)}
        />
      </div>
    </div>
  );
}

const saysFree = (value: number): string =>
  value < 34 ? "close to the material" : value < 67 ? "as usual" : "far afield";

interface FieldProps {
  name: string;
  schema: FieldSchema;
  value: Value;
  disabled: boolean;
  onChange: (value: Value) => void;
}

function Field({ name, schema, value, disabled, onChange }: FieldProps) {
  const id = useId();
  const label = schema.title ?? name;
  if (schema.type === "boolean")
    return (
      <label className="flex items-center gap-2 text-[13px]">
        <Checkbox
          checked={value === true}
          disabled={disabled}
          onChange={(checked) => onChange(checked || undefined)}
        />
        {label}
      </label>
    );
  return (
    <div className="text-[13px]">
      <label htmlFor={id} className="block text-ink-2">
        {label}
      </label>
      {schema.enum ? (
        <Select
          id={id}
          value={String(value ?? schema.enum[0])}
          options={schema.enum.map((one) => ({ value: one, label: one.replaceAll("-", " ") }))}
          disabled={disabled}
          onChange={onChange}
        />
      ) : schema.type === "array" ? (
        <ListField
          id={id}
          by={"\n"}
          entries={(value as string[] | undefined) ?? []}
          readOnly={disabled}
          onChange={(entries) => onChange(entries.length ? entries : undefined)}
        />
      ) : schema.type === "integer" || schema.type === "number" ? (
        <input
          id={id}
          type="number"
          className="field-box figures !w-24"
          placeholder="as usual"
          min={schema.minimum}
          max={schema.maximum}
          disabled={disabled}
          value={value === undefined ? "" : String(value)}
          onChange={({ target }) =>
            onChange(
              target.value === ""
                ? undefined
                : Math.min(
                    schema.maximum ?? 1e9,
                    Math.max(schema.minimum ?? 0, Math.round(target.valueAsNumber)),
                  ),
            )
          }
        />
      ) : (schema.maxLength ?? 0) > ONE_LINE || name === "points" ? (
        <textarea
          id={id}
          rows={3}
          className="field-box grow-field"
          disabled={disabled}
          maxLength={schema.maxLength}
          value={String(value ?? "")}
          onChange={({ target }) => onChange(target.value)}
        />
      ) : (
        <input
          id={id}
          className="field-box"
          disabled={disabled}
          maxLength={schema.maxLength}
          value={String(value ?? "")}
          onChange={({ target }) => onChange(target.value)}
        />
      )}
    </div>
  );
}
