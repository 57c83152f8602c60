import { longPages } from "../bench/field";
import { analyseField } from "../src/core/field/field";
import { houseProfile } from "../src/core/proof/profile";
const pages = longPages();
const n = Number(process.argv[2] ?? 1);
for (let i = 0; i < n; i++) {
  const s = performance.now();
  const f = analyseField(pages, { keyword: "electric cargo bike for families", language: "en", profile: houseProfile });
  console.log((performance.now() - s).toFixed(0), f.topics.length);
}
