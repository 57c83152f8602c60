import { useState } from "react";

/** Takes effect only where it is right; what is wrong stays in the field and says so. */
export function CheckedField({
  id,
  value,
  fault,
  onChange,
}: {
  id: string;
  value: string;
  fault: (text: string) => string | null;
  onChange: (text: string) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const wrong = typed === null ? null : fault(typed);
  return (
    <>
      <input
        id={id}
        className="field-box"
        aria-invalid={wrong !== null}
        value={typed ?? value}
        onChange={(event) => {
          setTyped(event.target.value);
          if (fault(event.target.value) === null) onChange(event.target.value);
        }}
        onBlur={() => {
          if (wrong === null) setTyped(null);
        }}
      />
      {wrong && (
        <p role="alert" className="text-[13px] text-plum">
          {wrong} “{value}” stays in force.
        </p>
      )}
    </>
  );
}
