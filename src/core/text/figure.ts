/** Figures that say something: with what they measure. */

/**
 * A figure with what it measures: per cent; an amount of money; a number with a unit; "n of m"; a year after a word that
 * makes it a date. Units are those of the SI brochure (9th edition, tables 1 to 8) and of daily life.
 */
/** Units of daily life and whom a figure counts, in the languages besides English that have a pack. */
const ELSEWHERE = [
  "Prozent|Kilometern?|Metern?|Zentimetern?|Stunden?|Minuten?|Sekunden?|Tagen?|Wochen?|Monaten?|Jahren?|Mal|Haushalten?|Menschen|Kindern?|Familien|Franken|Grad|Liter|Gramm|Kilogramm|Millionen|Milliarden",
  "pour cent|kilomètres?|mètres?|heures?|secondes?|jours?|semaines?|mois|ans|années?|fois|foyers|personnes|enfants|familles|grammes?|degrés?|millions|milliards",
  "por ciento|kilómetros?|metros?|horas?|minutos?|segundos?|días?|semanas?|mes|meses|años?|veces|hogares|personas|niños|familias|litros?|gramos?|grados?|millones",
  "procent|kilometer|meter|uur|uren|minuten|seconden|dag|dagen|weken|maanden|jaar|jaren|keer|huishoudens|mensen|kinderen|gezinnen|liter|gram|graden|miljoen|miljard",
  "per cento|chilometri|metri|ore|minuti|secondi|giorni|settimane|mesi|anni|volte|famiglie|persone|bambini|litri|grammi|gradi|milioni|miliardi",
  "por cento|quil[oôó]metros|dias?|anos?|vezes|reais|famílias|pessoas|crianças|gramas|graus|milhões|lares",
].join("|");

/** A number that stands for itself: that of a key ("F5"), a file ("tar.bz2") or a field ("$1$") does not. */
const STANDING = String.raw`(?<![\p{L}\p{N}_$.,])\p{N}[\p{N}.,]*`;
/** What ends a unit: "l'area" is no litre. */
const ENDED = String.raw`(?![\p{L}\p{N}_]|['’]\p{L})`;

const FIGURE = new RegExp(
  [
    String.raw`${STANDING}\s?(?:%|per ?cent|percent|‰)`,
    String.raw`(?:(?<!\p{N})[€£$¥]|(?<!\p{L})(?:crowns?|marks?))\s?\p{N}[\p{N}.,]*(?![$\p{N}])`,
    String.raw`${STANDING}\s?(?:[€£$¥]|(?:crowns?|euros?|pounds?|dollars?|million|billion|thousand)${ENDED})`,
    String.raw`${STANDING}[\s\u00A0-]?(?:km/?h|mph|kilomet(?:re|er)s?|km|met(?:re|er)s?|m|cm|mm|miles?|kilograms?|kilos?|kg|grams?|g|tonnes?|litres?|liters?|l|ml|watt[- ]?hours?|Wh|kWh|watts?|W|kW|volts?|V|amps?|Ah|newton met(?:re|er)s?|Nm|bar|psi|degrees?|°C|°F|hours?|minutes?|seconds?|days?|weeks?|months?|years?|times|families|households|people|children|trips|journeys|respondents)${ENDED}`,
    String.raw`${STANDING}[\s\u00A0-]?(?:${ELSEWHERE})${ENDED}`,
    String.raw`${STANDING} (?:of|out of|in|von|sur|de|van de|su|em) (?:every )?\p{N}+`,
    String.raw`(?:in|since|by|until|from|seit|bis|im Jahr|en|depuis|desde|sinds|nel|dal|em) (?:1[89]|20)\p{N}{2}(?!\p{N})`,
  ].join("|"),
  "u",
);

const NUMBER = /\p{N}/u;

/** Does a sentence say a figure with what it measures? */
export const saysFigure = (sentence: string): boolean => NUMBER.test(sentence) && FIGURE.test(sentence);
