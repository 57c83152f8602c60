/** A keyword file in the columns of our own export, made up and always the same. */
import { writeKeywordCsv } from "../src/core/keywords/csv/writeKeywords";
import type { KeywordRow } from "../src/core/keywords/keyword";

const QUALIFIERS =
  "best cheap used light small red winter folding electric family child town fast old new safe quiet wide short tall".split(
    " ",
  );
const THINGS =
  "cargo bike,box bike,longtail,trailer,child seat,rain cover,bike lock,helmet,battery,brake pads,tyre,bell,basket,stand,motor,chain,saddle,lamp,pump,bag".split(
    ",",
  );
const PURPOSES =
  "for families,for two children,for dogs,for commuting,for hills,for deliveries,in winter,in rain,near me,for beginners,on a train,at night,for short riders,for a baby,with canopy,price,review,repair,rules,hire".split(
    ",",
  );
const QUESTIONS =
  "how to choose,how to fix,what is,where to buy,is it worth,how much is,when to replace,can you insure,why buy,which".split(
    ",",
  );

export function keywordFile(rows: number): string {
  let seed = 7;
  const random = () => {
    seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
    return seed / 4294967296;
  };
  const pick = (from: string[]) => from[Math.floor(random() * from.length)]!;
  const models = Array.from({ length: 400 }, () => `${pick(QUALIFIERS)}${Math.floor(random() * 90)}`);
  const sample = Array.from({ length: rows }, (): KeywordRow => {
    const kind = random();
    const text =
      kind < 0.2
        ? `${pick(QUESTIONS)} ${pick(QUALIFIERS)} ${pick(THINGS)} ${pick(models)}`
        : kind < 0.7
          ? `${pick(QUALIFIERS)} ${pick(THINGS)} ${pick(PURPOSES)} ${pick(models)}`
          : `${pick(THINGS)} ${pick(models)} ${pick(PURPOSES)}`;
    const searches = Math.round(10 ** (1 + random() * 4) / 10) * 10;
    return {
      text,
      searches,
      months: Array.from({ length: 12 }, () => Math.round(searches * (0.5 + random()))),
      lastMonth: "2026-10",
      difficulty: Math.floor(random() * 100),
      intent: random() < 0.5 ? "informational" : "",
      costPerClick: Math.round(random() * 300) / 100,
      standIn: false,
    };
  });
  return writeKeywordCsv(sample);
}
