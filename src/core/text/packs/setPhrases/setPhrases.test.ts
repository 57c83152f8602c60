import { expect, it } from "vitest";
import { defaultProfile } from "../../../proof/profile";
import { analyseText } from "../../analyse";
import { compileKeyword } from "../../keyword";
import { languagePack, packedLanguages } from "../../language";
import { findKeyword } from "../../match";
import { setPhrases } from "./setPhrases";

it("phrases are written one by one, or by what begins them alike", () => {
  expect(setPhrases("à l'œil|vis-à-vis\ntake took: part|the plunge\n\n")).toEqual([
    ["a", "l'oeil"],
    ["vis", "a", "vis"],
    ["take", "part"],
    ["take", "the", "plunge"],
    ["took", "part"],
    ["took", "the", "plunge"],
  ]);
});

it.each(packedLanguages.map(({ code }) => code))(
  "none of %s is a word alone, which would mean nothing wherever it stands",
  (code) => {
    // "All'improvviso" is one token of two words.
    const alone = [...languagePack(code).usage!.idle.keys()].filter((word) =>
      languagePack(code)
        .usage!.idle.get(word)!
        .some(({ phrase }) => phrase.length < 2 && !word.includes("'")),
    );
    expect(alone).toEqual([]);
  },
);

it.each([
  ["en", "note taking", "Take note of the exits.", false],
  ["en", "note taking", "Take notes in class", true],
  ["en", "train times", "At times the train is late.", false],
  ["en", "safety at work", "Work at heart, and safety at work too", true],
  // The keyword has the phrase itself.
  ["en", "second hand clothes", "Clothes at second hand", true],
  ["en", "bank by hand", "At hand lies the bank.", false],
  ["de", "Handbuch", "An der Hand das Buch", false],
  ["fr", "tour de magie", "À son tour la magie opère.", false],
  ["it", "cambio olio", "In cambio ricevette olio.", false],
  ["es", "vela blanca", "La vela blanca", true],
  ["en", "room planner", "They made room for the planner.", false],
  ["en", "room planner", "Plan your room", true],
  ["en", "root canal", "The idea took root by the canal.", false],
  ["en", "light box", "New facts came to light in a box.", false],
  ["en", "heart rate", "At heart he hates the rate.", false],
  ["en", "line manager", "He drew the line, said the manager.", false],
  ["en", "ground cover", "To cover it, they found common ground.", false],
  ["en", "face cream", "Face the music and eat cream.", false],
  ["en", "course book", "In due course the book came.", false],
  ["en", "course book", "A book for the course", true],
  ["de", "Platzkarte", "Er nahm Platz mit der Karte.", false],
  ["de", "Platzkarte", "Eine Karte für den Platz", true],
  ["de", "Handcreme", "Es liegt auf der Hand, dass Creme fehlt.", false],
  ["de", "Zeitplan", "Zur Zeit fehlt ein Plan.", false],
  ["fr", "table de jardin", "Ils font table rase du jardin.", false],
  ["fr", "cours de danse", "Au cours de la danse il tomba.", false],
  ["fr", "cours de danse", "Des cours pour la danse", true],
  ["fr", "place de parking", "À la place du parking, un pré.", false],
  ["fr", "carte de visite", "Il eut carte blanche pour la visite.", false],
  ["es", "curso de cocina", "En el curso de la cocina moderna", false],
  ["es", "curso de cocina", "Un curso para aprender cocina", true],
  ["es", "cuenta de ahorro", "Se da cuenta del ahorro.", false],
  ["es", "punto de venta", "Hasta cierto punto es una venta.", false],
  ["it", "corso di cucina", "Nel corso della cucina moderna", false],
  ["it", "corso di cucina", "Un corso per la cucina", true],
  ["it", "conto di deposito", "Tiene conto del deposito.", false],
  ["it", "piano di lavoro", "Il lavoro è in primo piano.", false],
  ["nl", "tijdschema", "Van tijd tot tijd een schema", false],
  ["nl", "plaatskaart", "In plaats van een kaart", false],
  ["nl", "plaatskaart", "Een kaart voor de plaats", true],
  ["pt", "curso de cozinha", "No curso da cozinha moderna", false],
  ["pt", "curso de cozinha", "Um curso para a cozinha", true],
  ["pt", "conta de poupança", "Ele dá conta da poupança.", false],
  ["pt", "ponto de venda", "Até certo ponto é uma venda.", false],
  ["es", "limpieza a fondo", "A fondo: la limpieza del horno", true],
])("%s: %s | %s: %s", (language, keyword, sentence, isThere) => {
  const pack = languagePack(language);
  const uses = findKeyword(
    analyseText(sentence, pack),
    compileKeyword(keyword, pack)!,
    defaultProfile.matching,
    pack,
  );
  expect(uses.length > 0).toBe(isThere);
});
