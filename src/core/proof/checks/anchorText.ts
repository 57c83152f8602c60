import { Type } from "@sinclair/typebox";
import { foldPlain } from "../../text/fold";
import { countWords } from "../../text/words";
import { defineCheck, judged, notApplicable } from "../check";
import { atFault, MOST_EVIDENCE, ofLink } from "../evidence";
import type { Grounds, LinkReading } from "../reading/reading";
import { amount, thresholdsIn } from "../thresholds";

const BARE_ADDRESS = /^(?:https?:\/\/|www\.)\S+$|^[\p{L}\p{N}-]+(?:\.[\p{L}\p{N}-]+)+(?:\/\S*)?$/iu;

const thresholds = Type.Object(
  {
    mostWords: amount(10, { name: "Longest link text", unit: "words" }),
  },
  { additionalProperties: false },
);

export const anchorText = defineCheck({
  id: "anchor-text",
  weight: 2,
  thresholds,
  group: "links",
  name: "Anchor texts",
  effort: "minutes",
  place: "body",
  says: ({ mostWords }) =>
    `The text of each link says where it goes, in ${mostWords} words at most: not “click here”, “read more” or a bare address (WCAG 2.2, success criterion 2.4.4).`,
  reads: ["links"],
  judge(reading, { mostWords }) {
    const { links } = reading;
    if (!links.length) return notApplicable("There are no links.");
    const memory = reading.memory<boolean>("anchor text", mostWords);
    const poor = links.filter(
      (link) =>
        // Of what address a text is depends on both.
        !memory.get(`${link.link.href.length} ${link.link.href}${link.text}`, () => saysWhere(reading, link)),
    );
    const reason = poor.length
      ? `${poor.length} of ${links.length} link texts do not say where they go.`
      : "Every link text says where it goes.";
    return judged(
      1 - poor.length / links.length,
      reason,
      atFault(poor.slice(0, MOST_EVIDENCE).map(ofLink), 1 / links.length),
    );
  },
});

function saysWhere(reading: Grounds, { text, link }: LinkReading): boolean {
  const words = countWords(text);
  if (words < 1 || words > thresholdsIn(reading.profile, "anchor-text", thresholds).mostWords) return false;
  // A mail or telephone link shows its own address rightly.
  if (/^(mailto|tel):/i.test(link.href.trim())) return true;
  return !reading.pack.vagueLinkTexts.has(foldPlain(text)) && !BARE_ADDRESS.test(text.trim());
}
