import { useEffect, useState } from "react";
import { PERSONS, TENSES, TRAITS, type Voice } from "../../../core/voice/shapes";
import { useAppSelector } from "../../store/hooks";
import { useAsk } from "../../store/useAsk";
import { Button } from "../../ui/Button";
import { FieldLine } from "../../ui/FieldLine";
import { count } from "../../ui/figures";
import { Select } from "../../ui/Select";
import { Slider } from "../../ui/Slider";

interface Props {
  voice: Voice;
  onChange: (changes: Partial<Voice>) => void;
  onRemove: () => void;
}

/** Between two samples. */
const PARTED = /\n\s*-{3,}\s*\n/;
const SCALE = ["", "rather ", ""];

export function VoiceForm({ voice, onChange, onRemove }: Props) {
  const language = useAppSelector((state) => state.session.site.language);
  const measured = useAsk(
    ({ workers }) => workers.apprentice.measureVoice(voice.samples, language),
    [voice.samples, language],
  );
  const saysTrait = (value: number, low: string, high: string): string =>
    value === 0 ? `between ${low} and ${high}` : `${SCALE[Math.abs(value)] ?? ""}${value < 0 ? low : high}`;
  return (
    <div className="flex flex-col gap-3 border-t border-rule pt-3">
      <FieldLine label="Name">
        {(id) => (
          <Committed
            id={id}
            value={voice.name}
            onCommit={(name) => name.trim() && onChange({ name: name.trim() })}
          />
        )}
      </FieldLine>
      <FieldLine label="Audience">
        {(id) => <Committed id={id} value={voice.audience} onCommit={(audience) => onChange({ audience })} />}
      </FieldLine>
      <FieldLine label="Person">
        {(id) => (
          <Select
            id={id}
            value={voice.person}
            options={PERSONS.map((value) => ({ value, label: value === "none" ? "nobody" : value }))}
            onChange={(person) => onChange({ person })}
          />
        )}
      </FieldLine>
      <FieldLine label="Tense">
        {(id) => (
          <Select
            id={id}
            value={voice.tense}
            options={TENSES.map((value) => ({ value, label: value }))}
            onChange={(tense) => onChange({ tense })}
          />
        )}
      </FieldLine>
      {TRAITS.map(({ id, low, high }) => (
        <div key={id} className="grid grid-cols-[96px_minmax(0,1fr)] items-center gap-x-3">
          <span className="text-ink-2">{low}</span>
          <span className="flex items-center gap-3">
            <Slider
              label={`${low} or ${high}`}
              from={-2}
              to={2}
              step={1}
              value={voice.traits[id]}
              says={(value) => saysTrait(value, low, high)}
              onChange={(value) => onChange({ traits: { ...voice.traits, [id]: value } })}
              className="w-56"
            />
            <span className="text-ink-2">{high}</span>
          </span>
        </div>
      ))}
      <FieldLine
        label="Not these"
        hint="Words that it does not use, a line each; behind a colon what to say instead: “purchase: buy”."
      >
        {(id) => (
          <Committed
            id={id}
            rows={3}
            value={voice.banned
              .map(({ word, instead }) => (instead ? `${word}: ${instead}` : word))
              .join("\n")}
            onCommit={(text) =>
              onChange({
                banned: text
                  .split("\n")
                  .map((line) => {
                    const [word = "", ...instead] = line.split(":");
                    return {
                      word: word.trim().slice(0, 200),
                      instead: instead.join(":").trim().slice(0, 200),
                    };
                  })
                  .filter(({ word }) => word),
              })
            }
          />
        )}
      </FieldLine>
      <FieldLine label="Rather these" hint="Words that it likes, a line each.">
        {(id) => (
          <Committed
            id={id}
            rows={2}
            value={voice.preferred.join("\n")}
            onCommit={(text) =>
              onChange({
                preferred: text
                  .split("\n")
                  .map((line) => line.trim().slice(0, 200))
                  .filter(Boolean),
              })
            }
          />
        )}
      </FieldLine>
      <FieldLine
        label="Samples"
        hint="Three texts or more that sound right, with a line of three hyphens between them."
      >
        {(id) => (
          <Committed
            id={id}
            rows={8}
            value={voice.samples.join("\n\n---\n\n")}
            onCommit={(text) =>
              onChange({
                samples: text
                  .split(PARTED)
                  .map((one) => one.trim())
                  .filter(Boolean),
              })
            }
          />
        )}
      </FieldLine>
      <div className="grid grid-cols-[96px_minmax(0,1fr)] gap-x-3">
        <span className="text-ink-2">Measured</span>
        <div>
          {measured.state === "ready" &&
            (measured.value ? (
              <dl
                aria-label="Measured of the samples"
                className="figures grid grid-cols-[auto_1fr] gap-x-4 text-[13px]"
              >
                {(
                  [
                    ["Sentences", count(measured.value.sentences, "sentence")],
                    [
                      "Words a sentence",
                      `${measured.value.length.toFixed(1)}, give or take ${measured.value.spread.toFixed(1)}`,
                    ],
                    [
                      "Reading ease",
                      measured.value.ease === null
                        ? "no formula for this language"
                        : measured.value.ease.toFixed(0),
                    ],
                    [
                      "Says “we”, “you”, “I”",
                      [measured.value.we, measured.value.you, measured.value.i].map(percent).join(", "),
                    ],
                    ["Questions", percent(measured.value.questions)],
                    [
                      "Passive",
                      measured.value.passive === null
                        ? "not measured in this language"
                        : percent(measured.value.passive),
                    ],
                    [
                      "Contractions",
                      measured.value.contractions === null
                        ? "not measured in this language"
                        : `${measured.value.contractions.toFixed(1)} in 100 words`,
                    ],
                    ["Begins with", measured.value.openings.join(", ") || "nothing twice"],
                  ] as const
                ).map(([name, says]) => (
                  <div key={name} className="contents">
                    <dt className="text-ink-2">{name}</dt>
                    <dd>{says}</dd>
                  </div>
                ))}
              </dl>
            ) : (
              <p className="text-[13px] text-ink-2">
                The samples are too short to measure: eight sentences at least.
              </p>
            ))}
          {measured.state === "loading" && (
            <p role="status" className="text-[13px] text-ink-2">
              Measuring …
            </p>
          )}
          {measured.state === "failed" && (
            <p className="text-[13px] text-plum">The samples could not be measured: {measured.why}</p>
          )}
        </div>
      </div>
      <div className="pl-[108px]">
        <Button onClick={onRemove}>Remove this voice</Button>
      </div>
    </div>
  );
}

const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** A text that counts once its field is left. */
function Committed({
  id,
  value,
  rows = 0,
  onCommit,
}: {
  id: string;
  value: string;
  rows?: number;
  onCommit: (text: string) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another value is what it waits for
  useEffect(() => setTyped(null), [value]);
  const leave = () => {
    if (typed !== null && typed !== value) onCommit(typed);
    else setTyped(null);
  };
  return rows ? (
    <textarea
      id={id}
      rows={rows}
      className="field-box grow-field max-h-72"
      value={typed ?? value}
      onChange={({ target }) => setTyped(target.value)}
      onBlur={leave}
    />
  ) : (
    <input
      id={id}
      className="field-box"
      value={typed ?? value}
      onChange={({ target }) => setTyped(target.value)}
      onBlur={leave}
    />
  );
}
