/** How far the draft is from its voice: by trait, with the sentences that differ most. It earns no points. */
import { useState } from "react";
import { voiceOf } from "../../../data/apprenticeMaterial";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { postEdited } from "../../store/openPostSlice";
import { useAsk } from "../../store/useAsk";
import { Select } from "../../ui/Select";
import { usePostSession } from "../SessionContext";
import { useOpenPost } from "../useOpenPost";

const PAUSE = 400;
const AT_FIRST = 3;

export function VoicePanel() {
  const session = usePostSession();
  const dispatch = useAppDispatch();
  const { post, report, readOnly } = useOpenPost("post", "report", "readOnly");
  const site = useAppSelector((state) => state.session.site);
  const [all, setAll] = useState(false);
  const voices = site.voices ?? [];
  const voice = post && voiceOf(post, site);
  const language = post?.language || site.language;
  const distance = useAsk(
    ({ workers }) => (voice ? workers.apprentice.voiceDistance(session.json(), voice, language) : null),
    [report, voice, language],
    { pause: PAUSE },
  );
  if (!post || !voices.length) return null;
  const far = distance.state === "ready" ? distance.value : null;
  return (
    <section aria-label="Voice" className="border border-rule bg-sheet p-3">
      <h3 className="mb-2 flex items-center justify-between gap-3 text-[13px]">
        Voice
        <Select
          label="Voice of this post"
          className="!w-auto"
          value={post.voice ?? ""}
          disabled={readOnly}
          options={[
            { value: "", label: `the site's${voiceOf(null, site) ? ` (${voiceOf(null, site)!.name})` : ""}` },
            ...voices.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onChange={(id) => dispatch(postEdited({ voice: id }))}
        />
      </h3>
      {!voice && <p className="text-[13px] text-ink-2">No voice holds for this post.</p>}
      {voice && distance.state === "ready" && !far && (
        <p className="text-[13px] text-ink-2">
          The text or the voice's samples are too short to compare: eight sentences each, at least.
        </p>
      )}
      {far && (
        <>
          <p className="text-[13px] text-ink-2">
            {far.far < 0.35
              ? "It sounds like the voice."
              : far.far < 0.6
                ? "It differs from the voice in places."
                : "It sounds unlike the voice."}{" "}
            It earns no points.
          </p>
          <table className="figures my-2 w-full text-[13px]">
            <thead>
              <tr className="text-left text-ink-2">
                <th className="font-normal">Trait</th>
                <th className="text-right font-normal">Here</th>
                <th className="text-right font-normal">Voice</th>
                <th className="w-24 pl-3 font-normal">Apart</th>
              </tr>
            </thead>
            <tbody>
              {far.traits.map(({ id, name, text, voice: theirs, far: apart }) => (
                <tr key={id} className="border-t border-rule">
                  <td>{name}</td>
                  <td className="text-right">{said(id, text)}</td>
                  <td className="text-right">{said(id, theirs)}</td>
                  <td className="pl-3">
                    <span
                      className="relative block h-2 border border-edge"
                      title={
                        apart < 1 ? "as two texts of one writer" : "more than two writers usually differ"
                      }
                    >
                      <span
                        className="absolute inset-y-0 left-0 fill-partly"
                        style={{ width: `${Math.min(100, 50 * apart)}%` }}
                      />
                    </span>
                    <span className="sr-only">
                      {apart < 0.5 ? "near" : apart < 1 ? "somewhat apart" : "far apart"}
                    </span>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {far.banned.length > 0 && (
            <p className="text-[13px] text-plum">
              Not its words:{" "}
              {far.banned
                .map(({ word, instead }) => (instead ? `“${word}” (say “${instead}”)` : `“${word}”`))
                .join(", ")}
            </p>
          )}
          {far.different.length > 0 && (
            <>
              <h4 className="mt-2 text-[13px]">Sentences that differ most</h4>
              <ul className="text-[13px]">
                {far.different.slice(0, all ? undefined : AT_FIRST).map(({ text, why }) => (
                  <li key={text} className="border-t border-rule py-1">
                    <span className="font-serif">{text}</span>
                    <span className="block text-ink-2">{why.join("; ")}</span>
                  </li>
                ))}
              </ul>
              {far.different.length > AT_FIRST && (
                <button type="button" className="quiet-link text-[13px]" onClick={() => setAll(!all)}>
                  {all ? "Show fewer" : `Show all ${far.different.length}`}
                </button>
              )}
            </>
          )}
        </>
      )}
    </section>
  );
}

const SHARES = new Set(["we", "you", "i", "questions", "passive"]);
const said = (id: string, value: number): string =>
  SHARES.has(id) ? `${Math.round(100 * value)} %` : value.toFixed(1);
