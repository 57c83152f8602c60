export { GERMAN } from "./de";
export { ENGLISH } from "./en";
export { SPANISH } from "./es";
export { FRENCH } from "./fr";
export { ITALIAN } from "./it";
export { DUTCH } from "./nl";
export { PORTUGUESE } from "./pt";
