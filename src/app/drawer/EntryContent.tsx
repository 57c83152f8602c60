/** What an entry of the drawer holds, with what can be done with it here. */

import type { DrawerEntry, KeptOutline, SuggestionEntry } from "../../data/model";
import { EntryView, type Take } from "../apprentice/ApprenticeSheet";
import { askApprentice } from "../apprentice/ask";
import { useAppDispatch } from "../store/hooks";
import { toast } from "../ui/toast";

export const EntryContent = ({ entry }: { entry: DrawerEntry }) =>
  entry.kind === "outline" ? <OutlineContent entry={entry} /> : <SuggestionContent entry={entry} />;

const OutlineContent = ({ entry }: { entry: KeptOutline }) => (
  <ul className="border border-dashed border-edge bg-sheet px-4 py-3 font-serif">
    {entry.items.map(({ text, level }, at) => (
      <li key={`${at} ${text}`} className={level === 3 ? "pl-5" : "font-semibold"}>
        {text}
      </li>
    ))}
  </ul>
);

const SuggestionContent = ({ entry }: { entry: SuggestionEntry }) => {
  const dispatch = useAppDispatch();
  const copy: Take = async ({ answer, parts, whole }) => {
    const text = whole ? answer.text : parts.map((part) => part.text).join("\n");
    try {
      await navigator.clipboard.writeText(text);
    } catch {
      toast.error("The browser did not let it be copied. Select the text and copy it.");
      return null;
    }
    toast("It is copied.");
    return entry.taken || "the clipboard";
  };
  const again = () =>
    void dispatch(
      askApprentice({
        task: entry.task,
        input: entry.request,
        seed: entry.seed + 1,
        source: entry.source === "connected" ? "connected" : "stand-in",
        postId: entry.postId,
      }),
    );
  return <EntryView entry={entry} take="Copy" onTake={copy} onAgain={again} />;
};
