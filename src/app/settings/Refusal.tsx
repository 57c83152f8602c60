import { messageOf } from "../../core/messageOf";
import { ShapeError } from "../../data/schemas/validate";
import { Notice } from "../ui/Notice";

interface Props {
  /** What was thrown; nothing is shown where nothing was. */
  error: unknown;
  /** What is safe. */
  safe: string;
}

/** A file was refused: why, and what is safe. */
export function Refusal({ error, safe }: Props) {
  if (!error) return null;
  const faults = error instanceof ShapeError ? error.faults : [];
  return (
    <div className="mb-2">
      <Notice title={messageOf(error)}>
        <p>{safe}</p>
        <ul className="list-disc pl-5">
          {faults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
      </Notice>
    </div>
  );
}
