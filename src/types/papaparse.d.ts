/** The part of Papa Parse that is used here. Its published types bring in those of Node.js, which core does without. */
declare module "papaparse" {
  export interface ParseError {
    type: "Quotes" | "Delimiter" | "FieldMismatch";
    code: string;
    message: string;
    row?: number;
  }
  export interface ParseResult {
    data: string[][];
    errors: ParseError[];
    meta: { delimiter: string; linebreak: string; aborted: boolean };
  }
  export interface ParseConfig {
    delimiter?: string;
    newline?: "" | "\r" | "\n" | "\r\n";
    quoteChar?: string;
    preview?: number;
    delimitersToGuess?: string[];
    skipEmptyLines?: boolean;
  }
  const Papa: {
    parse(text: string, config?: ParseConfig): ParseResult;
    unparse(
      data: { fields: string[]; data: (string | number | null)[][] },
      config?: { escapeFormulae?: boolean | RegExp; newline?: string; delimiter?: string },
    ): string;
  };
  export default Papa;
}
