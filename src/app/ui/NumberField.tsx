interface Props {
  id: string;
  value: number;
  /** From zero to this. */
  most: number;
  step?: number;
  onChange: (value: number) => void;
}

/** A number from zero up; what is typed beyond its bounds, or is no number, is brought within them. */
export function NumberField({ id, value, most, step = 1, onChange }: Props) {
  return (
    <input
      id={id}
      type="number"
      min={0}
      max={most}
      step={step}
      className="field-box figures !w-32"
      value={value}
      onChange={(event) => onChange(Math.min(most, Math.max(0, Number(event.target.value) || 0)))}
    />
  );
}
