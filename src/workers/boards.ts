/**
 * The sets of keywords that are on a screen, or were a moment ago. Every question names the set that it is about and how it is sifted,
 * so that no answer can be about another; what is not held (any more) is opened again from the database.
 */
import { identity } from "../core/keywords/list";
import type { Filter, SortKey } from "../core/keywords/sift";
import { tableOf } from "../core/keywords/table";
import { getLookUp, getLookUpBody } from "../data/lookUps";
import type { Article } from "../data/schemas/search";
import { getList } from "../data/wholeLists";
import { type BoardView, KeywordBoard, type Use } from "./keywordBoard";

/** Whose keywords. */
export type Source = { kind: "lookUp"; id: string } | { kind: "list"; id: string };

export interface BoardQuestion {
  source: Source;
  /** Another where its keywords have changed. */
  version: string;
  /** Texts of keywords that are hidden for the site; a list shows all that is in it. */
  hidden: string[];
  filter: Filter;
  sort: SortKey[];
}

export interface OpenBoard {
  board: KeywordBoard;
  articles: Article[];
  /** Notes on its keywords, by what they say. */
  notes: ReadonlyMap<string, string>;
  /** How it is sifted. */
  view: BoardView;
}

interface Held extends Omit<OpenBoard, "view"> {
  sifted: string;
  view: BoardView | null;
}

/** Boards that are held: the one on screen, one beside it, and the one that was left last. */
const MOST = 3;

export class Boards {
  readonly #held = new Map<string, Promise<Held | null>>();
  #usesRevision = 0;

  /** @param uses which keywords lists have at present */
  constructor(private readonly uses: () => Iterable<{ text: string; use: Use }>) {}

  /**
   * Asks the set that a question is about, sifted as it says.
   *
   * @param work asked at once, before anybody else can have it sifted otherwise
   * @returns null where its keywords are no longer in the workspace
   */
  async ask<T>(question: BoardQuestion, work: (open: OpenBoard) => T): Promise<T | null> {
    const { source, version, hidden, filter, sort } = question;
    const key = JSON.stringify([source.kind, source.id, version]);
    let opening = this.#held.get(key);
    // Asked for last, it goes last.
    this.#held.delete(key);
    opening ??= this.#open(source);
    this.#held.set(key, opening);
    for (const oldest of this.#held.keys()) if (this.#held.size > MOST) this.#held.delete(oldest);
    const held = await opening.catch((error: unknown) => {
      this.#held.delete(key);
      throw error;
    });
    if (!held) {
      this.#held.delete(key);
      return null;
    }
    const sifted = JSON.stringify([filter, sort, hidden, this.#usesRevision]);
    if (held.sifted !== sifted || !held.view) {
      held.board.setUses(this.uses());
      if (source.kind === "lookUp") held.board.setHidden(hidden);
      held.view = held.board.sift(filter, sort);
      held.sifted = sifted;
    }
    return work({ ...held, view: held.view });
  }

  /** Lists have changed: who has which keyword is looked up anew. */
  usesChanged(): void {
    this.#usesRevision++;
  }

  async #open(source: Source): Promise<Held | null> {
    const fresh = { sifted: "", view: null };
    if (source.kind === "lookUp") {
      const [lookUp, body] = await Promise.all([getLookUp(source.id), getLookUpBody(source.id)]);
      if (!lookUp || !body) return null;
      const board = new KeywordBoard(body.table, lookUp.language);
      return { ...fresh, board, articles: body.articles, notes: new Map() };
    }
    const list = await getList(source.id);
    if (!list) return null;
    const board = new KeywordBoard(tableOf(list.keywords), list.language);
    const notes = new Map(list.keywords.map(({ text, note }) => [identity(text), note]));
    return { ...fresh, board, articles: [], notes };
  }
}
