import type { HeadingTopic } from "../src/core/competitors/topics";

/** Share of headings in topics that belong there, and of what pages share that a topic shows. */
export interface TopicFigures {
  precision: number;
  recall: number;
}

/** What a heading is known to be about. */
export interface MarkedHeading {
  page: number;
  text: string;
  subject: string;
}

/**
 * A topic stands for the subject that most of its headings are about. Precision: the share of headings in topics that are about
 * their topic's subject. Recall: of all pages' subjects that two pages or more cover, the share that a topic shows on that page.
 *
 * @param name what headings are compared by
 */
export function judgeTopics(
  topics: readonly HeadingTopic[],
  marked: readonly MarkedHeading[],
  name: (text: string) => string,
): TopicFigures {
  const about = new Map<string, string>();
  const pagesOf = new Map<string, Set<number>>();
  for (const { page, text, subject } of marked) {
    about.set(`${page} ${name(text)}`, subject);
    pagesOf.set(subject, (pagesOf.get(subject) ?? new Set()).add(page));
  }
  let right = 0;
  let judged = 0;
  const shown = new Set<string>();
  for (const { headings } of topics) {
    const subjects = headings.flatMap(({ page, text }) => {
      const subject = about.get(`${page} ${name(text)}`);
      return subject ? [{ subject, page }] : [];
    });
    const counts = new Map<string, number>();
    for (const { subject } of subjects) counts.set(subject, (counts.get(subject) ?? 0) + 1);
    const [most] = [...counts].sort(([a, n], [b, m]) => m - n || (a < b ? -1 : 1));
    for (const { subject, page } of subjects) {
      judged++;
      if (subject !== most![0]) continue;
      right++;
      shown.add(`${subject} ${page}`);
    }
  }
  const expected = [...pagesOf].flatMap(([subject, on]) =>
    on.size > 1 ? [...on].map((page) => `${subject} ${page}`) : [],
  );
  return {
    precision: judged ? right / judged : 1,
    recall: expected.filter((pair) => shown.has(pair)).length / expected.length,
  };
}
