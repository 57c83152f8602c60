import { expect, it } from "vitest";
import { withoutBoilerplate } from "./boilerplate";
import { readPage } from "./page";

const NOTE = "<p>Our workshop writes to you every Friday about what we learned that week.</p>";
const textOf = (own: string, count: number) =>
  Array.from(
    { length: count },
    (_, i) => `<p>${own} number ${i} says something that no other page of ours says at all.</p>`,
  ).join("");
const page = (address: string, own: string, more = "", count = 8) =>
  readPage(
    `<html><body><main><h1>${own}</h1><h2>Prices</h2>${textOf(own, count)}${more}</main></body></html>`,
    address,
  );
const headingsOf = (one: ReturnType<typeof page>) =>
  one.draft.blocks.filter(({ kind }) => kind === "heading").map(({ text }) => text);
const says = (one: ReturnType<typeof page>) => one.draft.blocks.map(({ text }) => text).join(" ");

const LETTER = `<h2>Our letter</h2>${NOTE}`;

it("leaves out what two pages of a site have word for word, with the heading over it", () => {
  const pages = withoutBoilerplate([
    page("https://a.example/chains", "Chains", LETTER),
    page("https://a.example/brakes", "Brakes", LETTER),
  ]);
  for (const one of pages) {
    expect(says(one)).not.toContain("every Friday");
    expect(headingsOf(one)).not.toContain("Our letter");
    expect(headingsOf(one)).toContain("Prices");
    expect(says(one)).toContain("number 7");
  }
});

it("keeps what pages of two sites have, what one page has, and what is short", () => {
  const given = [
    page("https://a.example/chains", "Chains", LETTER),
    page("https://b.example/brakes", "Brakes", LETTER),
    page("https://c.example/one", "One", "<p>Ask us.</p>"),
    page("https://c.example/two", "Two", "<p>Ask us.</p>"),
  ];
  expect(withoutBoilerplate(given)).toEqual(given);
  expect(withoutBoilerplate([])).toEqual([]);
});

it("keeps a page whole that is a copy of another", () => {
  const given = [
    page("https://a.example/chains", "Chains"),
    page("https://a.example/chains?print", "Chains"),
  ];
  expect(withoutBoilerplate(given)).toEqual(given);
});
