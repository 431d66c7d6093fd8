/** The part of the package opentype.js that is used: fonts to outlines. */
declare module 'opentype.js' {
  export type Command =
    | { readonly type: 'M' | 'L'; readonly x: number; readonly y: number }
    | { readonly type: 'Q'; readonly x1: number; readonly y1: number; readonly x: number; readonly y: number }
    | {
        readonly type: 'C';
        readonly x1: number;
        readonly y1: number;
        readonly x2: number;
        readonly y2: number;
        readonly x: number;
        readonly y: number;
      }
    | { readonly type: 'Z' };
  export interface Font {
    readonly unitsPerEm: number;
    readonly tables: { readonly os2?: { readonly sCapHeight?: number } };
    charToGlyphIndex(char: string): number;
    getPath(text: string, x: number, y: number, size: number): { readonly commands: readonly Command[] };
  }
  export function parse(buffer: ArrayBuffer): Font;
}
