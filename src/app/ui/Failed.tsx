import { Button } from "./Button";
import { Notice } from "./Notice";

interface Props {
  /** What did not work, as a title. */
  what: string;
  /** Why, in words. */
  why: string;
  /** What is safe. */
  safe?: string;
  heading?: "h1" | "h2";
  onRetry: () => void;
}

/** Something could not be read: why, what is safe, and the way to try again. */
export function Failed({ what, why, safe = "Saved work is unchanged.", heading = "h2", onRetry }: Props) {
  return (
    <Notice heading={heading} title={what}>
      <p>
        {why.replace(/[.\s]*$/, ".")} {safe}
      </p>
      <Button className="mt-2" onClick={onRetry}>
        Try again
      </Button>
    </Notice>
  );
}
