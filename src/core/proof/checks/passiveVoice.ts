import { Type } from "@sinclair/typebox";
import { fallingShare, oneLess, total } from "../../shares";
import { defineCheck, type Evidence, judged, notApplicable, waiting } from "../check";
import { atFault, inBlock, MOST_EVIDENCE, number, percent, percents, placesIn, plural } from "../evidence";
import type { Stretch } from "../reading/reading";
import { share } from "../thresholds";

const thresholds = Type.Object(
  {
    full: share(0.15, "Passive sentences: everything earned up to"),
    zero: share(0.4, "Passive sentences: nothing earned from"),
  },
  { additionalProperties: false },
);

export const passiveVoice = defineCheck({
  id: "passive-voice",
  weight: 1,
  thresholds,
  group: "reading",
  name: "Active voice",
  effort: "minutes",
  place: "body",
  says: ({ full }) =>
    `At most ${percent(full)} of the sentences are in the passive: who does what is easier to see in the active.`,
  reads: [],
  counts: { in: "prose", of: () => passives },
  judge(reading, { full, zero }, counts) {
    if (!reading.pack.passive) return notApplicable("The passive cannot be recognised in this language.");
    const all = total(counts, ({ all }) => all);
    const passive = total(counts, ({ passive }) => passive);
    const evidence = placesIn(counts);
    if (!all) return waiting("There is no text yet.");
    const share = passive / all;
    const [shown, most] = percents([share, full]);
    const said = passive
      ? `${plural(passive, "sentence")} of ${number(all)} (${shown}) ${passive === 1 ? "is" : "are"} in the passive`
      : "No sentence is in the passive";
    return judged(
      fallingShare(share, full, zero),
      share > full ? `${said}; ${most} is the most that reads well.` : `${said}.`,
      atFault(evidence, oneLess(passive, all, full, zero)),
      {
        formula: `${passive} / ${all} = ${percent(share, 2)}; all of the weight to ${percent(full)}, none from ${percent(zero)}.`,
      },
    );
  },
});

function passives(stretch: Stretch) {
  let all = 0;
  let passive = 0;
  const places: Evidence[] = [];
  for (const block of stretch) {
    all += block.reading.prose.sentences.length;
    const { spans, sentences } = block.reading.passives;
    passive += sentences;
    for (const { start, end } of spans)
      if (places.length < MOST_EVIDENCE) places.push(inBlock(block, start, end));
  }
  return { all, passive, places };
}
