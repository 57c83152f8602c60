import { describe, expect, it } from "vitest";
import { saysFigure } from "./figure";
import { isClosed, isProse } from "./proseSentence";

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
    "See www.brackenford.example for the 24-hour hire.",
    "He said -well- nothing about the and/or.",
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
    "tar -cvjf bikes.tar.bz2 bikes/",
    "Copy prices.csv.gz with cp -r here.",
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
  ["It holds 40 kg (with the box).", true],
  ["It holds 40 kg (with the box.", false],
  ["a) It holds 40 kg.", true],
  ["It holds [with the box 40 kg.", false],
])("quotation marks and brackets of %j are closed: %s", (sentence, closed) =>
  expect(isClosed(sentence)).toBe(closed),
);

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
  ["It costs $5,600.", true],
  ["It costs US$40, or R$ 200.", true],
  ["Sie kostet 5.600 €.", true],
  ["A litre is 1 l, no more.", true],
  ["It takes 2,5 bar.", true],
  ["Se si preme F5 l'area viene copiata.", false],
  ["Premere 6, l’area viene spostata.", false],
  ["The $1$ at its beginning says so.", false],
  ["It packs bikes.tar.bz2 bar none.", false],
  ["MD5 times out.", false],
  ["Es gibt 12 Gründe.", false],
])("%j says a figure with what it measures: %s", (sentence, says) => expect(saysFigure(sentence)).toBe(says));
