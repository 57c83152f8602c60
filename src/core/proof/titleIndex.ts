/**
 * Titles of a site of any size, so that a title is held against those only that may be too near to it. Of titles that share n words with one of
 * m words, each has one of its m − n + 1 rarest: only what has one of these is looked at (prefix filtering, Chaudhuri, Ganti and Kaushik 2006).
 */
import { foldPlain } from "../text/fold";

const wordsOf = (title: string): string[] => [...new Set(foldPlain(title).split(" ").filter(Boolean))];

export class TitleIndex<T> {
  readonly #of: T[] = [];
  /** Places in the list above, by word. */
  readonly #places = new Map<string, number[]>();

  /** @param nearShare from which share of common words on two titles are too near, 0 to 1 */
  constructor(private readonly nearShare: number) {}

  /** @param of what the title belongs to */
  add(title: string, of: T): void {
    const place = this.#of.push(of) - 1;
    for (const word of wordsOf(title)) {
      const places = this.#places.get(word);
      if (places) places.push(place);
      else this.#places.set(word, [place]);
    }
  }

  /** What may be too near to a title, in the order in which it was added: nothing that is too near is missing. */
  near(title: string): T[] {
    const words = wordsOf(title);
    const shared = Math.max(1, Math.ceil(this.nearShare * words.length - 1e-9));
    if (this.nearShare <= 0) return [...this.#of];
    const rarest = words
      .map((word) => this.#places.get(word) ?? [])
      .sort((a, b) => a.length - b.length)
      .slice(0, words.length - shared + 1);
    return [...new Set(rarest.flat())].sort((a, b) => a - b).map((place) => this.#of[place]!);
  }
}
