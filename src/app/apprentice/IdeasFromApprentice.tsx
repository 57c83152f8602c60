/** Post ideas from the titles that there are, or from what the firm does. */
import { freshId } from "../../data/freshId";
import { saveIdea } from "../../data/ideas";
import { attempt } from "../store/attempt";
import { useAppSelector } from "../store/hooks";
import { ApprenticeSheet, type Take } from "./ApprenticeSheet";

export function IdeasFromApprentice({ onClose }: { onClose: () => void }) {
  const about = useAppSelector((state) => state.session.site.about ?? "");
  const keep: Take = async ({ task, parts }) => {
    const text = (field: string) => parts.find((part) => part.field === field)?.text ?? "";
    const title = text("title") || text("sentence");
    const saved = await attempt(() =>
      saveIdea({
        id: freshId(),
        title,
        sentence: text("title") ? text("sentence") : "",
        keywords: [],
        from: task === "ideas-from-titles" ? "Suggested from our titles" : "Suggested from what we do",
        postId: null,
        createdAt: new Date().toISOString(),
      }),
    );
    return saved ? "an idea" : null;
  };
  return (
    <ApprenticeSheet
      title="Suggest ideas"
      place="ideas"
      initial={(task) => (task === "ideas-from-description" && about ? { description: about } : {})}
      ofPost={false}
      take={() => "Keep as an idea"}
      staysOpen
      onTake={keep}
      onClose={onClose}
    />
  );
}
