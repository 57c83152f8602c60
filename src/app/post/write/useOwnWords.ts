import { useMemo } from "react";
import { ownWordsOf, type SaidWords, saidWords } from "../../../core/transcript/ownWords";
import { useAppSelector } from "../../store/hooks";
import { usePostSession } from "../SessionContext";
import { useRests } from "../useRests";

/** What was said in the post's recording; null where there is none. */
export function useSaidWords(): SaidWords | null {
  const recording = useAppSelector((state) => state.openPost.recording);
  return useMemo(() => recording && saidWords(recording.sentences), [recording]);
}

/** The share of the text that was said so, 0 to 1; null where nothing was. */
export function useOwnWords(): number | null {
  const session = usePostSession();
  const said = useSaidWords();
  const rests = useRests();
  // biome-ignore lint/correctness/useExhaustiveDependencies: rests stand for the document
  return useMemo(() => {
    if (!said) return null;
    const { words, own } = ownWordsOf(session.blocks(), said);
    return words ? own / words : null;
  }, [session, said, rests]);
}
