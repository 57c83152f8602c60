/** The right margin: findings level with the paragraphs they are about, one line each until opened. */

import type { Editor } from "@tiptap/core";
import { ChevronRight } from "lucide-react";
import { memo, type RefObject, useCallback, useEffect, useLayoutEffect, useRef, useState } from "react";
import { hasGain } from "../../../core/proof/finding";
import type { Report } from "../../../core/proof/report";
import { useAppStore } from "../../store/hooks";
import { points } from "../../ui/figures";
import { usePostSession } from "../SessionContext";
import { useGo } from "../useGo";
import { groupNotes, type MarginNote, marginNotes, type NoteGroup, stack } from "./noteGroups";

/** What fixing a place brings; nothing where others must be fixed too. */
const gainWords = ({ gain }: MarginNote): string => (hasGain({ gain }) ? `+${points(gain)}` : "");

const LINE = 30;
const GAP = 4;

interface Props {
  editor: Editor;
  /** The sheet, whose growth moves the notes. */
  sheet: RefObject<HTMLElement | null>;
}

export function MarginNotes({ editor, sheet }: Props) {
  const store = useAppStore();
  const session = usePostSession();
  const margin = useRef<HTMLDivElement>(null);
  const [groups, setGroups] = useState<NoteGroup[]>([]);
  const [open, setOpen] = useState<string | null>(null);
  const tops = useRef<readonly number[]>([]);
  const latest = useRef<{ report: Report; notes: readonly PlacedNote[] } | null>(null);

  const settle = useCallback(() => {
    const boxes = [...(margin.current?.children ?? [])] as HTMLElement[];
    const heights = boxes.map((box) => (box.dataset.open ? box.offsetHeight : LINE));
    const placed = stack(
      tops.current.map((top, i) => ({ top, height: heights[i] ?? LINE })),
      GAP,
    );
    for (const [i, box] of boxes.entries()) box.style.top = `${placed[i] ?? 0}px`;
  }, []);

  useEffect(() => {
    const place = () => {
      const { report } = store.getState().openPost;
      if (!margin.current || !report) return;
      const from = margin.current.getBoundingClientRect().top;
      // A sheet that only grew has moved the paragraphs, and they are the same.
      if (latest.current?.report !== report || latest.current.notes.some(({ dom }) => !dom.isConnected))
        latest.current = { report, notes: findNotes(report, editor, session) };
      const placed = groupNotes(
        latest.current.notes.map(({ note, dom }) => ({ note, top: dom.getBoundingClientRect().top - from })),
        LINE,
      );
      tops.current = placed.map(({ top }) => top);
      // Most keys move nothing here, or only move it: what says the same is not drawn anew.
      setGroups((before) => keepSame(before, placed));
      settle();
    };
    // It is told of the size it finds, too, and when the page is laid out: a report that comes is waited for there.
    const observer = new ResizeObserver(place);
    const look = () => {
      observer.disconnect();
      if (sheet.current) observer.observe(sheet.current);
    };
    look();
    let last = store.getState().openPost.report;
    const leave = store.subscribe(() => {
      const { report } = store.getState().openPost;
      if (report !== last) look();
      last = report;
    });
    return () => {
      leave();
      observer.disconnect();
    };
  }, [editor, session, sheet, settle, store]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: other notes stand elsewhere, and an opened one has another height
  useLayoutEffect(settle, [groups, open]);

  const onToggle = useCallback((key: string) => setOpen((was) => (was === key ? null : key)), []);
  return (
    <section data-around aria-label="Margin notes" ref={margin} className="relative text-[13px]">
      {groups.map((group) => (
        <Group key={group.key} group={group} open={open === group.key} onToggle={onToggle} />
      ))}
    </section>
  );
}

/** The groups that came, but those known that say the same; the known list itself where all of them do. */
function keepSame(before: NoteGroup[], came: NoteGroup[]): NoteGroup[] {
  const says = ({ notes }: NoteGroup) => notes.map((note) => note.says).join("\n");
  const bySaying = new Map(before.map((group) => [says(group), group]));
  const kept = came.map((group) => bySaying.get(says(group)) ?? group);
  return kept.length === before.length && kept.every((group, i) => group === before[i]) ? before : kept;
}

interface GroupProps {
  group: NoteGroup;
  open: boolean;
  onToggle: (key: string) => void;
}

const Group = memo(function Group({ group, open, onToggle }: GroupProps) {
  const go = useGo();
  const [first] = group.notes;
  const more = group.notes.length - 1;
  const panel = `note-${group.key.replace(":", "-")}`;
  return (
    <div
      data-open={open || undefined}
      className={`absolute inset-x-0 border-l-2 bg-sheet ${open ? "z-10 border-proof shadow-md" : "border-edge"}`}
    >
      <button
        type="button"
        aria-expanded={open}
        aria-controls={panel}
        className="flex h-[30px] w-full items-center gap-1.5 px-2 text-left hover:bg-proof-wash"
        onClick={() => onToggle(group.key)}
      >
        <ChevronRight size={13} aria-hidden="true" className={`eased shrink-0 ${open ? "rotate-90" : ""}`} />
        <span className="min-w-0 flex-1 truncate">{first!.finding.name}</span>
        {more > 0 && <span className="figures shrink-0 text-ink-2">and {more} more</span>}
        <span className="figures shrink-0 font-semibold">{gainWords(first!)}</span>
      </button>
      {open && (
        <ul id={panel} className="border-t border-rule">
          {group.notes.map((note) => {
            const { finding, evidence, block } = note;
            return (
              <li key={`${finding.id}:${block}`} className="border-b border-rule px-3 py-2 last:border-b-0">
                {more > 0 && (
                  <p className="flex justify-between font-semibold">
                    {finding.name} <span className="figures">{gainWords(note)}</span>
                  </p>
                )}
                <p>{finding.reason}</p>
                {hasGain({ gain: finding.gain - note.gain }) && (
                  <p className="figures text-ink-2">
                    {hasGain(note)
                      ? `This place brings ${gainWords(note)} of +${points(finding.gain)}.`
                      : `+${points(finding.gain)} once all such places are fixed.`}
                  </p>
                )}
                {evidence.quote && (
                  <p className="mt-1 line-clamp-2 font-serif italic text-ink-2">
                    “<bdi>{evidence.quote}</bdi>”
                  </p>
                )}
                <button type="button" className="quiet-link mt-1" onClick={() => go(finding.id, evidence)}>
                  Go to the place
                </button>
              </li>
            );
          })}
        </ul>
      )}
    </div>
  );
});

/** A note, and the element of the paragraph that it is about. */
interface PlacedNote {
  note: MarginNote;
  dom: HTMLElement;
}

function findNotes(report: Report, editor: Editor, session: ReturnType<typeof usePostSession>): PlacedNote[] {
  return marginNotes(report).flatMap((note) => {
    const place = session.placeOf(note.block);
    const dom = place && editor.view.nodeDOM(place.pos);
    return dom instanceof HTMLElement ? [{ note, dom }] : [];
  });
}
