/** A request to the apprentice: kept in the drawer from the moment that it is made, with whatever arrives. */
import type { WriterSource } from "../../core/apprentice/shapes";
import type { TaskInput } from "../../core/apprentice/suggest";
import { messageOf } from "../../core/messageOf";
import { addToDrawer, changeSuggestion } from "../../data/drawer";
import { freshId } from "../../data/freshId";
import type { SuggestionEntry } from "../../data/model";
import {
  BrokenOff,
  type Computing,
  connectedWriter,
  standInWriter,
  type Writer,
  writerByHand,
} from "../../services/writer/writer";
import type { AskRequest } from "../../workers/apprenticeApi";
import { arrivingEnded, textArrived } from "../store/apprenticeSlice";
import { atMostEvery } from "../store/atMostEvery";
import type { RootState } from "../store/reducer";
import { selectPosts } from "../store/selectors";
import type { AppThunk } from "../store/thunk";

export interface Ask {
  task: string;
  input: TaskInput;
  seed: number;
  variants?: number;
  source: WriterSource;
  /** What was brought back, where it was asked by hand. */
  pasted?: string;
  /** The post that it is about; empty for the site. */
  postId: string;
}

/** What a tab that is closed may lose at most, in milliseconds. */
const KEEP_EVERY = 100;
/** Milliseconds between two times that arriving words are shown: pieces come faster than anybody reads, and the keys have to get through. */
const SHOW_EVERY = 100;
const USUAL_FREEDOM = 0.5;

/** @returns the id of its entry in the drawer, and when it is done; it never rejects */
export const askApprentice =
  (ask: Ask): AppThunk<{ id: string; done: Promise<void> }> =>
  (dispatch, getState, { workers, writer: client, opened, asking }) => {
    const id = freshId();
    const { session } = getState();
    const request = requestOf(ask, getState(), opened.text);
    const entry: SuggestionEntry = {
      id,
      kind: "suggestion",
      postId: request.post?.id ?? "",
      createdAt: new Date().toISOString(),
      task: ask.task,
      source: ask.source,
      request: ask.input,
      seed: ask.seed,
      state: "arriving",
      arrived: "",
      answers: [],
      missing: [],
      taken: "",
    };
    const computing: Computing = {
      suggest: () => workers.apprentice.suggest(request),
      prompt: () => workers.apprentice.prompt(request),
      read: (text, writer, whole) => workers.apprentice.read(request, text, writer, whole),
    };
    const writer: Writer =
      ask.source === "by-hand"
        ? writerByHand(computing, ask.pasted ?? "")
        : ask.source === "connected"
          ? connectedWriter(computing, client, session.writer, ask.input.free ?? USUAL_FREEDOM)
          : standInWriter(computing);
    const stop = new AbortController();
    asking.set(id, stop);

    const run = async () => {
      let arrived = "";
      let kept = "";
      const keep = () => {
        if (arrived === kept) return;
        kept = arrived;
        void changeSuggestion(id, { arrived }).catch(() => {});
      };
      const timer = setInterval(keep, KEEP_EVERY);
      const shown = atMostEvery<string>(SHOW_EVERY, (text) => dispatch(textArrived({ id, text })));
      addEventListener("pagehide", keep);
      let outcome: Partial<SuggestionEntry>;
      try {
        await addToDrawer([entry]);
        const { answers, missing } = await writer.write({
          onText: (text) => {
            if (!arrived) setTimeout(keep);
            arrived = text;
            shown.tell(text);
          },
          signal: stop.signal,
        });
        outcome = { state: "whole", arrived: "", answers, missing };
      } catch (error) {
        const broken = error instanceof BrokenOff ? error : null;
        outcome = {
          state: broken?.stopped ? "stopped" : "failed",
          arrived,
          answers: broken?.partly.answers ?? [],
          missing: [...(broken?.stopped ? [] : [messageOf(error)]), ...(broken?.partly.missing ?? [])],
        };
      } finally {
        clearInterval(timer);
        shown.stop();
        removeEventListener("pagehide", keep);
      }
      await changeSuggestion(id, outcome).catch(() => {});
      asking.delete(id);
      dispatch(arrivingEnded(id));
    };
    return { id, done: run() };
  };

/** Ends a request that is being written; what had arrived stays. */
export const stopAsking =
  (id: string): AppThunk<void> =>
  (_dispatch, _getState, { asking }) =>
    asking.get(id)?.abort();

/** The prompt that a person takes to an assistant of their own. */
export const promptToCopy =
  (ask: Omit<Ask, "source">): AppThunk<Promise<string>> =>
  async (_dispatch, getState, { workers, opened }) => {
    const { system, user } = await workers.apprentice.prompt(requestOf(ask, getState(), opened.text));
    return `${system}\n\n${user}`;
  };

/** Reads what had arrived of an entry whose page was closed over it. */
export const readWhatArrived =
  (entry: SuggestionEntry): AppThunk<Promise<void>> =>
  async (_dispatch, getState, { workers, opened }) => {
    const request = requestOf(
      { task: entry.task, input: entry.request, seed: entry.seed, postId: entry.postId },
      getState(),
      opened.text,
    );
    const { answers, missing } = await workers.apprentice.read(
      request,
      entry.arrived,
      "the connected writer",
      false,
    );
    await changeSuggestion(entry.id, { state: "stopped", answers, missing });
  };

function requestOf(
  { task, input, seed, variants, postId }: Omit<Ask, "source">,
  state: RootState,
  text: { postId: string; json(): AskRequest["doc"] } | null,
): AskRequest {
  const { site, profile } = state.session;
  const open = state.openPost.post;
  // One that is not open is as it is stored.
  const post = !postId
    ? null
    : open?.id === postId
      ? open
      : (selectPosts(state).find(({ id }) => id === postId) ?? null);
  return {
    task,
    input,
    seed,
    ...(variants && { variants }),
    site,
    profile,
    post,
    doc: post && text?.postId === post.id ? text.json() : null,
  };
}
