/** The stand-ins: small simulated services that ship with the application. A new one is a folder beside these, and a line here. */
import type { Router } from "express";
import { photoRoutes } from "./photos/routes";
import { searchRoutes } from "./search/routes";
import { writerRoutes } from "./writer/routes";

export interface StandIn {
  /** Its path under /api/standins. */
  name: string;
  /** @param demo folder with what it computes from */
  routes(demo: string): Router;
}

/** The pages of the stand-in web are asked for by the page reader, which takes them from web/. */
export const STANDINS: readonly StandIn[] = [
  { name: "search", routes: searchRoutes },
  { name: "photos", routes: photoRoutes },
  { name: "writer", routes: writerRoutes },
];
