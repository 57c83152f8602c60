/** The second line of the sheet's top edge: what can be done with the block that the cursor stands in. */
import type { Editor } from "@tiptap/core";
import { NodeSelection, type Selection } from "@tiptap/pm/state";
import { EDITOR_BLOCKS } from "./editor/blocks/registry";
import { useEditorValue } from "./useEditorValue";

const BLOCK_TOOLS = EDITOR_BLOCKS.flatMap(({ tools }) => tools ?? []);

export function BlockBar({ editor }: { editor: Editor }) {
  const active = useEditorValue(editor, ({ state }) => {
    const { $from, $to } = state.selection;
    // As with nearly every key.
    if ($from.depth === 1 && $from.parent === $to.parent && $from.parent.type.name === "paragraph") return -1;
    const around = nodesAround(state.selection);
    return BLOCK_TOOLS.findIndex(({ type }) => around.has(type));
  });
  const tools = BLOCK_TOOLS[active];
  if (!tools || !editor.isEditable) return null;
  const { name, Tools } = tools;
  return (
    <section
      aria-label={`${name} tools`}
      className="flex min-h-8 flex-wrap items-center gap-x-1 border-t border-rule px-3 text-[13px]"
    >
      <span className="mr-2 font-semibold text-ink-2">{name}</span>
      <Tools editor={editor} />
    </section>
  );
}

/** Names of the nodes that a selection stands in, and of the node that is selected itself: asked with every key. */
function nodesAround(selection: Selection): Set<string> {
  const { $from, to } = selection;
  const names = new Set<string>();
  for (let depth = $from.sharedDepth(to); depth > 0; depth--) names.add($from.node(depth).type.name);
  if (selection instanceof NodeSelection) names.add(selection.node.type.name);
  return names;
}
