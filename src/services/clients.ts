/** The services as the application calls them; the code of each is loaded when it is first asked. */
import { once } from "../core/once";
import { getBlogToken, getWriterKey } from "../data/settings";
import type { BlogClient } from "./blog/blogClient";
import type { PageReader } from "./pages/pageReader";
import type { PhotoClient } from "./photos/photoClient";
import type { SearchClient } from "./search/searchClient";
import type { ChatClient } from "./writer/chatClient";

export interface Services {
  blog: BlogClient;
  search: SearchClient;
  photos: PhotoClient;
  pages: PageReader;
  writer: ChatClient;
}

export function createServices(): Services {
  const search = once(async () => (await import("./search/searchClient")).createSearchClient());
  const pages = once(() => import("./pages/pageReader"));
  const photos = once(async () => (await import("./photos/photoClient")).photoClient);
  const blog = once(async () => (await import("./blog/blogClient")).createBlogClient(getBlogToken));
  const writer = once(async () => (await import("./writer/chatClient")).createChatClient(getWriterKey));
  return {
    writer: { write: async (...call) => (await writer()).write(...call) },
    blog: {
      config: async (...call) => (await blog()).config(...call),
      source: async (...call) => (await blog()).source(...call),
      addressOf: async (...call) => (await blog()).addressOf(...call),
      create: async (...call) => (await blog()).create(...call),
      update: async (...call) => (await blog()).update(...call),
      remove: async (...call) => (await blog()).remove(...call),
      restore: async (...call) => (await blog()).restore(...call),
      upload: async (...call) => (await blog()).upload(...call),
      site: async (...call) => (await blog()).site(...call),
      tellSite: async (...call) => (await blog()).tellSite(...call),
      standInOrigin: async () => (await blog()).standInOrigin(),
    },
    search: {
      ask: async (connection, operation, question, signal) =>
        (await search()).ask(connection, operation, question, signal),
    },
    pages: {
      readAddress: async (...call) => (await pages()).readAddress(...call),
      readPicture: async (...call) => (await pages()).readPicture(...call),
    },
    photos: {
      find: async (question, signal) => (await photos()).find(question, signal),
      fetch: async (photo) => (await photos()).fetch(photo),
    },
  };
}
