/** Numbers as the interface shows them. */

/** A number with the sign that is written before it: a hyphen is none. */
const signed = (figure: string): string => figure.replace(/^-/, "−");

export const points = (n: number): string =>
  signed(Math.abs(n - Math.round(n)) < 0.05 ? Math.round(n).toString().replace(/^-0$/, "0") : n.toFixed(1));
/** Points that stand under others: with a decimal each, so that they can be compared at a glance. */
export const tenths = (n: number): string => signed(n.toFixed(1).replace(/^-0\.0$/, "0.0"));
/** Making a formatter costs more than a thousand uses of it. */
const figures = new Intl.NumberFormat("en");
export const whole = (n: number): string => signed(figures.format(Math.round(n) || 0));
export const count = (n: number, one: string, many = `${one}s`): string =>
  `${figures.format(n)} ${n === 1 ? one : many}`;
