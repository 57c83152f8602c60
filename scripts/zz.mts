import { searchOfTheDemo } from "../demo/research";
import { analyseField } from "../src/core/field/field";
import { readPage } from "../src/core/field/page";
import { houseProfile } from "../src/core/proof/profile";
import { readWeb } from "../src/server/standins/web/pages";

const { service, region } = searchOfTheDemo();
const web = new Map(readWeb("demo/web").map((p) => [p.address, p]));
for (const q of [
  "electric cargo bike for families",
  "cargo bike maintenance",
  "cargo bike or second car",
  "winter cycling with children",
  "delivery by cargo bike",
]) {
  const r = service.answer("ranking", { query: q, region: region.code, most: 20 });
  console.log(
    "==",
    q,
    r.pages.length,
    r.pages.map((p) => p.address.replace("https://", "").replace(".example", "")).join(", "),
  );
  const pages = r.pages.map(({ address }, rank) => ({
    rank,
    page: readPage(web.get(address)!.html, address),
  }));
  const t = performance.now();
  const a = analyseField(pages, { keyword: q, language: "en", profile: houseProfile });
  console.log(
    (performance.now() - t).toFixed(0),
    "ms",
    a.benchmark,
    "doubts",
    a.pages
      .filter((p) => p.doubt)
      .map((p) => p.address.slice(8) + ":" + p.doubt)
      .join(" "),
  );
  for (const t of a.topics.filter((t) => t.presence >= 0.15))
    console.log(
      "  ",
      t.pages,
      t.place.toFixed(2),
      t.words,
      t.label,
      "|",
      t.headings.map((h) => h.text).join(" / "),
    );
}
