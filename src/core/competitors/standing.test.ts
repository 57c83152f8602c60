import { expect, it } from "vitest";
import { analyseText } from "../text/analyse";
import { languagePack } from "../text/language";
import { standingOf } from "./standing";

it.each([
  ["en", "Belts and seats", "alone"],
  ["en", "Where to park", "alone"],
  ["en", "Prices of 2026", "alone"],
  ["en", "What it costs", "pointing"],
  ["en", "Is a motor dangerous?", "pointing"],
  ["en", "Step 4: oil the chain", "pointing"],
  ["en", "After the ride", "leaning"],
  ["en", "Also ridden", "leaning"],
  ["en", "", "alone"],
  ["de", "Nach der Fahrt", "leaning"],
  ["de", "Was es kostet", "pointing"],
  ["de", "Sitze und Gurte", "alone"],
  ["fr", "Après la sortie", "leaning"],
  ["fr", "Ce que cela coûte", "pointing"],
  ["fr", "Le prix", "alone"],
  ["es", "Antes de salir", "leaning"],
  ["es", "El precio", "alone"],
  ["nl", "Tijdens de rit", "leaning"],
  ["it", "Dopo la gita", "leaning"],
  ["it", "La batteria", "alone"],
  ["pt", "Depois da volta", "leaning"],
  ["pt", "A bateria", "alone"],
  ["sv", "Efter turen", "alone"],
])("a heading in %s, %j, stands %s", (language, text, expected) => {
  const pack = languagePack(language);
  expect(standingOf(analyseText(text, pack), pack)).toBe(expected);
});
