/** In the foot: when the sentence under the cursor was said, and the way there. */
import type { Editor } from "@tiptap/core";
import { useMemo } from "react";
import { languagePack } from "../../../core/text/language";
import { sentences } from "../../../core/text/sentences";
import { originOf, originsOf } from "../../../core/transcript/origins";
import { clock, videoPlace } from "../../../core/transcript/toDoc";
import type { Recording } from "../../../data/model";
import { useOpenPost } from "../useOpenPost";
import { useEditorValue } from "./useEditorValue";

export function SaidAt({ editor }: { editor: Editor }) {
  const { recording, post } = useOpenPost("recording", "post");
  return recording ? <At editor={editor} recording={recording} language={post?.language ?? ""} /> : null;
}

function At({ editor, recording, language }: { editor: Editor; recording: Recording; language: string }) {
  const origins = useMemo(() => originsOf(recording.sentences.map(({ text }) => text)), [recording]);
  const place = useEditorValue(editor, (e) => originOf(sentenceAt(e, language), origins));
  const said = place === null ? undefined : recording.sentences[place];
  if (said?.start == null) return null;
  const when = `said at ${clock(said.start)}${said.speaker && ` by ${said.speaker}`}`;
  return recording.video ? (
    <a
      className="quiet-link"
      href={videoPlace(recording.video, said.start)}
      target="_blank"
      rel="noreferrer noopener"
    >
      {when}
    </a>
  ) : (
    <span>{when}</span>
  );
}

function sentenceAt({ state: { selection } }: Editor, language: string): string {
  const { parent, parentOffset } = selection.$from;
  if (!parent.isTextblock) return "";
  const text = parent.textBetween(0, parent.content.size, " ", " ");
  const here = sentences(text, languagePack(language)).find(
    ({ start, end }) => parentOffset >= start && parentOffset <= end,
  );
  return here ? text.slice(here.start, here.end) : "";
}
