import { evaluateField } from "../bench/fieldEvaluation";

let p = 0,
  r = 0,
  tp = 0,
  tr = 0;
for (const e of evaluateField()) {
  console.log(
    e.query,
    e.pages,
    e.topics.precision.toFixed(2),
    e.topics.recall.toFixed(2),
    e.terms.precision.toFixed(2),
    e.terms.recall.toFixed(2),
  );
  p += e.topics.precision / 5;
  r += e.topics.recall / 5;
}
console.log(p.toFixed(3), r.toFixed(3));
