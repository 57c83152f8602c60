/** Voices: how the site sounds, measured from texts that sound right; which one holds for posts that name no other. */
import { Plus } from "lucide-react";
import { useRef, useState } from "react";
import type { Voice } from "../../../core/voice/shapes";
import { freshId } from "../../../data/freshId";
import { parseVoice, writeVoice } from "../../../data/voiceFile";
import { changeSite } from "../../store/changeSite";
import { useAppDispatch, useAppSelector, useAppStore } from "../../store/hooks";
import { Button } from "../../ui/Button";
import { download, fileNameOf } from "../../ui/download";
import { FieldLine } from "../../ui/FieldLine";
import { FileButton } from "../../ui/FileButton";
import { Select } from "../../ui/Select";
import { toast } from "../../ui/toast";
import { Refusal } from "../Refusal";
import { VoiceForm } from "./VoiceForm";

const emptyVoice = (id: string): Voice => ({
  id,
  name: "New voice",
  audience: "",
  person: "we",
  tense: "any",
  traits: { formality: 0, warmth: 0, play: 0, detail: 0 },
  banned: [],
  preferred: [],
  samples: [],
});

export function VoicesSection() {
  const dispatch = useAppDispatch();
  const store = useAppStore();
  const saving = useRef(Promise.resolve());
  const site = useAppSelector((state) => state.session.site);
  const voices = site.voices ?? [];
  const [open, setOpen] = useState<string>(site.voice ?? voices[0]?.id ?? "");
  const [refused, setRefused] = useState<unknown>(null);
  const shown = voices.find(({ id }) => id === open) ?? null;
  const keep = (next: readonly Voice[], changes: { voice?: string } = {}) =>
    dispatch(changeSite({ voices: [...next], ...changes }));
  /** One after another, each on what the one before left: two fields may be left in one breath. */
  const edit = (id: string, changes: Partial<Voice>) => {
    saving.current = saving.current.then(async () => {
      const now = store.getState().session.site.voices ?? [];
      await keep(now.map((voice) => (voice.id === id ? { ...voice, ...changes } : voice)));
    });
  };
  const add = async (voice: Voice) => {
    if (await keep([...voices, voice], voices.length ? {} : { voice: voice.id })) setOpen(voice.id);
  };
  const remove = async (voice: Voice) => {
    const rest = voices.filter(({ id }) => id !== voice.id);
    const wasDefault = site.voice === voice.id;
    if (!(await keep(rest, wasDefault ? { voice: "" } : {}))) return;
    setOpen(rest[0]?.id ?? "");
    toast(`The voice “${voice.name}” is removed.`, {
      action: {
        label: "Undo",
        onClick: () =>
          void keep([...rest, voice], wasDefault ? { voice: voice.id } : {}).then(() => setOpen(voice.id)),
      },
    });
  };
  const take = async (file: File) => {
    try {
      const voice = parseVoice(await file.text());
      setRefused(null);
      await add({ ...voice, id: freshId() });
    } catch (error) {
      setRefused(error);
    }
  };
  return (
    <div className="flex flex-col gap-4">
      <FieldLine
        label="What we do"
        hint="What the firm does and sells, in a few lines: ideas and drafts are drawn from it."
      >
        {(id) => <AboutField id={id} />}
      </FieldLine>
      <FieldLine label="Voice" hint="Of posts that name no other.">
        {(id) => (
          <Select
            id={id}
            value={site.voice ?? ""}
            options={[
              { value: "", label: "none" },
              ...voices.map((voice) => ({ value: voice.id, label: voice.name })),
            ]}
            onChange={(voice) => void dispatch(changeSite({ voice }))}
          />
        )}
      </FieldLine>
      <Refusal error={refused} safe="Your voices are unchanged." />
      <div className="flex flex-wrap items-center gap-2">
        {voices.map((voice) => (
          <Button
            key={voice.id}
            aria-pressed={voice.id === open}
            className={voice.id === open ? "border-proof! font-semibold text-proof" : ""}
            onClick={() => setOpen(voice.id)}
          >
            {voice.name}
          </Button>
        ))}
        <Button kind="quiet" onClick={() => void add(emptyVoice(freshId()))}>
          <Plus size={14} aria-hidden="true" /> Add a voice
        </Button>
        <FileButton
          label="Import a voice"
          accept=".json,application/json"
          onFile={(file) => void take(file)}
        />
        {shown && (
          <Button
            kind="quiet"
            onClick={() =>
              download(
                new Blob([writeVoice(shown)], { type: "application/json" }),
                `${fileNameOf(shown.name)}.voice.json`,
              )
            }
          >
            Export
          </Button>
        )}
      </div>
      {shown && (
        <VoiceForm
          key={shown.id}
          voice={shown}
          onChange={(changes) => edit(shown.id, changes)}
          onRemove={() => void remove(shown)}
        />
      )}
    </div>
  );
}

function AboutField({ id }: { id: string }) {
  const dispatch = useAppDispatch();
  const about = useAppSelector((state) => state.session.site.about ?? "");
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <textarea
      id={id}
      rows={3}
      maxLength={20_000}
      className="field-box grow-field"
      value={typed ?? about}
      onChange={({ target }) => setTyped(target.value)}
      onBlur={() => {
        if (typed !== null && typed !== about) void dispatch(changeSite({ about: typed }));
        setTyped(null);
      }}
    />
  );
}
