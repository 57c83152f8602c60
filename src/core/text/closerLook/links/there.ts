/** Where a thing is, behind what else is said of it: "hotels for families in Berlin", "un hôtel avec piscine à Paris". */
import type { Token } from "../../analyse";
import type { Usage } from "../../packs/usage";
import { PERHAPS } from "../nouns";
import { isContent, type Link } from "./between";

/** Words that say what sort of thing it is, before the place. */
const MOST_BEFORE_PLACE = 4;
const MOST_CONTENT = 2;

/** Does no word begin a clause, or say that something is or does something? */
const isOnePhrase = (words: readonly Token[], usage: Usage): boolean =>
  words.every(({ folded }) =>
    [
      usage.conjunctions,
      usage.clauses,
      usage.asking,
      usage.relatives,
      usage.copulas,
      usage.auxiliaries,
      usage.tellers,
      usage.pronouns,
      usage.manner,
    ].every((list) => !list.has(folded) || usage.linking.has(folded) || usage.determiners.has(folded)),
  );

/** "On the edge of Berlin" */
const isPartOf = ([part, of]: readonly Token[], usage: Usage): boolean =>
  of !== undefined && usage.parts.has(part!.folded) && usage.of.has(of.folded);

export const isThere: Link = ({ between: all, usage, gap, isNameLater, isDone, isVerb, isFiniteForm }) => {
  const [link, ...rest] = all.slice(0, -1);
  const [last] = all.slice(-1);
  const isPlace = last && (usage.towns.has(last.folded) || isPartOf(all.slice(-2), usage));
  if (!isNameLater || isDone || !isPlace || gap.includes(",")) return false;
  // "A plumber in Leeds"
  if (!link) return true;
  return (
    all.length <= MOST_BEFORE_PLACE + 1 &&
    (usage.linking.has(link.folded) || usage.having.has(link.folded)) &&
    rest.some(isContent) &&
    rest.filter(isContent).length <= MOST_CONTENT &&
    isOnePhrase([link, ...rest], usage) &&
    !rest.some((word) => isContent(word) && (isFiniteForm(word) || isVerb(word, PERHAPS)))
  );
};

/** "In Hamburg gibt es günstige Hotels", "in York, cheap rooms are rare" */
export const isThereFirst: Link = ({ between, usage, before, beforeThat, isNameEarlier, isVerb }) =>
  isNameEarlier &&
  before !== undefined &&
  !beforeThat &&
  usage.towns.has(before.folded) &&
  between.filter((word) => isContent(word) && isVerb(word, PERHAPS)).length <= 1 &&
  between.filter(isContent).length <= MOST_CONTENT &&
  between.every(({ folded }) =>
    [usage.tellers, usage.conjunctions, usage.clauses, usage.linking, usage.governing].every(
      (list) => !list.has(folded),
    ),
  );
