import { Button } from "../../ui/Button";
import { Sheet } from "../../ui/Sheet";

/** Keywords that were hidden for this site, each to be shown again. */
export function HiddenSheet({
  hidden,
  onShow,
  onClose,
}: {
  hidden: string[];
  onShow: (texts: string[]) => void;
  onClose: () => void;
}) {
  return (
    <Sheet title="Hidden for this site" onClose={onClose}>
      {hidden.length === 0 ? (
        <p className="text-ink-2">Nothing is hidden.</p>
      ) : (
        <>
          <p className="mb-3 text-ink-2">
            Keywords that say the same as one of these are left out of every look-up.
          </p>
          <ul className="mb-3 max-h-80 overflow-y-auto border border-rule">
            {hidden.map((text) => (
              <li key={text} className="flex items-center border-b border-rule px-3 last:border-b-0">
                <span className="flex-1 truncate">{text}</span>
                <Button kind="quiet" aria-label={`Show “${text}” again`} onClick={() => onShow([text])}>
                  Show again
                </Button>
              </li>
            ))}
          </ul>
          <Button onClick={() => onShow(hidden)}>Show all again</Button>
        </>
      )}
    </Sheet>
  );
}
