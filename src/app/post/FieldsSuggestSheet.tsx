/** A meta title and description, or an excerpt, from the apprentice. */

import { ApprenticeSheet, type Take } from "../apprentice/ApprenticeSheet";
import { useAppDispatch } from "../store/hooks";
import { postEdited } from "../store/openPostSlice";
import { toast } from "../ui/toast";
import { useOpenPost } from "./useOpenPost";

interface Props {
  /** The one that was asked for. */
  first: "meta" | "excerpt";
  onClose: () => void;
}

export function FieldsSuggestSheet({ first, onClose }: Props) {
  const dispatch = useAppDispatch();
  const { post, readOnly } = useOpenPost("post", "readOnly");
  if (!post) return null;
  const take: Take = ({ task, answer, parts, whole }) => {
    const { metaTitle, description, excerpt = "" } = post;
    const text = (field: string) => parts.find((part) => part.field === field)?.text;
    const changes =
      task === "excerpt"
        ? { excerpt: whole ? answer.text : parts.map((part) => part.text).join(" ") }
        : { metaTitle: text("title") ?? metaTitle, description: text("description") ?? description };
    dispatch(postEdited(changes));
    toast("It is taken. Read it once more before you publish.", {
      action: { label: "Undo", onClick: () => dispatch(postEdited({ metaTitle, description, excerpt })) },
    });
    return task === "excerpt" ? "the excerpt" : "title and description";
  };
  return (
    <ApprenticeSheet
      title={first === "excerpt" ? "Suggest an excerpt" : "Suggest a title and a description"}
      place="release"
      first={first}
      initial={(task) =>
        task === "meta" && post.keyword ? { keywords: [post.keyword, ...post.supporting].slice(0, 3) } : {}
      }
      ofPost
      take={() => "Take it"}
      onTake={take}
      readOnly={readOnly}
      onClose={onClose}
    />
  );
}
