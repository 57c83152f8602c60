/** The goals of a post: who it is for, what it should achieve, how it should sound. The site's own apply where nothing is said. */
import { useId } from "react";
import { noPiece, type Piece, pieceWithDefaults } from "../../../core/outline/piece";
import { OPPOSITE_TONES, pieceFaults } from "../../../core/outline/pieceFaults";
import { changeSite } from "../../store/changeSite";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { pieceChanged } from "../../store/openPostSlice";
import { Button } from "../../ui/Button";
import { Checkbox } from "../../ui/Checkbox";
import { FieldLine } from "../../ui/FieldLine";
import { whole } from "../../ui/figures";
import { ListField } from "../../ui/ListField";
import { Sheet } from "../../ui/Sheet";
import { toast } from "../../ui/toast";
import { useOpenPost } from "../useOpenPost";

/** What is in force, in one line. */
export const sayPiece = ({ audience, goal, tones, length }: Piece): string =>
  [audience && `for ${audience}`, goal, tones.join(", "), length && `${whole(length)} words`]
    .filter(Boolean)
    .join(" · ");

export function PieceSheet({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch();
  const { piece, readOnly, post, competitors } = useOpenPost("piece", "readOnly", "post", "competitors");
  const site = useAppSelector((state) => state.session.site);
  const defaults = site.piece ?? noPiece;
  const inForce = pieceWithDefaults(piece, defaults);
  const faults = pieceFaults(inForce, competitors?.measure?.medianWords ?? null);
  const tonesId = useId();
  const change = (changes: Partial<Piece>) => dispatch(pieceChanged(changes));
  const faultOf = (name: "tones" | "length") =>
    faults
      .filter((fault) => fault.field === name)
      .map(({ says }) => (
        <p
          key={says}
          role="alert"
          className="border-l-2 border-plum bg-plum-wash px-2 py-1 text-[13px] text-plum"
        >
          {says}
        </p>
      ));
  const keepForSite = async () => {
    const { points: _points, ...rest } = inForce;
    if (await dispatch(changeSite({ piece: { ...rest, points: [] } })))
      toast("New posts, and posts with no goals of their own, use these.");
  };
  const line = (label: string, key: "audience" | "goal" | "style" | "language", placeholder: string) => (
    <FieldLine label={label}>
      {(id) => (
        <input
          id={id}
          className="field-box"
          readOnly={readOnly}
          maxLength={500}
          placeholder={defaults[key] || placeholder}
          value={piece[key]}
          onChange={(event) => change({ [key]: event.target.value })}
        />
      )}
    </FieldLine>
  );
  return (
    <Sheet title="Goals of the post" onClose={onClose}>
      <div className="flex flex-col gap-3">
        {line("Audience", "audience", "people who are about to buy their first one")}
        {line("Goal", "goal", "what a reader should do next")}
        <fieldset
          className="grid grid-cols-[96px_minmax(0,1fr)] gap-x-3"
          aria-describedby={faults.length ? tonesId : undefined}
        >
          <legend className="float-left leading-8 text-ink-2">Tone</legend>
          <div className="grid grid-cols-2 gap-x-4">
            {OPPOSITE_TONES.map((pair) =>
              pair.map((tone) => (
                <label key={tone} className="flex h-7 items-center gap-1.5">
                  <Checkbox
                    disabled={readOnly}
                    checked={inForce.tones.includes(tone)}
                    onChange={(checked) =>
                      change({
                        tones: checked
                          ? [...inForce.tones, tone]
                          : inForce.tones.filter((other) => other !== tone),
                      })
                    }
                  />
                  {tone}
                </label>
              )),
            )}
          </div>
        </fieldset>
        <div id={tonesId}>{faultOf("tones")}</div>
        {line("Style", "style", "short sentences, “you”, no jargon")}
        {line("Language", "language", post?.language || site.language)}
        <FieldLine
          label="Length"
          hint={
            competitors?.measure
              ? `Words. The competitors' median is ${whole(competitors.measure.medianWords)}.`
              : "Words."
          }
        >
          {(id) => (
            <input
              id={id}
              type="number"
              min={0}
              max={100_000}
              step={50}
              readOnly={readOnly}
              className="field-box figures !w-32"
              placeholder={defaults.length ? String(defaults.length) : ""}
              value={piece.length ?? ""}
              onChange={(event) => {
                const n = Math.round(Number(event.target.value));
                change({ length: event.target.value && n > 0 ? Math.min(n, 100_000) : null });
              }}
            />
          )}
        </FieldLine>
        {faultOf("length")}
        <FieldLine label="Main points" hint="One per line. Every assembled outline holds them.">
          {(id) => (
            <ListField
              id={id}
              by={"\n"}
              readOnly={readOnly}
              entries={piece.points}
              onChange={(points) => change({ points })}
            />
          )}
        </FieldLine>
        <FieldLine
          label="Avoid"
          hint={defaults.avoid.length ? `The site says: ${defaults.avoid.join("; ")}` : "One per line."}
        >
          {(id) => (
            <ListField
              id={id}
              by={"\n"}
              readOnly={readOnly}
              entries={piece.avoid}
              onChange={(avoid) => change({ avoid })}
            />
          )}
        </FieldLine>
        <div className="flex justify-end gap-2">
          <Button disabled={readOnly} onClick={() => void keepForSite()}>
            Use for the whole site
          </Button>
          <Button kind="primary" onClick={onClose}>
            Done
          </Button>
        </div>
      </div>
    </Sheet>
  );
}
