/** A post from a recording's text: pasted or opened, fixed to sentences, cut at changes of subject. */

import type { Editor } from "@tiptap/core";
import { useState } from "react";
import { messageOf } from "../../../core/messageOf";
import { clock } from "../../../core/transcript/toDoc";
import { saveRecording } from "../../../data/recordings";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { recordingChanged } from "../../store/openPostSlice";
import { useAskOrTell } from "../../store/useAskOrTell";
import { Button } from "../../ui/Button";
import { Checkbox } from "../../ui/Checkbox";
import { FileButton } from "../../ui/FileButton";
import { count } from "../../ui/figures";
import { Sheet } from "../../ui/Sheet";
import { toast } from "../../ui/toast";
import { asAddress } from "./asAddress";

const CHOICES = [
  ["dropFillers", "Remove “um”, “you know” and repeated words"],
  ["headings", "Add suggested headings"],
  ["speakers", "Name the speakers, if there are several"],
] as const;
const REST = 300;
const MOST_BYTES = 5 * 1024 * 1024;
/** Blocks that are shown beforehand. */
const SHOWN = 60;

export function RecordingSheet({ editor, onClose }: { editor: Editor; onClose: () => void }) {
  const { workers } = useDependencies();
  const dispatch = useAppDispatch();
  const post = useAppSelector((state) => state.openPost.post);
  const [text, setText] = useState("");
  const [fileName, setFileName] = useState("");
  const [video, setVideo] = useState("");
  const [options, setOptions] = useState({ dropFillers: true, headings: true, speakers: true });
  const language = post?.language ?? "";
  const address = video.trim() ? asAddress(video) : "";

  const read = useAskOrTell(
    () =>
      text.trim() ? workers.draft.recording(text, { ...options, video: address ?? "", language }) : null,
    [text, options, address, language, workers],
    { otherwise: null, pause: REST },
  );

  const open = async (file: File) => {
    if (file.size > MOST_BYTES) {
      toast.error(`“${file.name}” is larger than 5 MB: no recording's text is that long. Nothing was read.`);
      return;
    }
    setFileName(file.name);
    setText(await file.text());
  };
  const put = async () => {
    if (!post || !read) return;
    const recording = { postId: post.id, fileName, video: address ?? "", sentences: read.sentences };
    await saveRecording(recording);
    dispatch(recordingChanged(recording));
    editor.chain().focus("end").insertContent(read.doc.content).run();
    onClose();
  };
  return (
    <Sheet title="From a recording's text" wide onClose={onClose}>
      <div className="grid grid-cols-2 gap-6">
        <div className="flex flex-col gap-3">
          <label className="text-[13px]" htmlFor="recording-text">
            Captions (.vtt, .srt), lines with times, or plain text
          </label>
          <textarea
            id="recording-text"
            className="h-[34vh] resize-none rounded border border-edge p-2 text-[13px]"
            placeholder="Paste it here, or open a file"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
          <div className="flex items-center gap-3">
            <FileButton
              label="Open a file"
              accept=".vtt,.srt,.txt,text/*"
              onFile={(file) => void open(file).catch(failed)}
            />
            <span className="truncate text-[13px] text-ink-2">{fileName}</span>
          </div>
          {CHOICES.map(([key, name]) => (
            <label key={key} className="flex items-center gap-2">
              <Checkbox
                checked={options[key]}
                onChange={(checked) => setOptions({ ...options, [key]: checked })}
              />
              {name}
            </label>
          ))}
          <label className="text-[13px]">
            Address of the video, to link each section to its time
            <input
              className="field-box mt-1"
              placeholder="https://, or nothing"
              value={video}
              aria-invalid={address === null}
              onChange={(event) => setVideo(event.target.value)}
            />
          </label>
          {address === null && (
            <p role="alert" className="text-[13px] text-plum">
              A page may not link to this address.
            </p>
          )}
        </div>
        <section aria-label="What it makes" className="flex min-w-0 flex-col gap-3">
          {read ? (
            <>
              <p className="figures">
                {count(read.sentences.length, "sentence")}, {count(read.sections.length, "section")}
                {read.speakers > 0 && `, ${count(read.speakers, "speaker")}`}
                {read.length !== null && `, up to ${clock(read.length)}`}
              </p>
              <ol
                aria-label="Beginning of the text"
                // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reachable by keys
                tabIndex={0}
                className="max-h-[54vh] overflow-y-auto border border-rule font-serif text-[15px] leading-relaxed"
              >
                {read.doc.content.slice(0, SHOWN).map((node, i) => (
                  <li
                    key={i}
                    className={`px-3 py-1.5 ${node.type === "heading" ? "border-t border-rule text-[17px] font-semibold" : ""}`}
                  >
                    {(node.content ?? []).map((child) => child.text ?? "").join("")}
                  </li>
                ))}
              </ol>
            </>
          ) : (
            <p className="text-ink-2">
              Times, numbers and caption lines are removed; sentences continue across them. A new section
              begins where the subject changes. No words are added; words are only removed, as chosen here.
            </p>
          )}
          <Button
            kind="primary"
            className="self-start"
            disabled={!read?.sentences.length || address === null}
            onClick={() => put().catch(failed)}
          >
            Add to the end of the text
          </Button>
        </section>
      </div>
    </Sheet>
  );
}

function failed(error: unknown): void {
  toast.error(`The recording's text could not be used: ${messageOf(error)}. Your post is unchanged.`);
}
