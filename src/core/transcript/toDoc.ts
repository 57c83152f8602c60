/** From the sections of a recording to a document: headings, paragraphs of a few sentences, and times as links. */
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import type { Spoken } from "./mend";
import type { SpokenSection } from "./sections";

export interface ToDocOptions {
  /** Put the suggested headings in. */
  headings: boolean;
  /** Put who speaks in front of what they say, where several do. */
  speakers: boolean;
  /** Address of the video, to link the start of each section into it; empty for none. */
  video: string;
}

/** Sentences in a paragraph, where nobody says where one ends. */
const A_PARAGRAPH = 4;

/** A place in a video by the second (W3C Media Fragments 1.0, section 4.2.1). */
export const videoPlace = (address: string, second: number): string =>
  `${address.replace(/#.*$/, "")}#t=${Math.floor(second)}`;

export function transcriptDoc(
  sections: readonly SpokenSection[],
  { headings, speakers, video }: ToDocOptions,
): EditorDoc {
  const several =
    new Set(sections.flatMap(({ sentences }) => sentences.map(({ speaker }) => speaker))).size > 1;
  const content = sections.flatMap(({ heading, sentences }): EditorNode[] => {
    const start = sentences.find((one) => one.start !== null)?.start ?? null;
    return [
      ...(headings && heading && sections.length > 1
        ? [{ type: "heading", attrs: { level: 2 }, content: [{ type: "text", text: heading }] }]
        : []),
      ...(video && start !== null ? [timeLink(video, start)] : []),
      ...paragraphs(sentences, speakers && several),
    ];
  });
  return { type: "doc", content: content.length ? content : [{ type: "paragraph" }] };
}

/** What stands before a paragraph to say who speaks. */
export const labelOf = (speaker: string): string => `${speaker}:`;

export function clock(second: number): string {
  const whole = Math.floor(second);
  const parts = [Math.floor(whole / 3600), Math.floor(whole / 60) % 60, whole % 60];
  return (parts[0] ? parts : parts.slice(1))
    .map((part, i) => (i ? String(part).padStart(2, "0") : String(part)))
    .join(":");
}

const timeLink = (video: string, start: number): EditorNode => ({
  type: "paragraph",
  content: [
    {
      type: "text",
      text: `From ${clock(start)} in the recording`,
      marks: [{ type: "link", attrs: { href: videoPlace(video, start) } }],
    },
  ],
});

function paragraphs(sentences: readonly Spoken[], named: boolean): EditorNode[] {
  const out: EditorNode[] = [];
  for (let i = 0; i < sentences.length; ) {
    const { speaker } = sentences[i]!;
    let to = i;
    while (to < sentences.length && to - i < A_PARAGRAPH && sentences[to]!.speaker === speaker) to++;
    const text = sentences
      .slice(i, to)
      .map((one) => one.text)
      .join(" ");
    const begins = sentences[i - 1]?.speaker !== speaker;
    out.push({
      type: "paragraph",
      content: [
        ...(named && speaker && begins
          ? [
              { type: "text", text: labelOf(speaker), marks: [{ type: "bold" }] },
              { type: "text", text: " " },
            ]
          : []),
        { type: "text", text },
      ],
    });
    i = to;
  }
  return out;
}
