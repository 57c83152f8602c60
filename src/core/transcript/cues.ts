/**
 * Reading a recording's text: WebVTT (W3C, 2019), SubRip, plain text with times before its lines, or plain text.
 */

export interface Cue {
  /** Seconds from the start; null where the text says none. */
  start: number | null;
  /** Who speaks; empty where the text does not say. */
  speaker: string;
  text: string;
}

const TIME = String.raw`(?:(\d{1,2}):)?(\d{1,2}):(\d{2})(?:[.,](\d{1,3}))?`;
const ARROW = new RegExp(String.raw`^\s*${TIME}\s*-->\s*${TIME}`);
/** A time at the start of a line, bare or in brackets, with or without a dash behind it. */
const LEADING = new RegExp(String.raw`^\s*[[(]?${TIME}[\])]?(?:\s*[-–—:])?(?=\s|$)`);
/** "Ines:", "SPEAKER 2:", "Dev Raman:" — up to three words before a colon, each with a capital or figure. */
const LABEL = /^\s*(?:>>\s*)?((?:\p{Lu}[\p{L}.'’-]*|\p{N}+)(?: (?:\p{Lu}[\p{L}.'’-]*|\p{N}+)){0,2}):\s+/u;
const VOICE = /^<v(?:\.[^ >]*)?\s+([^>]+)>/;

const seconds = ([hours, minutes, secs, fraction]: readonly (string | undefined)[]): number =>
  Number(hours ?? 0) * 3600 + Number(minutes) * 60 + Number(secs) + (fraction ? Number(`0.${fraction}`) : 0);

/**
 * Reads the text of a recording. Whatever has no times is read as lines of speech.
 *
 * @returns cues in the order of the text; empty ones are left out
 */
export function readTranscript(text: string): Cue[] {
  const lines = text
    .replace(/^\uFEFF/, "")
    .replace(/\r\n?/g, "\n")
    .split("\n");
  return lines.some((line) => ARROW.test(line)) ? captionCues(lines) : lineCues(lines);
}

/** WebVTT and SubRip: a line with an arrow, then what is said, up to an empty line or the next arrow, whose number may stand above it. */
function captionCues(lines: readonly string[]): Cue[] {
  const cues: Cue[] = [];
  for (let i = 0; i < lines.length; i++) {
    const times = ARROW.exec(lines[i]!);
    // Headers, notes, styles and numbers stand outside of cues.
    if (!times) continue;
    const said: string[] = [];
    while (i + 1 < lines.length && lines[i + 1]!.trim() && !ARROW.test(lines[i + 1]!)) said.push(lines[++i]!);
    if (i + 1 < lines.length && ARROW.test(lines[i + 1]!) && /^\s*\d+\s*$/.test(said.at(-1) ?? ""))
      said.pop();
    put(cues, seconds(times.slice(1, 5)), said.join(" "));
  }
  return cues;
}

function lineCues(lines: readonly string[]): Cue[] {
  const cues: Cue[] = [];
  let start: number | null = null;
  for (const line of lines) {
    const time = LEADING.exec(line);
    const said = time ? line.slice(time[0].length) : line;
    if (time) start = seconds(time.slice(1, 5));
    if (!said.trim()) continue;
    put(cues, start, said);
    start = null;
  }
  return cues;
}

function put(cues: Cue[], start: number | null, raw: string): void {
  const voice = VOICE.exec(raw.trim())?.[1] ?? "";
  const bare = raw
    .replace(/<[^<>]*>/g, "")
    .replace(/\s+/g, " ")
    .trim();
  const label = LABEL.exec(bare);
  const text = label ? bare.slice(label[0].length) : bare;
  const speaker = (voice || label?.[1] || "").trim();
  if (text) cues.push({ start, speaker, text });
}
