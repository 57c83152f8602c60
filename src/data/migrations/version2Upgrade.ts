import type { Transaction } from "dexie";

/** A keyword as the first release kept it. */
interface FlatKeyword {
  text: string;
  searches: number | null;
  months: number[];
  lastMonth?: string;
  difficulty: number | null;
  intent: string;
  costPerClick: number | null;
  standIn: boolean;
}

interface FlatPost {
  id: string;
  language: string;
  keyword: string;
  supporting: string[];
  createdAt: string;
  updatedAt: string;
}

const INTENTS = ["informational", "commercial", "transactional", "navigational", "local"];
const MONTHS = 12;

/** Brings over what version 1 held: the one flat file of keywords becomes a look-up, and every post's keywords a list. */
export async function upgrade(change: Transaction): Promise<void> {
  const rows = (await change.table("keywords").toArray()) as FlatKeyword[];
  if (rows.length) {
    await change.table("lookUps").add({
      id: "keywords-of-the-site",
      kind: "file",
      seeds: ["Keywords of the site"],
      region: "",
      regionName: "",
      language: "en",
      source: "Keywords of the site",
      standIn: rows.some(({ standIn }) => standIn),
      count: rows.length,
      madeAt: "",
      openedAt: "",
    });
    await change
      .table("lookUpBodies")
      .add({ lookUpId: "keywords-of-the-site", table: columnsOf(rows), articles: [] });
  }
  for (const post of (await change.table("posts").toArray()) as FlatPost[]) {
    if (!post.keyword && !post.supporting.length) continue;
    const keywords = keywordsOf(post, rows);
    const id = `list-${post.id}`;
    await change.table("lists").put({
      id,
      name: "",
      postId: post.id,
      language: post.language,
      target: post.keyword.trim() ? post.keyword : "",
      createdAt: post.createdAt,
      updatedAt: post.updatedAt,
      count: keywords.length,
      searches: keywords.reduce((sum, { searches }) => sum + (searches ?? 0), 0),
    });
    await change.table("listBodies").put({ listId: id, keywords });
  }
}

/** Keywords of a post, each once, with the numbers that the flat file has. */
function keywordsOf({ keyword, supporting }: FlatPost, rows: readonly FlatKeyword[]) {
  const byIdentity = new Map(rows.map((row) => [identity(row.text), row]));
  const keywords = new Map<string, FlatKeyword & { region: string; note: string }>();
  for (const text of [keyword, ...supporting]) {
    const key = identity(text);
    if (!text.trim() || !key || keywords.has(key)) continue;
    keywords.set(key, { ...(byIdentity.get(key) ?? unknown(text)), text, region: "", note: "" });
  }
  return [...keywords.values()];
}

const unknown = (text: string): FlatKeyword => ({
  text,
  searches: null,
  months: [],
  difficulty: null,
  intent: "",
  costPerClick: null,
  standIn: false,
});

/** By what two keywords were one: letters without case and accents, numbers, and single blanks. */
function identity(text: string): string {
  const folded = text
    .normalize("NFKD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();
  return folded || text.trim().toLowerCase();
}

/** Rows by column; NaN stands for what is unknown. */
function columnsOf(rows: readonly FlatKeyword[]) {
  const numbers = (read: (row: FlatKeyword) => number | null) =>
    Float64Array.from(rows, (row) => read(row) ?? Number.NaN);
  return {
    text: rows.map(({ text }) => text),
    searches: numbers(({ searches }) => searches),
    difficulty: numbers(({ difficulty }) => difficulty),
    costPerClick: numbers(({ costPerClick }) => costPerClick),
    intent: Uint8Array.from(rows, ({ intent }) => INTENTS.indexOf(intent) + 1),
    months: Float64Array.from({ length: rows.length * MONTHS }, (_, at) => {
      const { months } = rows[Math.floor(at / MONTHS)]!;
      return months.length === MONTHS ? months[at % MONTHS]! : Number.NaN;
    }),
    lastMonth: rows.map(({ months, lastMonth }) => (months.length === MONTHS ? (lastMonth ?? "") : "")),
    standIn: Uint8Array.from(rows, ({ standIn }) => Number(standIn)),
    found: rows.map(() => undefined),
  };
}
