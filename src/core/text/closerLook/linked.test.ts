/** What links two words of a keyword, and what does not: a rule of linked.ts, object.ts or closerLook.ts a row. */
import { expect, it } from "vitest";
import { defaultProfile } from "../../proof/profile";
import { analyseText } from "../analyse";
import { compileKeyword } from "../keyword";
import { languagePack } from "../language";
import { findKeyword } from "../match";

const isFound = (language: string, keyword: string, sentence: string): boolean => {
  const pack = languagePack(language);
  const compiled = compileKeyword(keyword, pack)!;
  return findKeyword(analyseText(sentence, pack), compiled, defaultProfile.matching, pack).length > 0;
};

it.each([
  ["en", "car wash", "Wash your own car", "The wash basin of an old car"],
  ["en", "glass table", "A table made of glass", "The table shook, broke and glass fell"],
  ["en", "garden shed", "A shed at the end of a garden", "A shed and a rake stood in her garden"],
  ["en", "vegan cake", "Cakes without eggs for vegans", "The cake of the friend of vegans"],
  ["en", "sewing machine", "A machine that sews leather", "He agreed that machines are for sewers"],
  ["en", "desk lamp", "A lamp that clips to your desk", "A lamp fell and she left her desk"],
  ["en", "yoga mat", "The mat you use for yoga", "She wiped the mat, then yoga began"],
  ["en", "tent pegs", "Pegs to hold a tent in sand", "Pegs to the left, a tent to the right"],
  ["en", "cat flap", "Which flap do cats use?", "A flap that is loose; cats sleep"],
  ["en", "cooking oil", "Which oil is best for cooking?", "Oil is the cook of this decade"],
  ["en", "guitar lessons", "Guitar and piano lessons", "A guitar on the lessons page"],
  ["en", "knife sharpening", "How a knife is sharpened", "A knife and the sharpening of pencils"],
  ["en", "battery life", "Batteries with a long life", "Batteries in a shop of still life"],
  ["en", "eye test", "Have your eyes tested", "Her eyes tested him"],
  ["en", "bus pass", "Bus passes in the zone", "The bus passes the school"],
  ["en", "meal planner", "Plan your meals for a week", "Meals were no part of the plan"],
  ["en", "cooking class", "A class to cook in", "He cooks first-class meals."],
  ["en", "trade fair", "A fair for the trade", "Fair trade is no trick of the trade."],
  ["en", "packaging design", "Design packages that protect", "It is fair to package the design of another"],
  ["en", "sales tax", "Tax on sales", "A taxing sale, said the buyer."],
  ["en", "return policy", "The policy on returns", "Many returns, policy makers!"],
  ["en", "hand soap", "Soap for hands", "On the other hand, soap is cheap."],
  ["en", "walking boots", "Boots to walk in", "He walked to the boot of his car."],
  ["en", "dance floor", "The floor you dance on", "From the first floor they saw the dance."],
  ["en", "paint brush", "A brush for paint", "The fox's brush in the painting"],
  ["en", "price list", "List the prices", "The ship listed at the price of fuel."],
  ["en", "book fair", "Book fairs this autumn", "The book fairs a hull"],
  ["en", "write a novel", "Writing a novel", "She wrote a poem during the novel"],
  ["de", "Rechnung schreiben", "Sie schreibt eine Rechnung", "Sie schreibt ein Gedicht auf die Rechnung"],
  ["de", "Kredit aufnehmen", "Sie nahm einen Kredit auf", "Sie nahm das Gespräch über den Kredit auf"],
  ["de", "Hautcreme", "Eine Creme für trockene Haut", "Die Haut der Creme war hart"],
  ["de", "Fahrradschloss", "Ein Schloss fürs Fahrrad", "Er schloss das Fahrrad an"],
  ["fr", "crème solaire", "Une crème vraiment solaire", "La crème des ingénieurs du solaire"],
  ["fr", "louer un studio", "On loue un studio", "Il loue un vélo devant le studio"],
  ["es", "falda larga", "Una falda muy larga", "Una larga espera y una falda"],
  ["es", "escribir un blog", "Escribe un blog", "Escribió una carta al blog"],
  ["es", "alquiler de coches", "Coches de alquiler", "El coche y el alquiler"],
  ["es", "receta de pan", "Una receta para pan", "El médico recetó pan."],
  ["fr", "location de voiture", "Une voiture de location", "La voiture de location de vélos"],
  ["it", "noleggio auto", "Un'auto a noleggio", "L'auto è davanti al noleggio sci."],
  ["it", "conto corrente", "Un conto corrente", "La corrente manca e il conto arriva."],
  ["it", "letto matrimoniale", "Letti matrimoniali", "Il contratto matrimoniale, letto ieri"],
  ["it", "cambiare una ruota", "Cambiare le ruote", "La ruota gira e tutto cambia"],
  ["pt", "alugar um quarto", "Alugo um quarto", "Alugou uma bicicleta durante o quarto dia"],
  ["nl", "spaarrekening", "Een rekening om op te sparen", "Spaar je de rekening van de bakker?"],
  ["nl", "kamerplanten", "Planten voor in de kamer", "De Kamer plande een debat."],
  ["nl", "vloer isoleren", "Isolatie van de vloer", "De vloer kraakt, de man isoleert het dak."],
  ["nl", "blog schrijven", "Ik schrijf een blog", "De blog zegt wie er schrijft"],
])("in %s, %s: %j, and not %j", (language, keyword, about, apart) => {
  expect([about, apart].map((sentence) => isFound(language, keyword, sentence))).toEqual([true, false]);
});
