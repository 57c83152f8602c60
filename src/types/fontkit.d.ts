declare module "fontkit" {
  interface Font {
    unitsPerEm: number;
    hasGlyphForCodePoint(code: number): boolean;
    glyphForCodePoint(code: number): { advanceWidth: number };
  }
  export function create(bytes: Uint8Array): Font;
}
