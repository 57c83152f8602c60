/** Other readings of a keyword's words, and the sentences that bear them out. */
import { describe, expect, it } from "vitest";
import { isFound } from "../../testing/isFound";

describe("a keyword that may tell what to do", () => {
  it.each([
    ["unlock phone", "How to unlock your phone"],
    ["trim hedge", "Trimming a hedge in May"],
    ["trim hedge", "You can trim the hedge twice."],
    ["trim hedge", "Hedge trimming for beginners"],
    ["label boxes", "Label your boxes before you move"],
    ["repair gutter", "Gutter repair made simple"],
    ["frame small print", "How to frame a small print"],
    ["track sales figures", "Track the figures of your sales"],
    ["top up card", "Top up your card at a till"],
    ["fold up bike", "How to fold your bike up"],
    ["pull up bar", "A bar for pull-ups"],
    ["categorise expenses", "How to categorise your expenses"],
    ["unblock drain", "How to unblock a drain"],
    ["unblock drain", "Unblocking your kitchen drain"],
    ["prune pear tree", "Pear trees are pruned in winter"],
  ])("%s: “%s”", (keyword, sentence) => {
    expect(isFound("en", keyword, sentence)).toBe(true);
  });

  it.each([
    // Told to do something else, or with something else.
    ["hand cream", "Hand me the cream"],
    ["trust fund", "Trust me, the fund is safe"],
    ["cover letter", "Cover the letter with wax"],
    ["label boxes", "The label on two old boxes"],
    ["label boxes", "Boxes, and on each a label"],
    // Who does it is no object, and what does something itself neither.
    ["watch repair", "Watch him repair the roof"],
    // A thing, and not what is done.
    ["paint wall", "Wall paint for bathrooms"],
    ["call recording", "The record call for papers ended"],
    ["trade fair", "Fair trade is no trick of the trade"],
    ["trim hedge", "The trim of the sail, then a hedge"],
    ["top up card", "The top of the card curls up"],
    ["fold up bike", "Fold the map on your bike"],
    // Said of what does it itself.
    ["brand guide", "The guide was branded a liar"],
    ["discount code", "Discount what the code says"],
  ])("%s: not “%s”", (keyword, sentence) => {
    expect(isFound("en", keyword, sentence)).toBe(false);
  });
});

describe("two nouns that stand apart where nouns grow together", () => {
  it.each([
    ["de", "Wärmepumpe Altbau", "Wärmepumpen für Altbauten"],
    ["de", "wärmepumpe altbau", "Eine Wärmepumpe im sanierten Altbau"],
    ["de", "Fahrrad Versicherung", "Die Versicherung Ihres Fahrrads"],
    ["nl", "laptop studenten", "Een laptop voor studenten"],
    ["nl", "laptop studenten", "Studenten met een laptop"],
  ])("%s: %s: “%s”", (language, keyword, sentence) => {
    expect(isFound(language, keyword, sentence)).toBe(true);
  });

  it.each([
    ["de", "Wein Reise", "Er weinte auf der Reise"],
    ["de", "gebrauchtes Fahrrad", "Er braucht kein Fahrrad"],
    ["de", "Bank Kredit", "Die Bänke im Park fanden kaum Kredit"],
    ["de", "Laptop Studenten", "Der Laptop lag da, die Studenten gingen"],
    ["nl", "laptop studenten", "De laptop viel, de studenten lachten"],
  ])("%s: %s: not “%s”", (language, keyword, sentence) => {
    expect(isFound(language, keyword, sentence)).toBe(false);
  });
});

describe("what is done to a thing may stand behind it", () => {
  it.each([
    ["es", "reparación de relojes", "Relojes reparados a mano", "El reloj está parado"],
    ["es", "venta de telas", "Telas vendidas", "La tela del vendedor"],
    ["fr", "rénovation de façade", "Façades rénovées", "La façade rêve de rénovation"],
    ["fr", "location de tentes", "Tentes à louer", "La tente loue Dieu"],
    ["it", "vendita di mobili", "Mobili venduti in un giorno", "Il mobile ha una venditrice"],
    ["pt", "reforma de telhado", "Telhados reformados", "O telhado tem forma de sino"],
  ])("%s: %s", (language, keyword, sentence, other) => {
    expect(isFound(language, keyword, sentence)).toBe(true);
    expect(isFound(language, keyword, other)).toBe(false);
  });
});
