/** What is underlined in the text: each kind by a stroke of its own, computed block by block and remembered with the block. */
import { sharedTermSpans } from "../../../core/competitors/coverage";
import { isProse, type Span } from "../../../core/marking/marking";
import { MARKINGS } from "../../../core/marking/registry";
import type { Report } from "../../../core/proof/report";
import { analyseText } from "../../../core/text/analyse";
import { languagePack } from "../../../core/text/language";
import { ownIn, type SaidWords } from "../../../core/transcript/ownWords";
import { openClaimsIn } from "../../posts/openClaims";
import { remembered } from "../../posts/remembered";
import type { PostSession } from "../../store/postSession";
import type { Underline } from "./editor/highlights";
import { spanPositions } from "./editor/positions";

/** In the order in which they are offered. */
export const LAYERS = [
  { id: "keyword", name: "Keyword uses", stroke: "keyword-use" },
  { id: "terms", name: "Shared terms", stroke: "term-use" },
  { id: "claims", name: "Claims without a source", stroke: "claim-use" },
  { id: "long", name: MARKINGS.find(({ id }) => id === "long")!.name, stroke: "long-use" },
  { id: "passive", name: MARKINGS.find(({ id }) => id === "passive")!.name, stroke: "passive-use" },
  { id: "others", name: "Words that were not said", stroke: "other-use" },
] as const;
export type LayerId = (typeof LAYERS)[number]["id"];

interface Asked {
  layers: ReadonlySet<LayerId>;
  report: Report | null;
  language: string;
  /** Keys of claims that a person has accepted. */
  accepted: readonly string[];
  /** What was said in the post's recording; null where there is none. */
  said: SaidWords | null;
}

/** Spans of all layers that are asked for, in positions of the editor. */
export function underlinesOf(
  session: PostSession,
  { layers, report, language, accepted, said }: Asked,
): Underline[] {
  const pack = languagePack(language);
  const terms = report?.coverage?.terms.map(({ key }) => key) ?? [];
  const termsKey = `terms ${pack.code} ${terms.join("|")}`;
  const out: Underline[] = [];
  const put = (at: number, spans: readonly Span[], id: LayerId) => {
    if (!spans.length) return;
    const place = session.placeOf(at);
    const { stroke } = LAYERS.find((layer) => layer.id === id)!;
    for (const { start, end } of spans) {
      const span = place && spanPositions(place.block, place.pos, start, end);
      if (span) out.push([...span, stroke]);
    }
  };
  const uses = layers.has("keyword")
    ? (report?.findings.find(({ id }) => id === "keyword-use")?.evidence ?? [])
    : [];
  for (const { block, start, end } of uses) if (block !== undefined) put(block, [{ start, end }], "keyword");
  if (layers.size === (layers.has("keyword") ? 1 : 0)) return out;
  session.blocks().forEach((block, at) => {
    if (!isProse(block)) return;
    const analysed = () => analyseText(block.text, pack);
    for (const marking of MARKINGS)
      if (layers.has(marking.id as LayerId))
        put(
          at,
          remembered(block, `${marking.id} ${pack.code}`, () => marking.find(analysed(), pack)),
          marking.id as LayerId,
        );
    if (layers.has("terms") && terms.length)
      put(
        at,
        remembered(block, termsKey, () => sharedTermSpans(analysed(), terms)),
        "terms",
      );
    if (layers.has("others") && said) put(at, ownIn(block.text, said).others, "others");
    if (layers.has("claims")) put(at, openClaimsIn(block, pack, accepted), "claims");
  });
  return out;
}
