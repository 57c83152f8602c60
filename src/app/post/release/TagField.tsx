import { useState } from "react";

/** Tags as one line with commas; what is half typed stays as typed until the field is left. */
export function TagField({
  id,
  tags,
  readOnly,
  onChange,
}: {
  id: string;
  tags: readonly string[];
  readOnly: boolean;
  onChange: (tags: string[]) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <input
      id={id}
      className="line-field"
      readOnly={readOnly}
      placeholder="parted by commas"
      value={typed ?? tags.join(", ")}
      onChange={(event) => {
        setTyped(event.target.value);
        onChange([
          ...new Set(
            event.target.value
              .split(",")
              .map((tag) => tag.trim())
              .filter(Boolean),
          ),
        ]);
      }}
      onBlur={() => setTyped(null)}
    />
  );
}
