/** Ideas for posts: subjects that a site or a product has, each looked at from an angle that it has not been looked at. */

import { TOO_ALIKE } from "../checks/repeats";
import { inside } from "../english/sentence";
import { readSubject } from "../english/subject";
import type { Passage } from "../material/passage";
import { contentStemSet, overlap } from "../methods/likeness";
import type { Part } from "../shapes";
import type { Call } from "../task";
import { ANGLES } from "./angles";
import { OWN_WORDS, part } from "./parts";
import { thingsOf } from "./things";

const MOST_SUBJECTS = 14;

interface Candidate {
  parts: Part[];
  stems: Set<string>;
  subject: number;
  angle: string;
  worth: number;
  /** The most that its title shares with a post of the site. */
  nearest: number;
}

/**
 * @param from what subjects are looked for in
 * @param wish what the person asks for; its subjects come first
 * @param titles of posts that are there: no idea repeats one
 */
export function ideasFrom(
  from: readonly Passage[],
  wish: string,
  titles: readonly string[],
  { material, chance, free, many }: Pick<Call<unknown>, "material" | "chance" | "free" | "many">,
): Part[][] {
  const { pack } = material;
  const wishes: Passage[] = wish.trim()
    ? [{ kind: "note", ref: "what is wanted", text: wish.trim(), quote: wish.trim() }]
    : [];
  const subjects = [
    ...thingsOf(wishes).slice(0, 3),
    ...thingsOf(from, from[0]?.kind === "post" ? "titles" : "sentences").slice(0, MOST_SUBJECTS),
  ].map((thing) => ({
    thing,
    subject: readSubject(
      inside(thing.text, (word) => material.names.has(word)),
      [material.whole],
    ),
  }));
  const theirs = titles.map((title) => contentStemSet(title, pack));
  const candidates = subjects.flatMap(({ thing, subject }, at) => {
    const others = subjects.filter(
      (one) => overlap(contentStemSet(one.thing.text, pack), contentStemSet(thing.text, pack)) === 0,
    );
    const other = chance.pick(others) ?? null;
    return ANGLES.flatMap((angle): Candidate[] => {
      const idea = angle.idea(subject, other?.subject ?? null);
      if (!idea) return [];
      const uses =
        /^(?:compare|together)$/.test(angle.id) && other ? [thing.from, other.thing.from] : [thing.from];
      const stems = contentStemSet(idea.title, pack);
      return [
        {
          parts: [part("title", idea.title, uses), part("sentence", idea.sentence, [...uses, OWN_WORDS])],
          stems,
          subject: at,
          angle: angle.id,
          worth: 1 / (1 + 0.12 * at) + (0.3 + free) * chance.next(),
          nearest: Math.max(0, ...theirs.map((title) => overlap(stems, title))),
        },
      ];
    });
  });
  const chosen: Candidate[] = [];
  const take = (pool: Candidate[], distinct: boolean) => {
    for (const one of pool.sort((a, b) => b.worth - a.worth)) {
      if (chosen.length >= many) return;
      const clash = chosen.some(
        (other) =>
          other.angle === one.angle ||
          overlap(other.stems, one.stems) >= TOO_ALIKE ||
          (distinct && other.subject === one.subject),
      );
      if (!clash) chosen.push(one);
    }
  };
  const fresh = candidates.filter(({ nearest }) => nearest < TOO_ALIKE);
  take(fresh, true);
  take(fresh, false);
  return chosen.map(({ parts }) => parts);
}

export const titlePassage = (title: string): Passage => ({
  kind: "post",
  ref: title,
  text: title,
  quote: title,
});
