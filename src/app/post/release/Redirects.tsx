/** Addresses that were given up and lead to this page. */

import { deleteRedirect, redirectsOf, restoreRedirect } from "../../../data/redirects";
import { useLive } from "../../store/useLive";
import { attemptRead } from "../../ui/attemptRead";
import { day } from "../../ui/dates";
import { toast } from "../../ui/toast";

export function Redirects({ postId, readOnly }: { postId: string; readOnly: boolean }) {
  const read = useLive(() => redirectsOf(postId), [postId]);
  const redirects = read.state === "ready" ? read.value : [];
  if (!redirects.length) return null;
  return (
    <section aria-label="Redirects" className="mt-3 border-t border-rule pt-2 text-[13px]">
      <h3 className="text-ink-2">Redirects to this page</h3>
      <ul>
        {redirects.map((redirect) => (
          <li key={redirect.id} className="figures flex items-baseline gap-3 py-0.5">
            <span className="min-w-0 flex-1 truncate">
              {redirect.from} → {redirect.to}
            </span>
            <span className="text-ink-2">since {day(redirect.since)}</span>
            <button
              type="button"
              className="quiet-link"
              aria-label={`Remove the redirect from ${redirect.from}`}
              disabled={readOnly}
              onClick={() =>
                attemptRead(
                  deleteRedirect(redirect.id).then(() =>
                    toast(`${redirect.from} leads nowhere now.`, {
                      action: { label: "Undo", onClick: () => attemptRead(restoreRedirect(redirect)) },
                    }),
                  ),
                )
              }
            >
              Remove
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
