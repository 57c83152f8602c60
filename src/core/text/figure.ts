/** Figures that say something: with what they measure. */

/**
 * A figure with what it measures: per cent; an amount of money; a number with a unit; "n of m"; a year after a word that
 * makes it a date. Units are those of the SI brochure (9th edition, tables 1 to 8) and of daily life.
 */
const FIGURE = new RegExp(
  [
    String.raw`\p{N}[\p{N}.,]*\s?(?:%|per ?cent|percent|‰)`,
    String.raw`(?:[€£$¥]|crowns?|marks?)\s?\p{N}[\p{N}.,]*`,
    String.raw`\p{N}[\p{N}.,]*\s?(?:[€£$¥]|crowns?|euros?|pounds?|dollars?|million|billion|thousand)(?!\p{L})`,
    String.raw`\p{N}[\p{N}.,]*[\s\u00A0-]?(?:km/?h|mph|kilomet(?:re|er)s?|km|met(?:re|er)s?|m|cm|mm|miles?|kilograms?|kilos?|kg|grams?|g|tonnes?|litres?|liters?|l|ml|watt[- ]?hours?|Wh|kWh|watts?|W|kW|volts?|V|amps?|Ah|newton met(?:re|er)s?|Nm|bar|psi|degrees?|°C|°F|hours?|minutes?|seconds?|days?|weeks?|months?|years?|times|families|households|people|children|trips|journeys|respondents)(?!\p{L})`,
    String.raw`\p{N}+ (?:of|out of|in) (?:every )?\p{N}+`,
    String.raw`(?:in|since|by|until|from) (?:1[89]|20)\p{N}{2}(?!\p{N})`,
  ].join("|"),
  "u",
);

const NUMBER = /\p{N}/u;

/** Does a sentence say a figure with what it measures? */
export const saysFigure = (sentence: string): boolean => NUMBER.test(sentence) && FIGURE.test(sentence);
