import type { KeywordList } from "../../../core/keywords/list";
import { getList } from "../../../data/wholeLists";
import type { Answer } from "../../store/useAsk";
import { useLive } from "../../store/useLive";

/** A list as the database has it, followed; null where it is gone. */
export const useList = (id: string | undefined): Answer<KeywordList | null> =>
  useLive(async () => (id ? ((await getList(id)) ?? null) : null), [id]);
