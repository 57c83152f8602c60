import { type ChangeEvent, useState } from "react";

interface Props {
  id: string;
  entries: readonly string[];
  /** What parts the entries: a comma in one line, or each on a line of its own. */
  by: "," | "\n";
  readOnly?: boolean;
  onChange: (entries: string[]) => void;
}

/** A list as text; what is half typed stays as typed until the field is left. */
export function ListField({ id, entries, by, readOnly = false, onChange }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const common = {
    id,
    readOnly,
    value: typed ?? entries.join(by === "," ? ", " : by),
    onChange: ({ target }: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => {
      setTyped(target.value);
      const parts = target.value.split(by).map((entry) => entry.trim());
      onChange([...new Set(parts.filter(Boolean))]);
    },
    onBlur: () => setTyped(null),
  };
  return by === "," ? (
    <input {...common} className="line-field" placeholder="separated by commas" />
  ) : (
    <textarea {...common} className="field-box grow-field" rows={2} />
  );
}
