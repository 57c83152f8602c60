/**
 * The point of a picture that must stay in sight where only a part of it is shown: two whole per cents, from the left and from
 * the top, as "40 20". Kept as text, since every format that a picture goes through can carry that.
 */
const TWO_PER_CENTS = /^(100|\d{1,2}) (100|\d{1,2})$/;

/** @returns the focus as it is kept; null where the value is none */
export function readFocus(value: unknown): string | null {
  return typeof value === "string" && TWO_PER_CENTS.test(value) ? value : null;
}

/** @param x per cent from the left, @param y per cent from the top; what lies outside is brought to the edge */
export function writeFocus(x: number, y: number): string {
  const whole = (n: number): number => Math.round(Math.min(100, Math.max(0, Number.isFinite(n) ? n : 50)));
  return `${whole(x)} ${whole(y)}`;
}

/** @returns per cents from the left and the top; the middle where there is no focus */
export function focusPoint(focus: string | null): { x: number; y: number } {
  const [x = 50, y = 50] = focus === null ? [] : focus.split(" ").map(Number);
  return { x, y };
}

/** As the value of `object-position` (CSS Images 3, section 5.6). */
export function objectPosition(focus: string | null): string {
  const { x, y } = focusPoint(focus);
  return `${x}% ${y}%`;
}
