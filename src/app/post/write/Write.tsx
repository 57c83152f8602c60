/** Write: the sheet in the middle, its sections on the left, what the proof says on the right. */

import type { Editor } from "@tiptap/core";
import { EditorContent } from "@tiptap/react";
import { type KeyboardEvent, type RefObject, useEffect, useRef, useState } from "react";
import { useLocation, useNavigate } from "react-router";
import { directionOf } from "../../../core/text/direction";
import { languagePack } from "../../../core/text/language";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppSelector, useAppStore } from "../../store/hooks";
import type { PostSession } from "../../store/postSession";
import { Columns } from "../../ui/Columns";
import { PartBoundary } from "../../ui/PartBoundary";
import { useMatches } from "../../ui/useMatches";
import { NextStage } from "../NextStage";
import { ReviewMarks } from "../review/ReviewMarks";
import { usePostSession } from "../SessionContext";
import { StripHead } from "../StripHead";
import type { Goal } from "../useGo";
import { useOpenPost } from "../useOpenPost";
import { ClaimsSheet } from "./ClaimsSheet";
import { CoverageTray } from "./CoverageTray";
import { AltBounds } from "./editor/altBounds";
import { createEditor } from "./editor/createEditor";
import { spanPositions } from "./editor/positions";
import { selectWord } from "./editor/selectWord";
import { showToReview } from "./editor/toReviewMarks";
import { Foot } from "./Foot";
import { FormatBar } from "./FormatBar";
import { HeadFields } from "./HeadFields";
import { LeftoversLine } from "./LeftoversLine";
import { LinksSheet } from "./links/LinksSheet";
import { currentTargets } from "./links/useLinkTargets";
import { MarginNotes } from "./MarginNotes";
import { SectionMap } from "./SectionMap";
import { SheetTop } from "./SheetTop";
import { GhostBar } from "./suggest/GhostBar";
import { useGhost } from "./suggest/useGhost";
import { WriteSuggestSheet, type WriteTask } from "./suggest/WriteSuggestSheet";
import { Underlines } from "./Underlines";
import type { LayerId } from "./underlines";
import { useFocusView } from "./useFocusView";
import { useIntake } from "./useIntake";
import { useKeysOfText } from "./useKeysOfText";

/** Milliseconds after which what reads a paste is made ready. */
const READY_AFTER = 2000;

export function Write() {
  const { workers } = useDependencies();
  const session = usePostSession();
  const { post, readOnly } = useOpenPost("post", "readOnly");
  const siteLanguage = useAppSelector((state) => state.session.site.language);
  const store = useAppStore();
  const intake = useIntake();
  const altBounds = useAppSelector((state) => state.session.profile.checks["alt-text"]);
  const [editor, setEditor] = useState<Editor | null>(session.editor);
  const [layers, setLayers] = useState<ReadonlySet<LayerId>>(new Set(["keyword"]));
  const [finding, setFinding] = useState<string | null>(null);
  const [tray, setTray] = useState(false);
  const [focused, setFocused] = useFocusView();
  const [claiming, setClaiming] = useState(false);
  const [linking, setLinking] = useState(false);
  const [listing, setListing] = useState(false);
  const [suggesting, setSuggesting] = useState<WriteTask | null>(null);
  const sheet = useRef<HTMLDivElement>(null);
  const insertBar = useRef<HTMLDivElement>(null);
  const formatBar = useRef<HTMLDivElement>(null);

  useEffect(() => {
    if (!session.editor) session.attach(createEditor(session.json(), !readOnly, intake));
    session.editor!.setEditable(!readOnly, false);
    setEditor(session.editor);
  }, [session, readOnly, intake]);
  useKeysOfText(editor);
  const ghost = useGhost(editor);
  const begun = post?.begun;
  useEffect(() => {
    if (editor) showToReview(editor.view, begun ?? []);
  }, [editor, begun]);
  const wide = useMatches("(min-width: 1600px)");
  useGoal(editor, session);
  useEffect(() => {
    // So that the first paste need not wait for it.
    const timer = setTimeout(() => void workers.draft.pastePlain("").catch(() => {}), READY_AFTER);
    return () => clearTimeout(timer);
  }, [workers]);

  if (!post || !editor) return null;
  const onKey = (event: KeyboardEvent) => {
    if (event.altKey && event.shiftKey && event.key.toLowerCase() === "f") {
      event.preventDefault();
      setFocused(!focused);
    }
    if (event.altKey && event.key === "F10") {
      event.preventDefault();
      focusBar(editor.state.selection.empty ? insertBar : formatBar);
    }
    if ((event.ctrlKey || event.metaKey) && event.altKey && event.key === "Enter" && !readOnly) {
      event.preventDefault();
      if (editor.state.selection.empty) ghost.begin();
      else setSuggesting("rework");
    }
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "f") {
      event.preventDefault();
      setFinding("");
    }
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "k" && editor.isFocused) {
      event.preventDefault();
      // The browser reports a selection a moment after the key that made it: what was selected last must count.
      requestAnimationFrame(() => {
        if (selectWord(editor, currentTargets(store.getState()), languagePack(post.language)))
          setLinking(true);
      });
    }
  };
  const goTo = (pos: number) =>
    editor
      .chain()
      .focus()
      .setTextSelection(pos + 1)
      .scrollIntoView()
      .run();
  const goFrom = (setOpen: (open: boolean) => void) => (goal: Goal) => {
    setOpen(false);
    // Once the dialog has given the focus back.
    requestAnimationFrame(() => reach(goal, editor, session));
  };

  const language = post.language || siteLanguage;
  return (
    <div className="flex flex-1 flex-col">
      <StripHead />
      <div className="mx-auto w-full max-w-[1400px] flex-1 px-6 pb-10 pt-4 small:px-2 small:pt-2 wide:max-w-[1760px] print:p-0">
        <Columns
          id="write"
          narrow="max-mid:!grid max-mid:grid-cols-[minmax(0,1fr)_210px] max-mid:gap-x-5 max-mid:[&>[data-panel]:first-child]:!hidden small:grid-cols-[minmax(0,1fr)] small:[&>[data-panel]:last-child]:!hidden"
          columns={[
            {
              id: "sections",
              name: "the sections",
              size: wide ? "240px" : "150px",
              min: "110px",
              max: "360px",
              fixed: true,
              children: (
                <PartBoundary name="The list of sections">
                  <SectionMap editor={editor} onGo={goTo} />
                </PartBoundary>
              ),
            },
            {
              id: "sheet",
              name: "the sheet",
              size: wide ? "860px" : "760px",
              min: "440px",
              max: "960px",
              children: (
                <>
                  <LeftoversLine onGo={(goal) => reach(goal, editor, session)} />
                  {/* biome-ignore lint/a11y/noStaticElementInteractions: keys for everything on the sheet */}
                  <div
                    ref={sheet}
                    onKeyDown={onKey}
                    className="relative border border-rule bg-sheet print:border-0"
                  >
                    <ReviewMarks editor={editor} postId={post.id} sheet={sheet} />
                    <SheetTop
                      editor={editor}
                      bar={insertBar}
                      readOnly={readOnly}
                      finding={finding}
                      onFinding={setFinding}
                      focused={focused}
                      onFocused={setFocused}
                      onGoOn={ghost.begin}
                      onSuggest={setSuggesting}
                    />
                    <div className="px-10 pb-12 pt-5 print:px-0 small:px-3">
                      <HeadFields post={post} />
                      <AltBounds value={altBounds}>
                        <EditorContent
                          editor={editor}
                          lang={language}
                          dir={directionOf(language)}
                          className="pt-5"
                        />
                      </AltBounds>
                      <FormatBar editor={editor} bar={formatBar} linking={linking} onLinking={setLinking} />
                    </div>
                  </div>
                  <NextStage from="write" />
                </>
              ),
            },
            {
              id: "margin",
              name: "the margin",
              min: "200px",
              children: (
                <PartBoundary name="The margin">
                  <MarginNotes editor={editor} sheet={sheet} />
                </PartBoundary>
              ),
            },
          ]}
        />
      </div>
      <Underlines editor={editor} layers={layers} />
      {tray && (
        <PartBoundary name="The tray">
          <CoverageTray onFind={setFinding} />
        </PartBoundary>
      )}
      <Foot
        editor={editor}
        tray={tray}
        onTray={setTray}
        layers={layers}
        onLayers={setLayers}
        onClaims={() => setClaiming(true)}
        onLinks={() => setListing(true)}
      />
      <GhostBar {...ghost} />
      {suggesting && (
        <WriteSuggestSheet editor={editor} task={suggesting} onClose={() => setSuggesting(null)} />
      )}
      {claiming && <ClaimsSheet onClose={() => setClaiming(false)} onGo={goFrom(setClaiming)} />}
      {listing && <LinksSheet onClose={() => setListing(false)} onGo={goFrom(setListing)} />}
    </div>
  );
}

/** Puts the focus into a bar; the one over a selection may still be on its way. */
function focusBar(bar: RefObject<HTMLElement | null>, tries = 5): void {
  bar.current?.querySelector<HTMLElement>("button:not(:disabled)")?.focus();
  if (tries > 0 && !bar.current?.contains(document.activeElement))
    setTimeout(() => focusBar(bar, tries - 1), 60);
}

/** Goes where the last navigation asked to go: to a field, a picture's alt text, or words in the text. */
function useGoal(editor: Editor | null, session: PostSession): void {
  const location = useLocation();
  const navigate = useNavigate();
  const goal = (location.state as { goal?: Goal } | null)?.goal;
  useEffect(() => {
    if (!goal || !editor) return;
    // The sheet must be laid out, and every block known, before a place can be found.
    const frame = requestAnimationFrame(() => {
      session.blocks();
      reach(goal, editor, session);
      void navigate(location.pathname, { replace: true, state: null, preventScrollReset: true });
    });
    return () => cancelAnimationFrame(frame);
  }, [goal, editor, session, navigate, location.pathname]);
}

/** Puts the cursor into a node of the document, at the top of what is in sight. */
function showNode(at: number, editor: Editor): void {
  const { doc } = editor.state;
  if (at >= doc.childCount) return;
  let pos = 0;
  for (let i = 0; i < at; i++) pos += doc.child(i).nodeSize;
  editor.view.focus();
  editor.commands.setTextSelection(pos + 1);
  const dom = editor.view.nodeDOM(pos);
  if (dom instanceof HTMLElement) dom.scrollIntoView({ block: "start" });
}

function reach(goal: Goal, editor: Editor, session: PostSession): void {
  if ("field" in goal) {
    const field = document.querySelector<HTMLElement>(`[data-field="${goal.field}"]`);
    if (field) field.focus();
    else editor.chain().focus("end").scrollIntoView().run();
    return;
  }
  if ("node" in goal) {
    showNode(goal.node, editor);
    return;
  }
  const place = session.placeOf(goal.block);
  if (!place) return;
  const dom = editor.view.nodeDOM(place.pos);
  const alt =
    goal.part === "text"
      ? null
      : dom instanceof HTMLElement
        ? dom.querySelector<HTMLElement>("[data-alt]")
        : null;
  if (alt) {
    alt.focus();
    alt.scrollIntoView({ block: "center" });
    return;
  }
  const span = spanPositions(place.block, place.pos, goal.start, goal.end);
  const [from, to] = span ?? [place.pos + 1, place.pos + 1];
  editor.chain().focus().setTextSelection({ from, to }).scrollIntoView().run();
}
