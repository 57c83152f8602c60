/** Find and replace in the text, in a line under the sheet's top edge. */
import type { Editor } from "@tiptap/core";
import { X } from "lucide-react";
import { useEffect, useMemo, useRef, useState } from "react";
import { languagePack } from "../../../core/text/language";
import type { SearchOptions } from "../../../core/text/search";
import { useAppSelector } from "../../store/hooks";
import { Checkbox } from "../../ui/Checkbox";
import { whole } from "../../ui/figures";
import { useOpenPost } from "../useOpenPost";
import { findInDoc, replaceMatches, showMatches, showPlace } from "./editor/finder";
import { Act } from "./toolParts";

const OPTIONS: readonly (readonly [keyof SearchOptions, string])[] = [
  ["forms", "All forms"],
  ["wholeWords", "Whole words"],
  ["matchCase", "Capitals"],
];

interface Props {
  editor: Editor;
  /** What is looked for at first; what is selected where empty. */
  first: string;
  onClose: () => void;
}

export function FindBar({ editor, first, onClose }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const { readOnly, report } = useOpenPost("readOnly", "report");
  const language = useAppSelector((state) => state.openPost.post?.language ?? "");
  const [query, setQuery] = useState(() => {
    const { from, to } = editor.state.selection;
    return first || editor.state.doc.textBetween(from, to, " ").slice(0, 200);
  });
  const [into, setInto] = useState("");
  const [options, setOptions] = useState<SearchOptions>({
    forms: first !== "",
    wholeWords: false,
    matchCase: false,
  });
  const [current, setCurrent] = useState(0);
  const [turn, setTurn] = useState(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: report and turn stand for the document
  const matches = useMemo(
    () => findInDoc(editor.state.doc, query, options, languagePack(language)),
    [editor, query, options, language, report, turn],
  );
  const at = matches.length ? Math.min(current, matches.length - 1) : 0;

  useEffect(() => {
    input.current?.focus();
    input.current?.select();
    return () => showMatches(editor, [], 0);
  }, [editor]);
  useEffect(() => showMatches(editor, matches, at), [editor, matches, at]);

  const step = (by: number) => {
    if (!matches.length) return;
    const next = (at + by + matches.length) % matches.length;
    setCurrent(next);
    showPlace(editor, matches[next]!);
  };
  const replace = (all: boolean) => {
    if (!matches.length || readOnly) return;
    replaceMatches(editor, all ? matches : [matches[at]!], into);
    setTurn(turn + 1);
    // The button may go out with the last place: the keys stay here.
    input.current?.focus();
  };
  return (
    <search
      aria-label="Find in the text"
      className="flex flex-wrap items-center gap-x-2 gap-y-1 border-t border-rule px-3 py-1 text-[13px]"
      onKeyDown={(event) => {
        if (event.key !== "Escape") return;
        event.preventDefault();
        onClose();
        // At once: the command waits for the next frame, and the next key may come before.
        editor.view.focus();
      }}
    >
      <input
        ref={input}
        aria-label="Find"
        placeholder="Find"
        className="w-44 rounded border border-edge bg-sheet px-1.5 py-px"
        value={query}
        onChange={(event) => {
          setQuery(event.target.value);
          setCurrent(0);
        }}
        onKeyDown={(event) => {
          if (event.key === "Enter") step(event.shiftKey ? -1 : 1);
        }}
      />
      <span role="status" className="figures w-24 text-ink-2">
        {query.trim()
          ? matches.length
            ? `${whole(at + 1)} of ${whole(matches.length)}`
            : "not in the text"
          : ""}
      </span>
      <Act disabled={!matches.length} onClick={() => step(-1)}>
        Back
      </Act>
      <Act disabled={!matches.length} onClick={() => step(1)}>
        Next
      </Act>
      {OPTIONS.map(([key, name]) => (
        <label key={key} className="flex items-center gap-1">
          <Checkbox
            checked={options[key]}
            disabled={options.forms && key !== "forms"}
            onChange={(checked) => setOptions({ ...options, [key]: checked })}
          />
          {name}
        </label>
      ))}
      <input
        aria-label="Replace with"
        placeholder="Replace with"
        className="ml-auto w-36 rounded border border-edge bg-sheet px-1.5 py-px"
        value={into}
        disabled={readOnly}
        onChange={(event) => setInto(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === "Enter") replace(false);
        }}
      />
      <Act disabled={!matches.length || readOnly} onClick={() => replace(false)}>
        Replace
      </Act>
      <Act disabled={!matches.length || readOnly} onClick={() => replace(true)}>
        All
      </Act>
      <button type="button" aria-label="Close find" className="text-ink-2 hover:text-ink" onClick={onClose}>
        <X size={14} aria-hidden="true" />
      </button>
    </search>
  );
}
