/** The places of the application. Each but the Desk is a chunk of its own. */
import { createBrowserRouter, Navigate } from "react-router";
import { Desk } from "./desk/Desk";
import { RouteError } from "./shell/RouteError";
import { Shell } from "./shell/Shell";

export const router = createBrowserRouter([
  {
    path: "/",
    element: <Shell />,
    errorElement: <RouteError />,
    children: [
      { index: true, element: <Desk /> },
      { path: "settings", lazy: async () => ({ Component: (await import("./settings/Settings")).Settings }) },
      {
        path: "keywords",
        lazy: async () => ({ Component: (await import("./keywords/KeywordsPlace")).KeywordsPlace }),
        children: [
          { index: true, element: <Navigate to="look-ups" replace /> },
          {
            path: "look-ups/:id?",
            lazy: async () => ({ Component: (await import("./keywords/lookup/LookUpPage")).LookUpPage }),
          },
          {
            path: "lists/:id?",
            lazy: async () => ({ Component: (await import("./keywords/lists/ListsPage")).ListsPage }),
          },
          {
            path: "overlap",
            lazy: async () => ({ Component: (await import("./keywords/overlap/OverlapPage")).OverlapPage }),
          },
          {
            path: "ideas",
            lazy: async () => ({ Component: (await import("./keywords/ideas/IdeasPage")).IdeasPage }),
          },
        ],
      },
      {
        path: "post/:id",
        lazy: async () => ({ Component: (await import("./post/PostLayout")).PostLayout }),
        children: [
          { index: true, element: <Navigate to="write" replace /> },
          { path: "find", lazy: async () => ({ Component: (await import("./post/find/Find")).Find }) },
          { path: "plan", lazy: async () => ({ Component: (await import("./post/plan/Plan")).Plan }) },
          { path: "write", lazy: async () => ({ Component: (await import("./post/write/Write")).Write }) },
          { path: "proof", lazy: async () => ({ Component: (await import("./post/proof/Proof")).Proof }) },
          {
            path: "release",
            lazy: async () => ({ Component: (await import("./post/release/Release")).Release }),
          },
        ],
      },
      { path: "*", element: <RouteError notFound /> },
    ],
  },
]);
