import { useMemo } from "react";
import { ownWordsOf, type SaidWords, saidWords } from "../../../core/transcript/ownWords";
import { useApp } from "../../store/store";
import { usePostSession } from "../currentSession";
import { useRests } from "../useRests";

/** What was said in the post's recording, and the share of the text that is it, 0 to 1; nulls where there is none. */
export function useOwnWords(): { said: SaidWords | null; share: number | null } {
  const session = usePostSession();
  const recording = useApp((state) => state.openPost.recording);
  const rests = useRests();
  const said = useMemo(
    () => recording && saidWords(recording.sentences.map(({ text }) => text)),
    [recording],
  );
  // biome-ignore lint/correctness/useExhaustiveDependencies: rests stand for the document
  const share = useMemo(() => {
    if (!said) return null;
    const { words, own } = ownWordsOf(
      session.blocks().map(({ block }) => block),
      said,
    );
    return words ? own / words : null;
  }, [session, said, rests]);
  return { said, share };
}
