/**
 * Text that a terminal shows and does not obey: names of files and words of posts may hold its control sequences (ECMA-48), and signs
 * that turn the direction of what follows.
 */
export const printable = (text: string): string =>
  text
    .toWellFormed()
    // biome-ignore lint/suspicious/noControlCharactersInRegex: what must not reach a terminal
    .replace(/[\u0000-\u0009\u000b-\u001f\u007f-\u009f\u202a-\u202e\u2066-\u2069]/g, (sign) =>
      sign === "\t" ? sign : `\\u${sign.charCodeAt(0).toString(16).padStart(4, "0")}`,
    );
