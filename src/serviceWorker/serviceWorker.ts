/**
 * Keeps all of the application's files in the browser, so that it works with the network gone (Service Workers, W3C). Each version has
 * its own set; the one before is dropped when the new one takes over, which the person decides. What is under /api is never kept.
 */
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from "workbox-precaching";
import { NavigationRoute, registerRoute } from "workbox-routing";

/** What a service worker is, as far as it is needed here: its types and those of a page exclude each other. */
interface Scope {
  addEventListener(
    type: "message" | "activate",
    listener: (event: { data?: unknown; waitUntil(work: Promise<unknown>): void }) => void,
  ): void;
  skipWaiting(): Promise<void>;
  clients: { claim(): Promise<void> };
}
/** Written in by the build: every file with the hash of its bytes, where its name has none. */
declare const BUILT_FILES: { url: string; revision: string | null }[];

const scope = globalThis as unknown as Scope;

precacheAndRoute(BUILT_FILES, { ignoreURLParametersMatching: [] });
cleanupOutdatedCaches();
// Addresses of posts and places are all the one page.
registerRoute(
  new NavigationRoute(createHandlerBoundToURL("/index.html"), { denylist: [/^\/api\//, /\.[a-z0-9]+$/i] }),
);

// Pages that were opened before there was any have it from their first visit on.
scope.addEventListener("activate", (event) => event.waitUntil(scope.clients.claim()));
scope.addEventListener("message", ({ data }) => {
  if ((data as { type?: string } | null)?.type === "take over") void scope.skipWaiting();
});
