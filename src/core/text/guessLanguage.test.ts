import { expect, it } from "vitest";
import { guessLanguage } from "./guessLanguage";

const PROSE = {
  en: "How often you should water a plant depends on the light that it gets and on the pot in which it stands. In winter it needs far less.",
  de: "Wie oft man eine Pflanze gießen soll, hängt vom Licht ab, das sie bekommt, und vom Topf, in dem sie steht. Im Winter braucht sie viel weniger.",
  fr: "La fréquence à laquelle il faut arroser une plante dépend de la lumière qu'elle reçoit et du pot dans lequel elle se trouve. En hiver il en faut moins.",
  es: "La frecuencia con la que hay que regar una planta depende de la luz que recibe y de la maceta en la que está. En invierno necesita mucho menos.",
  nl: "Hoe vaak je een plant water moet geven hangt af van het licht dat ze krijgt en van de pot waarin ze staat. In de winter heeft ze veel minder nodig.",
  it: "La frequenza con cui bisogna annaffiare una pianta dipende dalla luce che riceve e dal vaso in cui si trova. In inverno ne serve molto meno.",
  pt: "A frequência com que se deve regar uma planta depende da luz que ela recebe e do vaso em que está. No inverno precisa de muito menos água.",
  he: "כמה פעמים צריך להשקות צמח תלוי באור שהוא מקבל ובעציץ שבו הוא עומד, ובחורף הוא צריך הרבה פחות מים מאשר בקיץ החם והיבש של הארץ",
  ar: "عدد المرات التي يجب فيها سقي النبات يعتمد على الضوء الذي يحصل عليه وعلى الوعاء الذي يوجد فيه وفي الشتاء يحتاج إلى ماء أقل بكثير",
};
it.each(Object.entries(PROSE))("prose is %s", (code, text) => expect(guessLanguage(text)).toBe(code));

it.each([
  [
    "de",
    "lastenrad kaufen\nlastenrad für kinder\nwas kostet ein lastenrad\nlastenrad mit dach\nlastenräder im test\nlastenrad oder auto\nwie schnell ist ein lastenrad",
  ],
  [
    "en",
    "cargo bike\ncargo bike for kids\nwhat does a cargo bike cost\ncargo bike with a roof\ncargo bike or car\nhow fast is a cargo bike",
  ],
  [
    "es",
    "bicicleta de carga\nbicicleta de carga para niños\ncuánto cuesta una bicicleta de carga\nbicicleta de carga con techo\nbicicleta de carga o coche para la ciudad",
  ],
])("keywords are %s", (code, text) => expect(guessLanguage(text)).toBe(code));

it("what neighbours share as well tells less than what one says alone", () => {
  const text =
    "A companhia está a crescer e tem duas oficinas em cidades da costa, de onde entrega bicicletas de carga a famílias que vivem no interior de Portugal.";
  expect(guessLanguage(text)).toBe("pt");
});

it.each([
  ["too little", "Lastenrad kaufen"],
  ["nothing", ""],
  [
    "names and numbers alone",
    "Alpha 12 Beta 13 Gamma 14 Delta 15 Epsilon 16 Zeta 17 Eta 18 Theta 19 Iota 20 Kappa 21",
  ],
])("%s cannot be told", (_what, text) => expect(guessLanguage(text)).toBeNull());
