import { fallingShare, oneLess } from "../../shares";
import { type Check, type Evidence, judged, notApplicable, waiting } from "../check";
import { atFault, inBlock, MOST_EVIDENCE, percent, percents, plural } from "../evidence";

export const passiveVoice: Check = {
  id: "passive-voice",
  group: "reading",
  name: "Active voice",
  effort: "minutes",
  place: "body",
  says: "Hardly more than one sentence in seven is in the passive: who does what is easier to see in the active.",
  judge(reading) {
    if (!reading.pack.passive) return notApplicable("Nobody has said how this language makes its passive.");
    const { full, zero } = reading.profile.checks["passive-voice"];
    let all = 0;
    let passive = 0;
    const evidence: Evidence[] = [];
    for (const block of reading.prose) {
      const { tokens } = reading.analysed(block);
      all += reading.proseOf(block).sentences.length;
      const spans = reading.passivesOf(block);
      if (!spans.length) continue;
      // A sentence counts once, however often it does it.
      passive += new Set(spans.map(({ start }) => tokens.findLast((token) => token.start <= start)!.sentence))
        .size;
      for (const { start, end } of spans)
        if (evidence.length < MOST_EVIDENCE) evidence.push(inBlock(reading, block, start, end));
    }
    if (!all) return waiting("There is no text yet.");
    const share = passive / all;
    const [shown, most] = percents([share, full]);
    const said = passive
      ? `${plural(passive, "sentence")} of ${all.toLocaleString("en")} (${shown}) ${passive === 1 ? "is" : "are"} in the passive`
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
};
