/**
 * Keywords as people type them, and sentences as people write them: "reset password", "how to reset your password". Most sentences match; rules were
 * made by them.
 */
export { GERMAN } from "./de";
export { ENGLISH } from "./en";
export { SPANISH } from "./es";
export { FRENCH } from "./fr";
export { ITALIAN } from "./it";
export { DUTCH } from "./nl";
export { PORTUGUESE } from "./pt";
