/** What thunks reach besides the state of the store: made once, with the store; tests make their own. */
import type { BlogClient } from "../../services/blog/blogClient";
import type { PageReader } from "../../services/pages/pageReader";
import type { PhotoClient } from "../../services/photos/photoClient";
import type { SearchClient } from "../../services/search/searchClient";
import type { ChatClient } from "../../services/writer/chatClient";
import type { Workers } from "../../workers/clients";
import type { PostSession } from "./postSession";
import type { Rerun } from "./rerun";
import type { Pending } from "./savePost";
import type { Saver } from "./saver";
import type { ScoreChannel } from "./scoreChannel";
import type { TextKeeping } from "./textKeeping";

export interface Dependencies {
  workers: Workers;
  search: SearchClient;
  photos: PhotoClient;
  pages: PageReader;
  blog: BlogClient;
  /** A writer that is connected. */
  writer: ChatClient;
  /** Stores what changes of posts. */
  saver: Saver<Pending>;
  /** Stores the text of the open post while it is written. */
  textKeeping: TextKeeping;
  /** Tells other tabs of scores, and hears of theirs. */
  scores: ScoreChannel;
  /** Scoring of posts whose score is old. */
  scoring: Rerun;
  /** The text of the open post; null where none is open. */
  opened: { text: PostSession | null };
  /** What stops collecting pages, by the post that it is for. */
  collecting: Map<string, AbortController>;
  /** What stops a request to the apprentice, by its entry in the drawer. */
  asking: Map<string, AbortController>;
  /** When the outbox is looked at next, and what is being sent. */
  publishing: { timer: ReturnType<typeof setTimeout> | undefined; working: Promise<void> };
}
