import { type InputHTMLAttributes, useEffect, useRef, useState } from "react";

interface Props extends Omit<InputHTMLAttributes<HTMLInputElement>, "value" | "onChange" | "onBlur"> {
  value: string;
  /** What is wrong with a text; null where nothing is. */
  fault: (text: string) => string | null;
  /** Told of a sound text that is another than before, when the field is left or Enter is pressed. */
  onCommit: (text: string) => void;
}

/** A field whose text counts once it is left; what is wrong stays in it and is said beside it. */
export function CommittedField({ value, fault, onCommit, className = "", ...input }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const [left, setLeft] = useState(false);
  const wrong = typed !== null && left ? fault(typed) : null;
  const commit = () => {
    if (typed === null) return;
    if (fault(typed) !== null) setLeft(true);
    else if (typed.trim() === value) setTyped(null);
    else onCommit(typed.trim());
  };
  // What was typed stays in sight until it is stored.
  // biome-ignore lint/correctness/useExhaustiveDependencies: another value is what it waits for
  useEffect(() => {
    setTyped(null);
    setLeft(false);
  }, [value]);
  // Whoever goes to another screen by a key leaves the field, too.
  const onGone = useRef(commit);
  onGone.current = commit;
  useEffect(() => () => onGone.current(), []);
  return (
    <>
      <input
        {...input}
        className={`field-box ${className}`}
        aria-invalid={wrong !== null}
        value={typed ?? value}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === "Enter") commit();
        }}
      />
      {wrong && (
        <p role="alert" className="text-[13px] text-plum">
          {/* A secret is shown nowhere. */}
          {wrong} {input.type === "password" ? "What was there" : `“${value}”`} stays in force.
        </p>
      )}
    </>
  );
}
