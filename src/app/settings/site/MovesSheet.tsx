/** Addresses that a change of the site's settings gives up, shown before it is made: each leads on to the new one. */
import type { Move } from "../../../core/site/moves";
import { Button } from "../../ui/Button";
import { count } from "../../ui/figures";
import { Sheet } from "../../ui/Sheet";

interface Props {
  moves: readonly Move[];
  onConfirm: () => void;
  onClose: () => void;
}

export function MovesSheet({ moves, onConfirm, onClose }: Props) {
  return (
    <Sheet title="Addresses that change" wide onClose={onClose}>
      <p className="mb-3">
        {count(moves.length, "page")} that readers know {moves.length === 1 ? "gets" : "get"} another address.
        Each old one is kept as a redirect, so that links from elsewhere still arrive.
      </p>
      <div
        className="max-h-[50vh] overflow-y-auto border border-rule"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reachable by keys
        tabIndex={0}
        role="region"
        aria-label="Addresses"
      >
        <table className="w-full border-collapse text-[13px]">
          <thead>
            <tr className="text-left text-ink-2">
              <th scope="col" className="px-3 py-1 font-normal">
                Post
              </th>
              <th scope="col" className="px-3 py-1 font-normal">
                From
              </th>
              <th scope="col" className="px-3 py-1 font-normal">
                To
              </th>
            </tr>
          </thead>
          <tbody>
            {moves.map(({ postId, title, from, to }) => (
              <tr key={postId} className="border-t border-rule">
                <td className="px-3 py-1 font-serif">{title || "Untitled post"}</td>
                <td className="break-all px-3 py-1">{from}</td>
                <td className="break-all px-3 py-1">{to}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className="mt-4 flex gap-3">
        <Button kind="primary" onClick={onConfirm}>
          Change {count(moves.length, "address", "addresses")}, with redirects
        </Button>
        <Button onClick={onClose}>Leave them as they are</Button>
      </div>
    </Sheet>
  );
}
