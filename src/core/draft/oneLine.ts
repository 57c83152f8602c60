// biome-ignore lint/suspicious/noControlCharactersInRegex: control characters are what it removes
const CONTROL = /[\u0000-\u0008\u000b\u000e-\u001f\u007f-\u009f\ufffe\uffff]/g;

/** A field as every reader of this project writes it: one line, single blanks, nothing that cannot be seen or stored. */
export function oneLine(text: string): string {
  return text
    .toWellFormed()
    .replace(CONTROL, "")
    .replace(/[ \t\r\n\f]+/g, " ")
    .trim();
}
