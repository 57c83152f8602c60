import { fold } from "../../../core/text/fold";
import type { LanguagePack } from "../../../core/text/packs/pack";
import { words as wordsOf } from "../../../core/text/words";
import type { ShelfPhoto } from "../../../data/schemas/photos";
import { Bm25Index } from "../search/bm25";

/** Photos found by the words of their titles and labels, in any of their forms. */
export class PhotoShelf {
  readonly #photos: readonly ShelfPhoto[];
  readonly #index: Bm25Index<"title" | "words">;
  readonly #stems: (text: string) => string[];

  constructor(photos: readonly ShelfPhoto[], pack: LanguagePack) {
    this.#photos = photos;
    this.#stems = (text) => wordsOf(fold(text)).map(({ text: word }) => pack.stem(word));
    this.#index = new Bm25Index(
      photos.map(({ title, words }) => ({
        fields: { title: this.#stems(title), words: this.#stems(words.join(" ")) },
      })),
      { weights: { title: 2, words: 1 } },
    );
  }

  /** @returns the photos that have any of the words, the best first; the whole shelf where none are asked for */
  find(words: string): ShelfPhoto[] {
    const stems = this.#stems(words);
    if (!stems.length) return [...this.#photos];
    return this.#index.search(stems).map(({ document }) => this.#photos[document]!);
  }
}
