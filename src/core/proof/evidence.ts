/** Quotations for findings: always cut from the draft itself, so that they quote it exactly. */

import { type Range, rangeShare } from "../shares";
import type { Form } from "../text/match";
import type { Evidence } from "./check";
import type {
  FieldReading,
  HeadingReading,
  LinkReading,
  Opening,
  PictureReading,
  Placed,
} from "./reading/reading";

/** No finding needs more places than a person would look at. */
export const MOST_EVIDENCE = 20;

/** Places that are at fault, each with what fixing it alone adds to the share. */
export const atFault = (places: readonly Evidence[], worth: number): Evidence[] =>
  places.map((place) => {
    const { quote, block, start, end } = place;
    // Written out: a text may have many such places, and they are made with a key.
    return place.field === undefined && place.form === undefined
      ? { quote, block: block!, start, end, worth }
      : { ...place, worth };
  });

/** The places that were counted in stretches of a text, in order. @param most that are given */
export function placesIn(
  counts: readonly { places: readonly Evidence[] }[],
  most: number = MOST_EVIDENCE,
): Evidence[] {
  // Not by `flatMap`, which takes thirty times as long: it is asked with every key.
  const all: Evidence[] = [];
  for (const { places } of counts) {
    for (const place of places) {
      if (all.length >= most) return all;
      all.push(place);
    }
  }
  return all;
}

/** @param form of the keyword that stands there, where one does */
export function inBlock({ block, of }: Placed, start: number, end: number, form?: Form): Evidence {
  const quote = of.text.slice(start, end);
  return form ? { quote, block, start, end, form } : { quote, block, start, end };
}

export const wholeBlock = (placed: Placed): Evidence => inBlock(placed, 0, placed.of.text.length);

/** Headings of the body among these, each whole; the post's title is no block. */
export const wholeHeadings = (headings: readonly HeadingReading[]): Evidence[] =>
  headings.flatMap(({ block, text }) =>
    block === null ? [] : [{ quote: text, block, start: 0, end: text.length }],
  );

/** The heading at a place of the draft; none where the place is none. */
export const wholeHeadingAt = (headings: readonly HeadingReading[], place: number | null): Evidence[] =>
  place === null ? [] : wholeHeadings(headings.filter(({ block }) => block === place));

/** Where the keyword stands in a heading, the title's own as a field. */
export const inHeading = (
  { block, text }: HeadingReading,
  { start, end, form }: { start: number; end: number; form: Form },
): Evidence => ({
  quote: text.slice(start, end),
  ...(block === null ? { field: "title" as const } : { block }),
  start,
  end,
  form,
});

/** Quotes a span of the opening, as far as it stands in the block where it begins. */
export function inOpening({ parts }: Opening, start: number, end: number, form: Form): Evidence {
  const at = parts.findLast(({ offset }) => offset <= start)!;
  return inBlock(at, start - at.offset, Math.min(end - at.offset, at.of.text.length), form);
}

export function inField(field: FieldReading, start = 0, end = field.text.length, form?: Form): Evidence {
  const quote = field.text.slice(start, end);
  return form ? { quote, field: field.name, start, end, form } : { quote, field: field.name, start, end };
}

export function ofLink(link: LinkReading): Evidence {
  const { of, block } = link;
  return of.kind === "picture" && link.start === link.end
    ? ofAlt({ block, picture: of })
    : inBlock(link, link.start, link.end);
}

/** The alt text of a picture, or its file's name where it has none. */
export function ofAlt({ block, picture }: PictureReading): Evidence {
  if (picture.alt) return { quote: picture.alt, block, field: "alt", start: 0, end: picture.alt.length };
  return ofFileName({ block, picture });
}

export const ofFileName = ({ block, picture: { fileName } }: PictureReading): Evidence => ({
  quote: fileName,
  block,
  field: "fileName",
  start: 0,
  end: fileName.length,
});

/** Made once: findings say numbers with every key. */
const NUMBERS = new Intl.NumberFormat("en");
export function number(n: number): string {
  // Whole numbers of words are said with every key: written out, they cost a twentieth.
  if (!Number.isInteger(n) || n < 0 || n >= 1e6 || Object.is(n, -0)) return NUMBERS.format(n);
  return n < 1000 ? String(n) : `${Math.floor(n / 1000)},${String(n % 1000).padStart(3, "0")}`;
}

const FORM_WORDS: Record<Form, string> = {
  exact: "as written",
  inflected: "in another form",
  close: "with its words close together",
  scattered: "with its words scattered",
};

export const formWords = ({ form }: { form: Form }): string => FORM_WORDS[form];

/** `range` as the scoring rules write it, with the value put in. */
export const rangeFormula = (x: number, range: Range, digits = 0): string =>
  `range(${x.toFixed(digits)}; ${range.map((bound) => number(Number(bound.toFixed(digits)))).join(", ")}) = ${rangeShare(x, range).toFixed(3)}`;

export const quoted = (text: string): string => `“${text}”`;
export const plural = (n: number, one: string, many = `${one}s`): string =>
  `${number(n)} ${n === 1 ? one : many}`;
export const percent = (share: number, digits = 0): string => `${(share * 100).toFixed(digits)} %`;

/** How often, in words where there are any. */
export const times = (n: number): string => ["never", "once", "twice"][n] ?? `${n} times`;

/** A whole number, its thousands apart. */
export const whole = (n: number): string => number(Math.round(n));

/** A number with so many digits behind the point, and a minus sign where it is negative. */
export const figure = (value: number, digits = 0): string => value.toFixed(digits).replace(/^-/, "−");

const MOST_DIGITS = 4;

/** Do two numbers that differ read as equal? */
const readAlike = (values: readonly number[], figures: readonly string[]): boolean =>
  figures.some((shown, i) => {
    const first = figures.indexOf(shown);
    return first < i && values[first] !== values[i];
  });

/** @returns the numbers, all with as many digits as tell them apart: 0.42 beside 0.4 must not read as equal */
export function figuresApart(values: readonly number[], digits = 0): string[] {
  const shown = values.map((value) => figure(value, digits));
  return digits < MOST_DIGITS && readAlike(values, shown) ? figuresApart(values, digits + 1) : shown;
}

/** The same of shares, as per cent. */
export const percents = (shares: readonly number[], digits = 0): string[] =>
  figuresApart(
    shares.map((share) => share * 100),
    digits,
  ).map((figure) => `${figure} %`);
