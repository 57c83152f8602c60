/** A first alt text for a picture, from its caption, the words around it and its name; for a person to check. */
import type { Editor } from "@tiptap/core";
import { ApprenticeSheet, type Take } from "../../apprentice/ApprenticeSheet";
import { useAppDispatch } from "../../store/hooks";
import { toast } from "../../ui/toast";
import { markToReview } from "../markToReview";
import { useOpenPost } from "../useOpenPost";

interface Props {
  editor: Editor;
  caption: string;
  fileName: string;
  onTake: (alt: string) => void;
  onClose: () => void;
}

export function AltSuggestSheet({ editor, caption, fileName, onTake, onClose }: Props) {
  const dispatch = useAppDispatch();
  const { readOnly } = useOpenPost("readOnly");
  const take: Take = ({ answer }) => {
    onTake(answer.text);
    dispatch(markToReview([answer.text]));
    toast("The alt text is taken. Check that it says what the picture shows.");
    return "an alt text";
  };
  const around = wordsAround(editor);
  return (
    <ApprenticeSheet
      title="Suggest an alt text"
      place="picture"
      initial={() => ({
        ...(caption && { caption }),
        ...(fileName && { fileName }),
        ...(around && { around }),
      })}
      ofPost
      take={() => "Take it"}
      onTake={take}
      readOnly={readOnly}
      onClose={onClose}
    />
  );
}

/** Of the blocks before and behind the one that is selected. */
function wordsAround({ state: { doc, selection } }: Editor): string {
  const at = selection.$from.index(0);
  return [at - 1, at + 1]
    .flatMap((i) =>
      i >= 0 && i < doc.childCount && doc.child(i).type.name === "paragraph" ? doc.child(i).textContent : [],
    )
    .join("\n")
    .slice(0, 2000);
}
