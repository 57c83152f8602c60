/** The service worker: after the first visit the application works without a network, and a new version is told of, not slipped in. */

import type { Dependencies } from "../store/dependencies";
import { toast } from "../ui/toast";

export async function startOffline(saver: Dependencies["saver"]): Promise<void> {
  const { serviceWorker } = navigator;
  // Not while developing: there is none, and files change with each key.
  if (!serviceWorker || !import.meta.env.PROD) return;
  const hadOne = serviceWorker.controller !== null;
  const state = { taking: false };
  const registration = await serviceWorker.register("/service-worker.js", { updateViaCache: "none" });

  const offer = (worker: ServiceWorker) =>
    toast("A new version of Dune Sparrow is available.", {
      id: "new version",
      duration: Number.POSITIVE_INFINITY,
      description: "Your work is saved first.",
      action: {
        label: "Reload",
        onClick: () => {
          state.taking = true;
          void saver.flush().finally(() => worker.postMessage({ type: "take over" }));
        },
      },
    });
  if (registration.waiting && hadOne) offer(registration.waiting);
  registration.addEventListener("updatefound", () => {
    const { installing } = registration;
    installing?.addEventListener("statechange", () => {
      // The first one takes over by itself; there is nothing to be replaced.
      if (installing.state === "installed" && serviceWorker.controller) offer(installing);
    });
  });
  serviceWorker.addEventListener("controllerchange", () => {
    if (state.taking) window.location.reload();
    else if (hadOne)
      // Another tab took the new version: parts that are not loaded yet are only there in the new one.
      toast("This tab shows an older version of Dune Sparrow.", {
        id: "new version",
        duration: Number.POSITIVE_INFINITY,
        action: {
          label: "Reload",
          onClick: () => void saver.flush().finally(() => window.location.reload()),
        },
      });
  });
}
