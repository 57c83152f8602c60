/** What a part of an answer was made from, in words. */
import type { Origin, OriginKind, Part } from "../../core/apprentice/shapes";

const KINDS: Record<OriginKind, string> = {
  outline: "outline",
  note: "note",
  post: "post",
  "competitor-fact": "competing pages",
  transcript: "recording",
  description: "description",
  keyword: "keyword",
  question: "readers' question",
  writer: "the writer's own words",
};

const LONGEST = 160;

/** @returns a line an origin; what the writer added is said last */
export function saidOrigins({ from }: Pick<Part, "from">): string[] {
  const lines = [...from]
    .sort((a, b) => Number(a.kind === "writer") - Number(b.kind === "writer"))
    .map(saidOrigin);
  return [...new Set(lines)];
}

function saidOrigin({ kind, ref, quote }: Origin): string {
  if (kind === "writer") return KINDS.writer;
  const place = ref && ref !== quote ? `, ${ref}` : "";
  const words = [...quote].length > LONGEST ? `${[...quote].slice(0, LONGEST).join("")}…` : quote;
  return `${KINDS[kind]}${place}${words ? `: “${words}”` : ""}`;
}
