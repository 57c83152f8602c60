/** The services as the application calls them; the code of each is loaded when it is first asked. */
import { once } from "../core/memo";
import type { PhotoClient } from "./photos/photoClient";
import type { SearchClient } from "./search/searchClient";

export interface Services {
  search: SearchClient;
  photos: PhotoClient;
}

export function createServices(): Services {
  const search = once(async () => (await import("./search/searchClient")).createSearchClient());
  const photos = once(async () => (await import("./photos/photoClient")).photoClient);
  return {
    search: {
      ask: async (connection, operation, question, signal) =>
        (await search()).ask(connection, operation, question, signal),
    },
    photos: {
      find: async (question, signal) => (await photos()).find(question, signal),
      fetch: async (photo) => (await photos()).fetch(photo),
    },
  };
}
