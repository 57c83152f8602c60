/** What a person does with keywords, each with its message and, where something goes, its undo. */

import type { KeywordList, ListKeyword } from "../../core/keywords/list";
import { split, withKeywords, withoutKeywords } from "../../core/keywords/listChanges";
import { freshId } from "../../data/freshId";
import { saveIdea } from "../../data/ideas";
import {
  changeList,
  deleteList,
  giveList,
  mergeLists,
  moveKeywords,
  restoreLists,
  saveList,
} from "../../data/listChanges";
import { listName } from "../../data/listOfPost";
import { deleteLookUp, restoreLookUp } from "../../data/lookUps";
import type { Idea } from "../../data/model";
import { saveHidden } from "../../data/saveSettings";
import { attempt } from "../store/attempt";
import { hiddenChanged } from "../store/sessionSlice";
import type { AppThunk } from "../store/thunk";
import { count } from "../ui/figures";
import { toast } from "../ui/toast";

export const now = (): string => new Date().toISOString();

function emptyList(name: string, language: string): KeywordList {
  const when = now();
  return {
    id: freshId(),
    name,
    postId: null,
    language,
    target: "",
    keywords: [],
    createdAt: when,
    updatedAt: when,
  };
}

/** Makes a list; its name is kept only where it is not that of its first keyword. @returns its id */
export async function makeList(
  name: string,
  language: string,
  keywords: ListKeyword[],
): Promise<string | null> {
  const list = withKeywords(emptyList(name, language), keywords);
  return (await attempt(() => saveList(list, now()))) ? list.id : null;
}

export async function putInList(id: string, keywords: ListKeyword[]): Promise<void> {
  let added = 0;
  let name = "";
  const done = await attempt(() =>
    changeList(
      id,
      (list) => {
        const next = withKeywords(list, keywords);
        added = next.keywords.length - list.keywords.length;
        name = listName(list);
        return next;
      },
      now(),
    ),
  );
  if (done)
    toast(
      `${count(added, "keyword")} added to “${name}”${added < keywords.length ? `; it had ${keywords.length - added} already` : ""}.`,
    );
}

export async function takeOut(list: KeywordList, texts: string[]): Promise<void> {
  const done = await attempt(() => changeList(list.id, (now) => withoutKeywords(now, texts), now()));
  if (!done) return;
  toast(`${count(texts.length, "keyword")} removed from “${listName(list)}”.`, {
    action: { label: "Undo", onClick: () => void attempt(() => restoreLists({ lists: [list] }, now())) },
  });
}

/** Moves keywords from one list to another. */
export async function moveTo(from: KeywordList, toId: string, texts: string[]): Promise<void> {
  let before: KeywordList | null = null;
  const done = await attempt(() =>
    moveKeywords(
      from.id,
      toId,
      (here, there) => {
        before = there;
        const { stays, leaves } = split(here, texts);
        return [stays, withKeywords(there, leaves)];
      },
      now(),
    ),
  );
  if (!done || !before) return;
  const lists = [from, before as KeywordList];
  toast(`${count(texts.length, "keyword")} moved to “${listName(lists[1]!)}”.`, {
    action: { label: "Undo", onClick: () => void attempt(() => restoreLists({ lists }, now())) },
  });
}

/** Parts a list: the chosen keywords become a list of their own. @returns its id */
export async function splitOff(from: KeywordList, name: string, texts: string[]): Promise<string | null> {
  const part = emptyList(name, from.language);
  const done = await attempt(async () => {
    await saveList(part, now());
    await moveKeywords(
      from.id,
      part.id,
      (here, there) => {
        const { stays, leaves } = split(here, texts);
        return [stays, withKeywords(there, leaves)];
      },
      now(),
    );
  });
  if (!done) return null;
  toast(`${count(texts.length, "keyword")} split off into “${name}”.`, {
    action: {
      label: "Undo",
      onClick: () =>
        void attempt(async () => {
          await deleteList(part.id, now());
          await restoreLists({ lists: [from] }, now());
        }),
    },
  });
  return part.id;
}

export async function removeList(list: Pick<KeywordList, "id" | "name" | "target">): Promise<void> {
  await attempt(async () => {
    const deleted = await deleteList(list.id, now());
    toast(`The list “${listName(list)}” is deleted.`, {
      action: { label: "Undo", onClick: () => void attempt(() => restoreLists(deleted, now())) },
    });
  });
}

export async function mergeInto(
  id: string,
  other: Pick<KeywordList, "id" | "name" | "target">,
): Promise<void> {
  await attempt(async () => {
    const before = await mergeLists(id, other.id, now());
    toast(`“${listName(other)}” is merged into it.`, {
      action: { label: "Undo", onClick: () => void attempt(() => restoreLists(before, now())) },
    });
  });
}

export async function duplicateList(list: KeywordList): Promise<string | null> {
  const when = now();
  const copy: KeywordList = {
    ...list,
    id: freshId(),
    name: `${listName(list)}, copy`,
    postId: null,
    createdAt: when,
    updatedAt: when,
  };
  return (await attempt(() => saveList(copy, when))) ? copy.id : null;
}

export const assignList = (id: string, postId: string | null): Promise<boolean> =>
  attempt(() => giveList(id, postId, now()));

/** Hides keywords for this site, in every look-up. */
export const hide =
  (texts: string[]): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const before = getState().session.hidden;
    await dispatch(setHidden([...new Set([...before, ...texts])]));
    toast(`${count(texts.length, "keyword")} hidden for this site.`, {
      action: { label: "Undo", onClick: () => void dispatch(setHidden(before)) },
    });
  };

export const setHidden =
  (hidden: string[]): AppThunk<Promise<void>> =>
  async (dispatch) => {
    if (await attempt(() => saveHidden(hidden))) dispatch(hiddenChanged(hidden));
  };

export async function removeLookUp(id: string): Promise<void> {
  await attempt(async () => {
    const deleted = await deleteLookUp(id);
    if (deleted)
      toast("The look-up is deleted. Lists keep the keywords they took from it.", {
        action: { label: "Undo", onClick: () => void attempt(() => restoreLookUp(deleted)) },
      });
  });
}

/** Puts one look-up into another, which has the keywords of both then. */
export const mergeLookUps =
  (intoId: string, otherId: string): AppThunk<Promise<void>> =>
  async (_dispatch, _getState, { workers }) => {
    await attempt(async () => {
      const { before, count: merged } = await workers.keywords.mergeLookUps(intoId, otherId, now());
      toast(`Merged: ${count(merged, "keyword")} in one look-up.`, {
        action: {
          label: "Undo",
          onClick: () => void attempt(async () => void (await Promise.all(before.map(restoreLookUp)))),
        },
      });
    });
  };

export async function keepIdea(idea: Omit<Idea, "id" | "createdAt" | "postId">): Promise<void> {
  if (await attempt(() => saveIdea({ ...idea, id: freshId(), postId: null, createdAt: now() })))
    toast(`“${idea.title}” is kept with the ideas.`);
}
