/** Findings as SARIF 2.1.0 (OASIS Standard, 2020), for programs that show the results of analysis. */
import { type Evidence, saysOf } from "../../core/proof/check";
import { type Finding, hasGain } from "../../core/proof/finding";
import type { Profile } from "../../core/proof/profile";
import { checks } from "../../core/proof/registry";
import { defineFormat } from "./format";
import type { FailedFile, ScoredFile } from "./scored";

/** From so many points on, a finding is a warning; under it, a note. */
const WARNING = 2;
const MOST_PLACES = 5;

export const sarif = defineFormat({
  id: "sarif",
  forPeople: false,
  piece: (scored: ScoredFile) => ({
    artifact: {
      location: { uri: uri(scored.file) },
      properties: {
        score: round(scored.report.score),
        words: scored.report.words,
        notes: scored.report.notes,
      },
    },
    results: scored.report.findings
      .filter((finding) => hasGain(finding) || finding.state === "set-aside")
      .map((finding) => resultOf(finding, scored)),
  }),
  write: asSarif,
});

interface Piece {
  artifact: unknown;
  results: unknown[];
}

function asSarif(pieces: Piece[], profile: Profile, failed: FailedFile[]): string {
  const log = {
    $schema: "https://docs.oasis-open.org/sarif/sarif/v2.1.0/os/schemas/sarif-schema-2.1.0.json",
    version: "2.1.0",
    runs: [
      {
        tool: {
          driver: {
            name: "dune-sparrow",
            rules: checks.map((check) => ({
              id: check.id,
              name: check.name,
              shortDescription: { text: check.name },
              fullDescription: { text: saysOf(check, profile) },
              properties: { group: check.group, weight: profile.checks[check.id].weight },
            })),
          },
        },
        columnKind: "utf16CodeUnits",
        invocations: [
          {
            executionSuccessful: failed.length === 0,
            toolExecutionNotifications: failed.map(({ file, message }) => ({
              level: "error",
              message: { text: message },
              locations: [{ physicalLocation: { artifactLocation: { uri: uri(file) } } }],
            })),
          },
        ],
        artifacts: pieces.map(({ artifact }) => artifact),
        results: pieces.flatMap(({ results }) => results),
        properties: { profile: { id: profile.id, version: profile.version } },
      },
    ],
  };
  return `${JSON.stringify(log, null, 2)}\n`;
}

function resultOf(finding: Finding, { file, source }: ScoredFile) {
  const { id, reason, gain, share, weight, evidence, state } = finding;
  const places = new Set<string>();
  const regions = evidence.flatMap((one) => {
    const region = regionOf(one, source);
    const key = JSON.stringify(region);
    if (!region || places.has(key)) return [];
    places.add(key);
    return [region];
  });
  const artifactLocation = { uri: uri(file) };
  return {
    ruleId: id,
    ruleIndex: checks.findIndex((check) => check.id === id),
    level: gain >= WARNING ? "warning" : "note",
    message: { text: `${reason}${hasGain({ gain }) ? ` (+${gain.toFixed(1)})` : ""}` },
    locations: regions.length
      ? regions.slice(0, MOST_PLACES).map((region) => ({ physicalLocation: { artifactLocation, region } }))
      : [{ physicalLocation: { artifactLocation } }],
    ...(state === "set-aside" && {
      suppressions: [{ kind: "external", justification: reason }],
    }),
    properties: { share: round(share), weight, gain: round(gain) },
  };
}

/** Where a quotation stands in the file; nothing where marks stand between its letters. */
function regionOf({ quote }: Evidence, source: string) {
  const [line] = quote.split("\n");
  if (!line?.trim()) return undefined;
  // A long quotation is found by its beginning.
  const start = line.slice(0, 200);
  const at = source.indexOf(start);
  if (at < 0) return undefined;
  const before = source.slice(0, at);
  const startLine = before.split("\n").length;
  const startColumn = at - (before.lastIndexOf("\n") + 1) + 1;
  return { startLine, startColumn, endLine: startLine, endColumn: startColumn + start.length };
}

/** A relative reference of RFC 3986; "/" parts folders everywhere. */
const uri = (file: string): string =>
  file.startsWith("/")
    ? `file://${file.split("/").map(encodeURIComponent).join("/")}`
    : file.replaceAll("\\", "/").split("/").map(encodeURIComponent).join("/");

const round = (n: number): number => Math.round(n * 1e4) / 1e4;
