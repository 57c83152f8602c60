/** The places of the application. Each but the Desk is a chunk of its own. */
import { type Location, matchRoutes, Navigate, type RouteObject, useLocation, useRoutes } from "react-router";
import { STAGES } from "../data/stages";
import { Desk } from "./desk/Desk";
import { STAGE_PARTS } from "./post/stageParts";
import { Shell } from "./shell/Shell";
import { NotFound } from "./ui/NotFound";
import { PartBoundary } from "./ui/PartBoundary";
import { isPart, part } from "./ui/part";

const routes: RouteObject[] = [
  {
    path: "/",
    element: (
      <PartBoundary name="This screen">
        <Shell />
      </PartBoundary>
    ),
    children: [
      {
        index: true,
        element: (
          <PartBoundary name="The Desk">
            <Desk />
          </PartBoundary>
        ),
      },
      {
        path: "calendar",
        ...part("The calendar", async () => (await import("./calendar/CalendarPlace")).CalendarPlace),
      },
      {
        path: "start/:id?",
        ...part("The guided start", async () => (await import("./start/StartPlace")).StartPlace),
      },
      {
        path: "drawer",
        ...part("The drawer", async () => (await import("./drawer/DrawerPlace")).DrawerPlace),
      },
      { path: "settings", ...part("Settings", async () => (await import("./settings/Settings")).Settings) },
      {
        path: "keywords",
        ...part("Keywords", async () => (await import("./keywords/KeywordsPlace")).KeywordsPlace),
        children: [
          { index: true, element: <Navigate to="look-ups" replace /> },
          {
            path: "look-ups/:id?",
            ...part("Look-ups", async () => (await import("./keywords/lookup/LookUpPage")).LookUpPage),
          },
          {
            path: "lists/:id?",
            ...part("Lists", async () => (await import("./keywords/lists/ListsPage")).ListsPage),
          },
          {
            path: "overlap",
            ...part("Overlap", async () => (await import("./keywords/overlap/OverlapPage")).OverlapPage),
          },
          {
            path: "ideas",
            ...part("Ideas", async () => (await import("./keywords/ideas/IdeasPage")).IdeasPage),
          },
        ],
      },
      {
        path: "post/:id",
        ...part("This post", async () => (await import("./post/PostLayout")).PostLayout),
        children: [
          { index: true, element: <Navigate to="write" replace /> },
          ...STAGES.map(({ id, name }) => ({ path: id, ...part(name, STAGE_PARTS[id]) })),
        ],
      },
      { path: "*", element: <NotFound /> },
    ],
  },
];

/** Loads what an address shows, its outer and its inner part at once. */
function loadParts(location: Location): void {
  for (const { route } of matchRoutes(routes, location) ?? []) if (isPart(route.handle)) route.handle.load();
}

/** What the address shows. */
export function Places() {
  // A part that is there, or on its way, is not loaded again.
  loadParts(useLocation());
  return useRoutes(routes);
}
