/** From the text of a recording to the beginning of a post, in one go. */
import type { EditorDoc } from "../blocks/editorJson";
import { languagePack } from "../text/language";
import { readTranscript } from "./cues";
import { type FixOptions, type Spoken, spokenSentences } from "./mend";
import { spokenSections } from "./sections";
import { type ToDocOptions, transcriptDoc } from "./toDoc";

export interface RecordingOptions extends FixOptions, ToDocOptions {
  language: string;
}

export interface ReadRecording {
  doc: EditorDoc;
  sentences: Spoken[];
  /** Suggested headings, one a section; empty where nothing stands out. */
  sections: string[];
  speakers: number;
  /** Seconds of the last line that has a time; null where none has. */
  length: number | null;
}

export function readRecording(text: string, { language, ...options }: RecordingOptions): ReadRecording {
  const pack = languagePack(language);
  const sentences = spokenSentences(readTranscript(text), options, pack);
  const sections = spokenSections(sentences, pack);
  return {
    doc: transcriptDoc(sections, options),
    sentences,
    sections: sections.map(({ heading }) => heading),
    speakers: new Set(sentences.map(({ speaker }) => speaker).filter(Boolean)).size,
    length: sentences.findLast(({ start }) => start !== null)?.start ?? null,
  };
}
