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

export const isThere: Link = ({ between: all, usage, gap, isNameLater, isDone, isVerb, isFiniteForm }) => {
  const [link, ...rest] = all.slice(0, -1);
  const [last] = all.slice(-1);
  return (
    isNameLater &&
    !isDone &&
    link !== undefined &&
    last !== undefined &&
    usage.towns.has(last.folded) &&
    !gap.includes(",") &&
    all.length <= MOST_BEFORE_PLACE + 1 &&
    (usage.linking.has(link.folded) || usage.having.has(link.folded)) &&
    rest.some(isContent) &&
    rest.filter(isContent).length <= MOST_CONTENT &&
    isOnePhrase([link, ...rest], usage) &&
    !rest.some((word) => isContent(word) && (isFiniteForm(word) || isVerb(word, PERHAPS)))
  );
};
