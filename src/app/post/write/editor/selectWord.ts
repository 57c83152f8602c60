import type { Editor } from "@tiptap/core";
import { type LinkTarget, phraseAt } from "../../../../core/links/linkChoices";
import type { LanguagePack } from "../../../../core/text/packs/pack";
import { words } from "../../../../core/text/words";

/**
 * Makes sure that something is selected to be linked: what is, the link that the cursor stands in, the phrase that says the
 * keyword of another post, or the word.
 *
 * @returns whether there is something
 */
export function selectWord(editor: Editor, targets: readonly LinkTarget[], pack: LanguagePack): boolean {
  if (!editor.state.selection.empty) return true;
  if (editor.isActive("link")) return editor.chain().extendMarkRange("link").run();
  const { $from } = editor.state.selection;
  const text = $from.parent.textBetween(0, $from.parent.content.size, "\n", "\ufffc");
  const word =
    phraseAt(text, $from.parentOffset, targets, pack) ??
    words(text).find(({ start, end }) => start <= $from.parentOffset && $from.parentOffset <= end);
  if (!word) return false;
  return editor.commands.setTextSelection({ from: $from.start() + word.start, to: $from.start() + word.end });
}
