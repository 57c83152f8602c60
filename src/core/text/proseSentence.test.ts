import { describe, expect, it } from "vitest";
import { saysFigure } from "./figure";
import { closesQuotes, isProse } from "./proseSentence";

describe("prose", () => {
  it.each([
    "A cargo bike carries 80 kg, and costs 5,600 euros.",
    "What does it cost (per year)?",
    "Tea and/or coffee at 9 a.m. – for everyone!",
    "My iPhone died at 12 per cent.",
    "Wie viel kostet ein Lastenrad?",
    "Faut-il l’attacher au mur ?",
    "Is a T-shirt warm enough?",
    "The self-drilling screws hold 40 kg.",
  ])("is %j", (sentence) => expect(isProse(sentence)).toBe(true));
  it.each([
    "npm install --save-dev left-shelf",
    "const total = bikes.map((bike) => bike.price);",
    "if (speed === 25) { brake(); }",
    "Run git commit -m with --amend=1.",
    "cd /usr/local/bin && ls",
    "<p>What is it?</p>",
    "$ curl http://127.0.0.1:4700/api",
    "foo_bar(baz) returns 12 seconds",
    "12 / 7 = 1.71",
    "",
  ])("is not %j", (sentence) => expect(isProse(sentence)).toBe(false));
});

it.each([
  ["“It holds 40 kg,” he says.", true],
  ["“It holds 40 kg.", false],
  ["It holds 40 kg.”", false],
  ['He says "40 kg".', true],
  ['He says "40 kg.', false],
  ['Wheels of 20" are enough.', true],
  ["„Es hält 40 kg“, sagt er.", true],
  ["„Es hält 40 kg.", false],
  ["Il dit « 40 kg ».", true],
  ["It’s 40 kg, the riders’ limit.", true],
])("quotation marks of %j are closed: %s", (sentence, closed) => expect(closesQuotes(sentence)).toBe(closed));

it.each([
  ["38 Prozent der Fahrten sind kurz.", true],
  ["Der Akku hält 60 Kilometer.", true],
  ["3 von 5 Familien fahren Rad.", true],
  ["38 pour cent des trajets sont courts.", true],
  ["La batería dura 8 horas.", true],
  ["El 40 por ciento va en bici.", true],
  ["De accu gaat 5 jaar mee.", true],
  ["La catena dura 3 anni.", true],
  ["A corrente dura 3 anos.", true],
  ["Siehe Seite 4.", false],
  ["Es gibt 12 Gründe.", false],
])("%j says a figure with what it measures: %s", (sentence, says) => expect(saysFigure(sentence)).toBe(says));
