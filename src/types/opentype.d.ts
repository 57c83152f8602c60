declare module "opentype.js" {
  interface Font {
    unitsPerEm: number;
    tables: { cmap: { glyphIndexMap: Record<string, number> } };
    charToGlyphIndex(char: string): number;
    glyphs: { get(index: number): { advanceWidth?: number } };
  }
  const opentype: { parse(buffer: ArrayBufferLike): Font };
  export default opentype;
}
