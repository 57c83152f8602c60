import { useLiveQuery } from "dexie-react-hooks";
import type { KeywordList } from "../../../core/keywords/list";
import { getList } from "../../../data/lists";

/** A list as the database has it, followed; null where it is gone, undefined while it is read. */
export function useList(id: string | undefined): KeywordList | null | undefined {
  return useLiveQuery(async () => (id ? ((await getList(id)) ?? null) : null), [id]);
}
