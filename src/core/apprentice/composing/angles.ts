/** What a post could say of something: a title and a sentence, by the angle that it is looked at from. */
import { inside } from "../english/sentence";
import { isOrAre, type Subject, verbFor } from "../english/subject";

export interface Angle {
  id: string;
  /** Null where the angle does not suit the subject. @param other another subject of the site, where there is one */
  idea(subject: Subject, other: Subject | null): { title: string; sentence: string } | null;
}

type Frame = (subject: Subject, other: Subject | null) => readonly [string, string] | null;

const angle = (id: string, frame: Frame): Angle => ({
  id,
  idea(subject, other) {
    const [title, sentence] = frame(subject, other) ?? [];
    return title && sentence ? { title, sentence } : null;
  },
});

/** Some angles suit what is wide enough: an activity, or a thing with a name of two words. */
const isWide = ({ kind, plain }: Subject): boolean =>
  kind === "thing" && (plain.includes(" ") || plain.endsWith("ing"));
const wide =
  (frame: (subject: Subject) => readonly [string, string]): Frame =>
  (subject) =>
    isWide(subject) ? frame(subject) : null;
const isThing = ({ kind }: Subject): boolean => kind === "thing";
const things =
  (frame: (subject: Subject) => readonly [string, string]): Frame =>
  (subject) =>
    isThing(subject) ? frame(subject) : null;

/** A new angle is a line here. */
export const ANGLES: readonly Angle[] = [
  angle(
    "cost",
    wide((s) => [
      `What ${s.inSentence} really ${verbFor(s, "cost", "costs")}`,
      `The whole cost of ${s.inSentence}, from the first bill to the upkeep, so that nobody is surprised later.`,
    ]),
  ),
  angle(
    "mistakes",
    things((s) => [
      `Mistakes people make with ${s.inSentence}`,
      `The mistakes that come up again and again with ${s.inSentence}, and how to put each of them right.`,
    ]),
  ),
  angle(
    "checklist",
    things((s) => [
      `${s.heading}: a checklist to print`,
      `Everything to go through with ${s.inSentence}, in the order in which it comes up.`,
    ]),
  ),
  angle(
    "beginners",
    things((s) => [
      `First steps with ${s.inSentence}`,
      `A gentle start with ${s.inSentence} for somebody who has never tried.`,
    ]),
  ),
  angle(
    "questions",
    things((s) => [
      `What customers ask us about ${s.inSentence}`,
      `The questions that come up most about ${s.inSentence}, each answered in a few lines.`,
    ]),
  ),
  angle(
    "budget",
    wide((s) => [
      `${s.heading} on a small budget`,
      `Where to save on ${s.inSentence}, and where saving costs more in the end.`,
    ]),
  ),
  angle(
    "wrong",
    wide((s) => [
      `When ${s.inSentence} ${isOrAre(s)} the wrong choice`,
      `An honest look at the cases in which ${s.inSentence} ${verbFor(s, "do", "does")} not help, and at what to do instead.`,
    ]),
  ),
  angle(
    "week",
    wide((s) => [
      `A diary: our week with ${s.inSentence}`,
      `An ordinary week with ${s.inSentence}, day by day: what worked and what did not.`,
    ]),
  ),
  angle(
    "myths",
    things((s) => [
      `Myths about ${s.inSentence}`,
      `What people believe about ${s.inSentence}, and what holds up when you look closely.`,
    ]),
  ),
  angle(
    "words",
    things((s) => [
      `A glossary for ${s.inSentence}`,
      `The words that come up around ${s.inSentence}, each explained in a sentence.`,
    ]),
  ),
  angle(
    "behind",
    things((s) => [
      `Behind the scenes: how we handle ${s.inSentence}`,
      `Who does what with ${s.inSentence} at our place, and why we do it that way.`,
    ]),
  ),
  angle(
    "seasons",
    wide((s) => [
      `${s.heading} through the seasons`,
      `What changes with ${s.inSentence} from spring to winter, and what to prepare for each season.`,
    ]),
  ),
  angle(
    "habits",
    things((s) => [
      `Small habits that help with ${s.inSentence}`,
      `A handful of habits that take little time and make ${s.inSentence} easier to live with.`,
    ]),
  ),
  angle(
    "first-year",
    wide((s) => [
      `Lessons from our first year with ${s.inSentence}`,
      `What we would do again with ${s.inSentence}, and what we would leave out.`,
    ]),
  ),
  angle(
    "neighbours",
    wide((s) => [
      `How our customers use ${s.inSentence}`,
      `A few customers tell how they use ${s.inSentence}, and what they would tell a friend.`,
    ]),
  ),
  // Two of a kind can be compared, and nothing else.
  angle("compare", (a, b) =>
    b &&
    isThing(a) &&
    isThing(b) &&
    a.plain.includes(" ") &&
    a.plain.split(" ").at(-1) === b.plain.split(" ").at(-1)
      ? [
          `${a.heading} or ${inside(b.heading)}: how to decide`,
          `A fair comparison of ${a.inSentence} and ${b.inSentence}, with the case for each of them.`,
        ]
      : null,
  ),
  angle("how-mistakes", (s) =>
    s.verb
      ? [
          `What goes wrong when you ${s.verb}`,
          `The usual troubles for anyone who wants to ${s.verb}, and a way around each of them.`,
        ]
      : null,
  ),
  angle("how-tools", (s) =>
    s.verb
      ? [
          `What you need to ${s.verb}`,
          `The tools, the time and the help that it takes to ${s.verb}, and what you can do without.`,
        ]
      : null,
  ),
];
