/** The trouble that a stand-in is asked to make, so that one can see how the application bears it. */
import { FieldLine } from "../../ui/FieldLine";
import { whole } from "../../ui/figures";
import { CommittedField } from "../CommittedField";

export interface Trouble {
  /** Milliseconds. */
  delay: number;
  /** 0 to 1. */
  errorRate: number;
}

const LONGEST = 30_000;
const numberFault =
  (most: number) =>
  (text: string): string | null =>
    /^\d+$/.test(text.trim()) && Number(text) <= most
      ? null
      : `Enter a whole number from 0 to ${whole(most)}.`;

interface Props {
  trouble: Trouble;
  /** What the fields are called, where there are more of them than these two. */
  labels: { delay: string; errorRate: string };
  /** How its answers fail. */
  fails: string;
  onEdit: (changes: Partial<Trouble>) => void;
}

export function TroubleFields({ trouble, labels, fails, onEdit }: Props) {
  return (
    <>
      <FieldLine
        label={labels.delay}
        hint={`Milliseconds that the stand-in waits before each answer, up to ${whole(LONGEST)}.`}
      >
        {(id) => (
          <CommittedField
            id={id}
            inputMode="numeric"
            className="figures !w-32"
            value={String(trouble.delay)}
            fault={numberFault(LONGEST)}
            onCommit={(delay) => onEdit({ delay: Number(delay) })}
          />
        )}
      </FieldLine>
      <FieldLine label={labels.errorRate} hint={`Percentage of its answers that ${fails}.`}>
        {(id) => (
          <CommittedField
            id={id}
            inputMode="numeric"
            className="figures !w-32"
            value={String(Math.round(trouble.errorRate * 100))}
            fault={numberFault(100)}
            onCommit={(percent) => onEdit({ errorRate: Number(percent) / 100 })}
          />
        )}
      </FieldLine>
    </>
  );
}
