/** The top edge of the sheet: what can be put in, and undo. */
import type { Editor } from "@tiptap/core";
import { redoDepth, undoDepth } from "@tiptap/pm/history";
import {
  ChevronDown,
  FileCode2,
  Focus,
  ImagePlus,
  Images,
  Library,
  type LucideIcon,
  Mic,
  PenLine,
  Redo2,
  Search,
  Undo2,
} from "lucide-react";
import { Toolbar } from "radix-ui";
import { type RefObject, useRef, useState } from "react";
import { Menu, MenuItem } from "../../ui/Menu";
import { Tooltip } from "../../ui/Tooltip";
import { BlockBar } from "./BlockBar";
import { EDITOR_BLOCKS } from "./editor/blocks/registry";
import { insertGallery, insertKnownPicture, insertPictures } from "./editor/insertPictures";
import { FindBar } from "./FindBar";
import { RecordingSheet } from "./RecordingSheet";
import { SourceSheet } from "./SourceSheet";
import { ShelfSheet } from "./shelf/ShelfSheet";
import type { WriteTask } from "./suggest/WriteSuggestSheet";
import { useEditorValue } from "./useEditorValue";

const INSERTS = EDITOR_BLOCKS.flatMap(({ inserts = [] }) => inserts);
/** The everyday things stand beside the text, the others behind "More". */
const EVERYDAY = INSERTS.filter(({ everyday }) => everyday);
const MORE = INSERTS.filter(({ everyday }) => !everyday);

const SUGGESTIONS: readonly { task: WriteTask; name: string }[] = [
  { task: "section", name: "Draft this section" },
  { task: "opening", name: "An opening" },
  { task: "list-above", name: "A list about the above" },
  { task: "answer", name: "An answer" },
];

interface Props {
  editor: Editor;
  bar: RefObject<HTMLDivElement | null>;
  readOnly: boolean;
  /** What is looked for in the text; empty for what is selected, null while nothing is. */
  finding: string | null;
  onFinding: (finding: string | null) => void;
  /** Nothing is shown but the sheet. */
  focused: boolean;
  onFocused: (focused: boolean) => void;
  /** Asks for the next sentences at the cursor. */
  onGoOn: () => void;
  onSuggest: (task: WriteTask) => void;
}

export function SheetTop({
  editor,
  bar,
  readOnly,
  finding,
  onFinding,
  focused,
  onFocused,
  onGoOn,
  onSuggest,
}: Props) {
  const pictures = useRef<HTMLInputElement>(null);
  const gallery = useRef<HTMLInputElement>(null);
  const [source, setSource] = useState(false);
  const [recording, setRecording] = useState(false);
  const [shelf, setShelf] = useState(false);
  // Asked of the history itself: trying the commands out would cost as much as a key.
  const undo = useEditorValue(editor, ({ state }) => undoDepth(state) > 0);
  const redo = useEditorValue(editor, ({ state }) => redoDepth(state) > 0);
  const selected = useEditorValue(editor, ({ state }) => !state.selection.empty);
  const tool =
    "inline-flex h-7 items-center gap-1 rounded px-1 text-[13px] hover:bg-proof-wash disabled:text-ink-2 disabled:opacity-50";
  return (
    <div
      data-sheet-top
      className="sticky top-[calc(var(--shell-bar)+var(--post-bar)+var(--strip-bar))] z-10 border-b border-rule bg-sheet"
    >
      <Toolbar.Root
        ref={bar}
        aria-label="Insert"
        className="flex min-h-9 flex-wrap items-center gap-0.5 px-3 small:px-1 short:flex-nowrap short:overflow-x-auto"
        onKeyDown={(event) => {
          if (event.key === "Escape") editor.view.focus();
        }}
      >
        <PictureFiles
          label="Picture files"
          input={pictures}
          onFiles={(files) => void insertPictures(editor, files)}
        />
        <PictureFiles
          label="Gallery files"
          input={gallery}
          onFiles={(files) => void insertGallery(editor, files)}
        />
        <Toolbar.Button
          type="button"
          className={tool}
          disabled={readOnly}
          onClick={() => pictures.current?.click()}
        >
          <ImagePlus size={15} aria-hidden="true" /> Picture
        </Toolbar.Button>
        {EVERYDAY.map(({ name, icon: Icon, run }) => (
          <Toolbar.Button
            key={name}
            type="button"
            className={tool}
            disabled={readOnly}
            onClick={() => run(editor)}
          >
            <Icon size={15} aria-hidden="true" /> {name}
          </Toolbar.Button>
        ))}
        <Menu
          className="z-30 min-w-52 py-1"
          button={
            <Toolbar.Button type="button" className={tool} disabled={readOnly}>
              More <ChevronDown size={14} aria-hidden="true" />
            </Toolbar.Button>
          }
        >
          <MenuLine name="Picture from a shelf" icon={Library} onSelect={() => setShelf(true)} />
          <MenuLine name="Gallery" icon={Images} onSelect={() => gallery.current?.click()} />
          <MenuLine name="From a recording's text" icon={Mic} onSelect={() => setRecording(true)} />
          <MenuLine name="Source: Markdown or HTML" icon={FileCode2} onSelect={() => setSource(true)} />
          {MORE.map(({ name, icon, run }) => (
            <MenuLine key={name} name={name} icon={icon} onSelect={() => run(editor)} />
          ))}
        </Menu>
        <Menu
          className="z-30 min-w-52 py-1"
          button={
            <Toolbar.Button type="button" className={tool} disabled={readOnly}>
              <PenLine size={15} aria-hidden="true" /> Suggest <ChevronDown size={14} aria-hidden="true" />
            </Toolbar.Button>
          }
        >
          <MenuLine name="Go on from here (Ctrl Alt Enter)" icon={PenLine} onSelect={onGoOn} />
          {SUGGESTIONS.map(({ task, name }) => (
            <MenuLine key={task} name={name} icon={PenLine} onSelect={() => onSuggest(task)} />
          ))}
          {selected && (
            <MenuLine name="Rework the selection" icon={PenLine} onSelect={() => onSuggest("rework")} />
          )}
        </Menu>
        <span className="mx-1 h-4 w-px bg-rule" aria-hidden="true" />
        <Tooltip says="Undo">
          <Toolbar.Button
            type="button"
            className={tool}
            aria-label="Undo"
            disabled={!undo || readOnly}
            onClick={() => editor.chain().focus().undo().run()}
          >
            <Undo2 size={15} aria-hidden="true" />
          </Toolbar.Button>
        </Tooltip>
        <Tooltip says="Redo">
          <Toolbar.Button
            type="button"
            className={tool}
            aria-label="Redo"
            disabled={!redo || readOnly}
            onClick={() => editor.chain().focus().redo().run()}
          >
            <Redo2 size={15} aria-hidden="true" />
          </Toolbar.Button>
        </Tooltip>
        <Toolbar.Button
          type="button"
          className={tool}
          onClick={() => onFinding(finding === null ? "" : null)}
        >
          <Search size={15} aria-hidden="true" /> Find
        </Toolbar.Button>
        <Tooltip says="Focus view (Alt Shift F)">
          <Toolbar.Button
            type="button"
            className={tool}
            aria-pressed={focused}
            aria-label="Focus"
            onClick={() => onFocused(!focused)}
          >
            <Focus size={15} aria-hidden="true" />
          </Toolbar.Button>
        </Tooltip>
      </Toolbar.Root>
      {recording && <RecordingSheet editor={editor} onClose={() => setRecording(false)} />}
      {shelf && (
        <ShelfSheet
          title="Pictures"
          onTake={(taken) => insertKnownPicture(editor, taken)}
          onClose={() => setShelf(false)}
        />
      )}
      {source && <SourceSheet onClose={() => setSource(false)} />}
      {finding !== null && (
        <FindBar key={finding} editor={editor} first={finding} onClose={() => onFinding(null)} />
      )}
      <BlockBar editor={editor} />
    </div>
  );
}

function PictureFiles({
  label,
  input,
  onFiles,
}: {
  label: string;
  input: RefObject<HTMLInputElement | null>;
  onFiles: (files: File[]) => void;
}) {
  return (
    <input
      ref={input}
      type="file"
      accept="image/*"
      multiple
      tabIndex={-1}
      aria-label={label}
      className="hidden"
      onChange={(event) => {
        onFiles([...(event.target.files ?? [])]);
        event.target.value = "";
      }}
    />
  );
}

function MenuLine({ name, icon: Icon, onSelect }: { name: string; icon: LucideIcon; onSelect: () => void }) {
  return (
    <MenuItem onSelect={onSelect}>
      <Icon size={15} aria-hidden="true" /> {name}
    </MenuItem>
  );
}
