import { useMemo } from "react";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch } from "../../store/hooks";
import type { Intake } from "./editor/intake";
import { keepFile } from "./keepFile";
import { keepPicture } from "./keepPicture";

/** How the editor reads and keeps what comes in. */
export function useIntake(): Intake {
  const { workers } = useDependencies();
  const dispatch = useAppDispatch();
  return useMemo(
    () => ({
      readPaste: (html, text) =>
        html ? workers.draftReader.pasteHtml(html) : workers.draftReader.pastePlain(text),
      keepPicture: (file, tell) => dispatch(keepPicture(file, tell)),
      keepFile,
    }),
    [workers, dispatch],
  );
}
