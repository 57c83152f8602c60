/**
 * Pairs that were written after the rules which the first ones made, to see what those are worth, and that rules were made by since. At first
 * sight, before that, the six languages besides English got a precision of 0.810 and a recall of 0.850.
 */
export { GERMAN } from "./de";
export { ENGLISH } from "./en";
export { SPANISH } from "./es";
export { FRENCH } from "./fr";
export { ITALIAN } from "./it";
export { DUTCH } from "./nl";
export { PORTUGUESE } from "./pt";
