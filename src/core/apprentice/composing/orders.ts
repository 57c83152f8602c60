/** Notes of a plan that tell whoever writes what to do: what is left of them to say to a reader. */
import type { LanguagePack } from "../../text/packs/pack";
import { readFragment } from "../english/fragment";
import type { Passage } from "../material/passage";
import { contentStemSet, overlap } from "../methods/likeness";
import { isPlanNote } from "./planNotes";

const TELLS =
  /^(?:say|tell|explain|describe|mention|answer|show|discuss|cover|write about|talk about|give|list|name)(?: (?:plainly|clearly|briefly|shortly|again|readers|us|people|them|the reader))?(?: for [^:]{3,60}:)? (?=(?:how|what|why|when|where|which|who|whether|that|the|a|an|our)\b)/i;
const BEHIND =
  /,? (?:with an example|in detail|in short|first|yourself|if possible|with figures|and so on)$/i;
/** Of the writer's own work, and nothing for a reader. */
const ONLY_WORK =
  /^(?:open with|begin with a question|sum up|summari[sz]e|introduce|conclude|be fair|collect|link to|quote|one step a paragraph|one paragraph|most competing|several competing|add a (?:picture|photo|table|link)|use (?:the|our|their|a|an) .*(?:books?|figures?|numbers?|tables?|photos?|pictures?|quotes?|examples?|data))\b/i;

/** Nothing is said by what the heading says already. */
const SAME = 0.6;

/** @returns the notes as they may be said under a heading; what is only for the writer, or only the heading again, is left out */
export const sayable = (notes: readonly Passage[], heading: string, pack: LanguagePack): Passage[] =>
  notes.flatMap((note) => {
    if (isPlanNote(note.text) || ONLY_WORK.test(note.text)) return [];
    const told = TELLS.exec(note.text);
    if (!told) return [note];
    const text = note.text.slice(told[0].length).replace(BEHIND, "").replace(BEHIND, "");
    if (readFragment(text).kind === "other") return [];
    if (overlap(contentStemSet(text, pack), contentStemSet(heading, pack)) >= SAME) return [];
    return [{ ...note, text }];
  });
