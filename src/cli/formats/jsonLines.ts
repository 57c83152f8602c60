/** A line of JSON a file, written as soon as the file is scored: for any number of files. */
import { defineFormat } from "./format";
import { fileAsJson } from "./json";

export const jsonLines = defineFormat({
  id: "jsonl",
  forPeople: false,
  piece: (scored, profile) =>
    JSON.stringify({
      version: 1,
      profile: { id: profile.id, version: profile.version },
      ...fileAsJson(scored),
    }),
  write: () => "",
  line: (of) =>
    `${typeof of === "string" ? of : JSON.stringify({ version: 1, file: of.file, error: of.message })}\n`,
});
