/** Questions with their answers, as a page says them in structured data. */
import type { Block } from "../../draft/draft";

export interface QuestionPair {
  question: string;
  answer: string;
}

/** @returns the pairs of all FAQ blocks in reading order; a question without a text or an answer is none */
export function questionPairs(blocks: readonly Block[]): QuestionPair[] {
  const pairs = new Map<string, QuestionPair>();
  for (const block of blocks) {
    const id = block.within.find(({ type }) => type === "pair")?.id;
    if (id === undefined) continue;
    const pair = pairs.get(id) ?? { question: "", answer: "" };
    if (block.kind === "heading" && !pair.question) pair.question = block.text;
    else pair.answer = [pair.answer, block.text].filter(Boolean).join("\n");
    pairs.set(id, pair);
  }
  return [...pairs.values()].filter(({ question, answer }) => question && answer);
}

/** schema.org FAQPage; null without questions. */
export function faqPage(blocks: readonly Block[]): object | null {
  const pairs = questionPairs(blocks);
  if (!pairs.length) return null;
  return {
    "@context": "https://schema.org",
    "@type": "FAQPage",
    mainEntity: pairs.map(({ question, answer }) => ({
      "@type": "Question",
      name: question,
      acceptedAnswer: { "@type": "Answer", text: answer },
    })),
  };
}
