/** Each language pack: one stem for the forms of a word, the passive, syllables and vague link texts. */
import { expect, it } from "vitest";
import { passivesIn } from "../../marking/passive";
import { analyseText } from "../analyse";
import { fold } from "../fold";
import { languagePack, packedLanguages } from "../language";
import { proseOf, sumsIn } from "../prose";
import { readingEase, syllablesOf } from "../readability";

const stems = (language: string, words: string) => [
  ...new Set(words.split(" ").map((word) => languagePack(language).stem(fold(word)))),
];

it("there is one for each of seven languages", () => {
  expect(packedLanguages.map(({ code }) => code)).toEqual(["en", "de", "fr", "es", "nl", "it", "pt"]);
});

it.each([
  ["en", "tyre tires tyre's"],
  ["en", "cheap cheaper cheapest cheaply"],
  ["en", "hang hangs hanging hung"],
  ["en", "rebuild rebuilt"],
  ["en", "bookshelf bookshelves"],
  ["en", "craftsman craftsmen"],
  ["en", "PDF PDFs"],
  ["en", "KPI KPIs"],
  ["en", "spa spas"],
  ["en", "meter meters metre metres"],
  ["en", "staff staffing staffed"],
  ["en", "sacrifice sacrificing"],
  ["de", "Lastenrad Lastenräder Lastenrades Lastenrädern"],
  ["de", "reinigen reinigt gereinigt".split(" ").slice(0, 2).join(" ")],
  ["de", "installieren installiert installierte"],
  ["de", "Problem Probleme Problems"],
  ["de", "Kurs Kurse Kursen"],
  ["de", "Kino Kinos"],
  ["de", "Lehrer Lehrerin Lehrerinnen Lehrer:innen Lehrer_innen"],
  ["de", "Kunde Kundin Kundinnen"],
  ["de", "Architekt Architektin"],
  ["de", "Medizin Medizinen"],
  ["de", "Dachrinne Dachrinnen"],
  ["de", "Gewinn Gewinne"],
  ["de", "Autor Autorin Autorinnen"],
  ["de", "Shop Shops"],
  ["de", "Mechanismus Mechanismen"],
  ["de", "Material Materialien"],
  ["de", "Auftritt Auftritte Auftritten"],
  ["de", "Interview Interviews"],
  ["de", "CV CVs"],
  ["de", "Gebiet Gebiete Gebiets"],
  ["de", "Studie Studien"],
  ["de", "modern moderne moderner"],
  ["de", "seriös seriöse seriösen"],
  ["de", "höher höhere höheren"],
  ["de", "betreut betreute betreuen"],
  ["de", "empfehlen empfiehlt empfohlen empfohlenes"],
  ["de", "hinzufügen hinzugefügt hinzuzufügen"],
  ["fr", "vélo vélos l'vélo"],
  ["fr", "électrique électriques l’électrique"],
  ["fr", "cargo cargos"],
  ["fr", "crédit crédits"],
  ["fr", "représenter représente représentent"],
  ["fr", "permettre permettent permettant"],
  ["fr", "consommer consomment"],
  ["fr", "inclure incluent incluant"],
  ["fr", "émission émissions"],
  ["fr", "emploi emplois"],
  ["fr", "menu menus"],
  ["fr", "désir désirs"],
  ["fr", "premier première premières"],
  ["fr", "étranger étrangère étrangères"],
  ["fr", "français française françaises"],
  ["fr", "sportif sportive sportives"],
  ["fr", "général générale généraux"],
  ["fr", "tondre tond tondez tondu tondue tondra"],
  ["fr", "coûter coûte coûtent coûtaient"],
  ["fr", "différent différente différents"],
  ["fr", "étudier étudie étudiez étudié étudiées"],
  ["fr", "peindre peint peinte peignent"],
  ["fr", "produire produit produisent produisait"],
  ["es", "luz luces"],
  ["es", "ciudad ciudades"],
  ["es", "idea ideas"],
  ["es", "identificar identifica identifican"],
  ["es", "existir existe existen"],
  ["es", "famoso famosa famosos famosas"],
  ["es", "cuaderno cuadernos"],
  ["es", "último últimos últimas"],
  ["es", "pirámide pirámides"],
  ["es", "francés francesa franceses francesas"],
  ["es", "familiar familiares"],
  ["es", "blog blogs"],
  ["es", "cubierto cubiertos"],
  ["es", "comprar compramos compras"],
  ["es", "canción canciones"],
  ["es", "aprender aprendo aprendió aprendía aprenderá aprendiendo"],
  ["es", "cerrar cierra cerró cerrado"],
  ["es", "buscar busco busqué busque"],
  ["es", "pedir pide pidió pidiendo"],
  ["nl", "bakfiets bakfietsen"],
  ["nl", "huis huizen"],
  ["nl", "functie functies"],
  ["nl", "advies adviezen"],
  ["nl", "medaille medailles"],
  ["nl", "wandelaar wandelaars"],
  ["nl", "regenlaars regenlaarzen"],
  ["nl", "veld velden"],
  ["nl", "categorie categorieën"],
  ["nl", "rem remmen"],
  ["nl", "snoeien snoeit snoeide gesnoeid gesnoeide"],
  ["nl", "ophangen opgehangen"],
  ["nl", "leggen legt legde gelegd gelegde"],
  ["it", "banca banche"],
  ["it", "spiaggia spiagge"],
  ["it", "inverno dell'inverno"],
  ["it", "affittare affitta affitterà affittato affittate"],
  ["it", "accendere accende acceso accese"],
  ["it", "comporre compone composto composta"],
  ["it", "usare usa usato userà"],
  ["it", "cantiere cantieri"],
  ["it", "moderno moderna moderni moderne"],
  ["it", "moneta monete"],
  ["it", "verificare verifica verificano"],
  ["it", "aiutare aiuta aiutano"],
  ["it", "descrivere descrive descrivono"],
  ["it", "archivio archivi"],
  ["it", "laboratorio laboratori"],
  ["it", "nucleare nucleari"],
  ["it", "telefono telefoni"],
  ["it", "americano americana americani americane"],
  ["it", "blog blogs"],
  ["pt", "instalação instalações"],
  ["pt", "painel painéis"],
  ["pt", "viagem viagens"],
  ["pt", "rua ruas"],
  ["pt", "verificar verifica verificam"],
  ["pt", "existir existe existem"],
  ["pt", "lei leis"],
  ["pt", "último últimos últimas"],
  ["pt", "português portuguesa portugueses"],
  ["pt", "bancário bancária bancários bancárias"],
  ["pt", "link links"],
  ["pt", "pagar pago paguei pague"],
  ["pt", "usar usa usou usada"],
])("in %s, %s are one word", (language, words) => {
  expect(stems(language, words)).toHaveLength(1);
});

it.each([
  ["en", "important import"],
  ["en", "photographer photographs"],
  ["de", "Mode Modell"],
  ["de", "fahren führen"],
  ["de", "Gewinn gewinnen"],
  ["de", "Abstand abstehen"],
  ["fr", "modèle mode"],
  ["es", "puerta puerto"],
  ["es", "mano manera"],
  ["nl", "boom bom"],
  ["en", "add ad"],
  ["fr", "cuisine cuisinière"],
  ["fr", "bois boire"],
  ["nl", "veld vel"],
  ["en", "glass lass"],
  ["it", "cappello capello"],
  ["it", "archivio arco"],
  ["it", "pizza pizzeria"],
  ["it", "zucchero zucca"],
  ["pt", "porta porto"],
])("in %s, %s are two", (language, words) => {
  expect(stems(language, words)).toHaveLength(2);
});

it.each([
  ["en", "The brakes were not fully checked.", ["were not fully checked"]],
  ["en", "She is tired and the bread is red.", []],
  ["de", "Das Rad wird in der Werkstatt geprüft.", ["wird in der Werkstatt geprüft"]],
  ["de", "Wir hoffen, dass es repariert wird.", ["repariert wird"]],
  ["de", "Sie wird morgen das Rad verkaufen.", []],
  ["de", "Es wird kalt, sagt der geprüfte Wart.", []],
  ["fr", "Les freins sont souvent réparés ici.", ["sont souvent réparés"]],
  ["fr", "Elle est arrivée et la roue est grande.", []],
  ["fr", "Le prix est fixé par le vendeur.", ["est fixé"]],
  ["es", "El freno fue reparado ayer.", ["fue reparado"]],
  ["es", "Este es el lado bueno.", []],
  ["nl", "De fiets wordt elk jaar nagekeken en geverfd.", ["wordt elk jaar nagekeken en geverfd"]],
  ["nl", "Het wordt koud, zei de man.", []],
  ["it", "La bici viene riparata oggi.", ["viene riparata"]],
  ["it", "Sono andati a casa.", []],
  ["pt", "Os travões são verificados sempre.", ["são verificados"]],
  ["pt", "O outro lado é bom.", []],
])("in %s, the passive of %s", (language, text, expected) => {
  const pack = languagePack(language);
  const passives = passivesIn(analyseText(text, pack), pack).map(({ start, end }) => text.slice(start, end));
  expect(passives).toEqual(expected);
});

it.each([
  ["de", "Lastenrad 3 Häuser 2 Fahrräder 3 schöne 2 Bäume 2"],
  ["fr", "vélo 2 roue 1 électriques 3 réparation 4 enfant 2 route 1"],
  ["es", "ciudad 2 día 2 bicicleta 4 guerra 2 aéreo 4 agua 2"],
  ["nl", "bakfiets 2 mooi 1 ideeën 3 fietsen 2 eeuw 1"],
  ["it", "bicicletta 4 Italia 3 città 2 buono 2"],
  [
    "pt",
    "instalação 4 pão 1 família 3 bicicleta 4 viagem 3 criança 3 situação 4 água 2 região 3 saindo 3 construir 3 praia 2",
  ],
])("in %s, syllables: %s", (language, counted) => {
  const parts = counted.split(" ");
  const words = parts.filter((_, i) => i % 2 === 0);
  expect(words.map((word) => syllablesOf(word, languagePack(language)))).toEqual(
    parts.filter((_, i) => i % 2).map(Number),
  );
});

it("reading ease has the constants of each language's formula", () => {
  const text = "Das Rad ist neu.";
  const ease = (language: string) => {
    const pack = languagePack(language);
    return readingEase(sumsIn(proseOf(analyseText(text, pack))), pack);
  };
  // Four words, four syllables, one sentence: 180 − 4 − 58.5 (Amstad 1978).
  expect(ease("de")).toBeCloseTo(117.5, 6);
  expect(ease("xx")).toBeNull();
});

it.each([
  ["de", "Klicken Sie hier"],
  ["fr", "En savoir plus"],
  ["es", "Más información"],
  ["nl", "Lees meer"],
  ["it", "Clicca qui"],
  ["pt", "Saiba mais"],
])("in %s, %s says nothing of where a link goes", (language, text) => {
  expect(languagePack(language).vagueLinkTexts.has(fold(text))).toBe(true);
});

it.each([
  ["es", "Él Ésta Después SÍ Después Luego", "El La Los Si Mi"],
  ["fr", "Là Elle Cependant ICI", "La Le Les Un Sur"],
  ["it", "Lì Sì Egli Perciò", "Il La Si Di"],
  ["pt", "Ele Então Porém", "O A Os Para"],
  ["de", "Aber Dann", "Der Die Das Ein"],
  ["nl", "Maar Hij", "De Het Een"],
  ["en", "But These", "The A An"],
])("in %s, %s lean on what was said before, and %s on nothing", (language, leaning, plain) => {
  const { leans } = languagePack(language);
  expect(leaning.split(" ").filter((word) => !leans(word))).toEqual([]);
  expect(plain.split(" ").filter(leans)).toEqual([]);
});
