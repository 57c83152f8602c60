import type { HardPairs } from "./adversarial";
import { rowsOf } from "./rows";
import * as typed from "./typed";
import { TYPED_SECOND } from "./typedSecond";

const heldOut = rowsOf(TYPED_SECOND);
const pairs = (language: string, text: string): HardPairs => ({
  open: rowsOf(text),
  heldOut: heldOut.filter((row) => row.language === language),
});

/** Keywords as people type them: those that rules were made by, and those that only measure them. */
export const typedPairs: Readonly<Record<string, HardPairs>> = {
  en: pairs("en", typed.ENGLISH),
  de: pairs("de", typed.GERMAN),
  fr: pairs("fr", typed.FRENCH),
  es: pairs("es", typed.SPANISH),
  nl: pairs("nl", typed.DUTCH),
  it: pairs("it", typed.ITALIAN),
  pt: pairs("pt", typed.PORTUGUESE),
};
