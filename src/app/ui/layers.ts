/**
 * Where what floats is drawn: beside what it floats over, never around it. On the element that it draws into, React listens to every
 * key from then on, so that each key typed into a text would be looked at once more by every layer around the text.
 */

/** What floats over the whole page. */
export const overPage = (): HTMLElement | null => document.getElementById("layer");

/** What belongs to an element: in the page's main part where that stands there, since all that is read is in a landmark. */
export const overContent = (element: Element | null): HTMLElement | null =>
  element?.closest("main") ? document.getElementById("content-layer") : overPage();
