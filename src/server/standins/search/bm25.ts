/**
 * Ranking by BM25 over several fields (S. Robertson, H. Zaragoza, M. Taylor, "Simple BM25 extension to multiple weighted
 * fields", CIKM 2004): field frequencies are weighted and summed before they saturate, so that a word in the title is
 * worth several in the body and repeating it there wins little.
 */
export interface FieldedDocument<Field extends string> {
  /** Stems in the order of the text. */
  fields: Record<Field, readonly string[]>;
}

export interface Bm25Options<Field extends string> {
  weights: Record<Field, number>;
  /** Saturation of a term's frequency; 1.2 is usual. */
  k1?: number;
  /** How far the length of a document counts, from 0 to 1; 0.75 is usual. */
  b?: number;
}

export interface Scored {
  /** Place of the document in the list that was indexed. */
  document: number;
  score: number;
}

export class Bm25Index<Field extends string> {
  readonly #postings = new Map<string, Map<number, number>>();
  readonly #lengths: number[] = [];
  readonly #meanLength: number;
  readonly #k1: number;
  readonly #b: number;

  constructor(
    documents: readonly FieldedDocument<Field>[],
    { weights, k1 = 1.2, b = 0.75 }: Bm25Options<Field>,
  ) {
    this.#k1 = k1;
    this.#b = b;
    for (const [document, { fields }] of documents.entries()) {
      let length = 0;
      for (const field of Object.keys(weights) as Field[]) {
        const weight = weights[field];
        length += weight * fields[field].length;
        for (const term of fields[field]) {
          const postings = this.#postings.get(term);
          if (postings) postings.set(document, (postings.get(document) ?? 0) + weight);
          else this.#postings.set(term, new Map([[document, weight]]));
        }
      }
      this.#lengths.push(length);
    }
    this.#meanLength = this.#lengths.reduce((sum, n) => sum + n, 0) / Math.max(1, this.#lengths.length);
  }

  /** Inverse document frequency, never negative: ln(1 + (N − n + ½) / (n + ½)). */
  idf(term: string): number {
    const n = this.#postings.get(term)?.size ?? 0;
    return Math.log(1 + (this.#lengths.length - n + 0.5) / (n + 0.5));
  }

  /** The documents that hold any of the terms, the best first; equals in the order of the index. */
  search(terms: readonly string[]): Scored[] {
    const scores = new Map<number, number>();
    for (const term of new Set(terms)) {
      const idf = this.idf(term);
      for (const [document, frequency] of this.#postings.get(term) ?? []) {
        const norm = 1 - this.#b + (this.#b * this.#lengths[document]!) / this.#meanLength;
        const gain = (idf * frequency * (this.#k1 + 1)) / (frequency + this.#k1 * norm);
        scores.set(document, (scores.get(document) ?? 0) + gain);
      }
    }
    return [...scores]
      .map(([document, score]) => ({ document, score }))
      .sort((a, b) => b.score - a.score || a.document - b.document);
  }
}
