import { useState } from "react";

/** A note on a keyword, kept when the field is left. */
export function NoteField({ note, onNote }: { note: string; onNote: (note: string) => void }) {
  const [typed, setTyped] = useState(note);
  return (
    <label className="mt-3 block">
      <span className="text-ink-2">Note</span>
      <textarea
        className="field-box grow-field mt-0.5"
        rows={2}
        maxLength={2000}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={() => typed !== note && onNote(typed)}
      />
    </label>
  );
}
