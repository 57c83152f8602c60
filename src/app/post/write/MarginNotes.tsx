/** The right margin: findings level with the paragraphs they are about, one line each until opened. */
import type { Editor } from "@tiptap/core";
import { ChevronRight } from "lucide-react";
import {
  type RefObject,
  useCallback,
  useDeferredValue,
  useEffect,
  useLayoutEffect,
  useRef,
  useState,
} from "react";
import type { Report } from "../../../core/proof/report";
import { useApp } from "../../store/store";
import { points } from "../../ui/figures";
import { usePostSession } from "../currentSession";
import { useGo } from "../useGo";
import { groupNotes, marginNotes, type NoteGroup, stack } from "./noteGroups";

const LINE = 30;
const GAP = 4;

interface Props {
  editor: Editor;
  /** The sheet, whose growth moves the notes. */
  sheet: RefObject<HTMLElement | null>;
}

export function MarginNotes({ editor, sheet }: Props) {
  const report = useDeferredValue(useApp((state) => state.openPost.report));
  const session = usePostSession();
  const margin = useRef<HTMLDivElement>(null);
  const [groups, setGroups] = useState<NoteGroup[]>([]);
  const said = useRef("[]");
  const [open, setOpen] = useState<string | null>(null);

  const place = useCallback(() => {
    if (!margin.current || !report) return;
    const from = margin.current.getBoundingClientRect().top;
    const placed = groupNotes(placedNotes(report, editor, session, from), LINE);
    // Most keys move nothing here, and what is as it was need not be drawn.
    const says = JSON.stringify(placed);
    if (says === said.current) return;
    said.current = says;
    setGroups(placed);
  }, [report, editor, session]);
  useEffect(() => {
    place();
    const observer = new ResizeObserver(place);
    if (sheet.current) observer.observe(sheet.current);
    return () => observer.disconnect();
  }, [place, sheet]);

  // Heights are known only once the notes are laid out.
  // biome-ignore lint/correctness/useExhaustiveDependencies: an opened note has another height
  useLayoutEffect(() => {
    const boxes = [...(margin.current?.children ?? [])] as HTMLElement[];
    const tops = stack(
      groups.map(({ top }, i) => ({ top, height: boxes[i]?.offsetHeight ?? LINE })),
      GAP,
    );
    for (const [i, box] of boxes.entries()) box.style.top = `${tops[i] ?? 0}px`;
  }, [groups, open]);

  return (
    <section data-around aria-label="Margin notes" ref={margin} className="relative text-[13px]">
      {groups.map((group) => (
        <Group
          key={group.key}
          group={group}
          open={open === group.key}
          onToggle={() => setOpen(open === group.key ? null : group.key)}
        />
      ))}
    </section>
  );
}

function Group({ group, open, onToggle }: { group: NoteGroup; open: boolean; onToggle: () => void }) {
  const go = useGo();
  const [first] = group.notes;
  const more = group.notes.length - 1;
  const panel = `note-${group.key.replace(":", "-")}`;
  return (
    <div
      className={`absolute inset-x-0 border-l-2 bg-sheet ${open ? "z-10 border-proof shadow-md" : "border-edge"}`}
    >
      <button
        type="button"
        aria-expanded={open}
        aria-controls={panel}
        className="flex h-[30px] w-full items-center gap-1.5 px-2 text-left hover:bg-proof-wash"
        onClick={onToggle}
      >
        <ChevronRight size={13} aria-hidden="true" className={`eased shrink-0 ${open ? "rotate-90" : ""}`} />
        <span className="min-w-0 flex-1 truncate">{first!.finding.name}</span>
        {more > 0 && <span className="figures shrink-0 text-ink-2">and {more} more</span>}
        <span className="figures shrink-0 font-semibold">+{points(first!.finding.gain)}</span>
      </button>
      {open && (
        <ul id={panel} className="border-t border-rule">
          {group.notes.map(({ finding, evidence, block }) => (
            <li key={`${finding.id}:${block}`} className="border-b border-rule px-3 py-2 last:border-b-0">
              {more > 0 && (
                <p className="flex justify-between font-semibold">
                  {finding.name} <span className="figures">+{points(finding.gain)}</span>
                </p>
              )}
              <p>{finding.reason}</p>
              {evidence.quote && (
                <p className="mt-1 line-clamp-2 font-serif italic text-ink-2">“{evidence.quote}”</p>
              )}
              <button type="button" className="quiet-link mt-1" onClick={() => go(finding.id, evidence)}>
                Go to the place
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

function placedNotes(
  report: Report,
  editor: Editor,
  session: ReturnType<typeof usePostSession>,
  from: number,
) {
  return marginNotes(report).flatMap((note) => {
    const place = session.placeOf(note.block);
    const dom = place && editor.view.nodeDOM(place.pos);
    return dom instanceof HTMLElement ? [{ note, top: dom.getBoundingClientRect().top - from }] : [];
  });
}
