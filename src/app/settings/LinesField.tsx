import { useState } from "react";

/** A list as text, one entry a line; what is half typed stays as typed until the field is left. */
export function LinesField({
  id,
  lines,
  onChange,
}: {
  id: string;
  lines: readonly string[];
  onChange: (lines: string[]) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <textarea
      id={id}
      className="field-box grow-field"
      rows={2}
      value={typed ?? lines.join("\n")}
      onChange={(event) => {
        setTyped(event.target.value);
        onChange([
          ...new Set(
            event.target.value
              .split("\n")
              .map((line) => line.trim())
              .filter(Boolean),
          ),
        ]);
      }}
      onBlur={() => setTyped(null)}
    />
  );
}
