import { foldPlain } from "../../text/fold";
import { countWords } from "../../text/words";
import { type Check, judged, notApplicable } from "../check";
import { atFault, MOST_EVIDENCE, ofLink } from "../evidence";
import type { DraftReading, LinkReading } from "../reading/reading";

const BARE_ADDRESS = /^(?:https?:\/\/|www\.)\S+$|^[\p{L}\p{N}-]+(?:\.[\p{L}\p{N}-]+)+(?:\/\S*)?$/iu;

export const anchorText: Check = {
  id: "anchor-text",
  group: "links",
  name: "Anchor texts",
  effort: "minutes",
  place: "body",
  says: "The text of each link says where it goes, in one to ten words: not “click here”, “read more” or a bare address (WCAG 2.2, success criterion 2.4.4).",
  judge(reading) {
    const { links } = reading;
    if (!links.length) return notApplicable("There are no links.");
    const { mostWords } = reading.profile.checks["anchor-text"];
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
      atFault(
        poor.slice(0, MOST_EVIDENCE).map((link) => ofLink(reading, link)),
        1 / links.length,
      ),
    );
  },
};

function saysWhere(reading: DraftReading, { text, link }: LinkReading): boolean {
  const words = countWords(text);
  if (words < 1 || words > reading.profile.checks["anchor-text"].mostWords) return false;
  // A mail or telephone link shows its own address rightly.
  if (/^(mailto|tel):/i.test(link.href.trim())) return true;
  return !reading.pack.vagueLinkTexts.has(foldPlain(text)) && !BARE_ADDRESS.test(text.trim());
}
