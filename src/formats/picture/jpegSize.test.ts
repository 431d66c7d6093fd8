import { describe, expect, it } from 'vitest';
import { jpegSize } from './jpegSize';

/** A JPEG's beginning by hand after ITU T.81: SOI, APP0 of 16, SOF0 of 17 with 8 bits, height, width. */
const BEFORE = [0xff, 0xd8, 0xff, 0xe0, 0, 16, 0x4a, 0x46, 0x49, 0x46, 0, 1, 1, 0, 0, 1, 0, 1, 0, 0]; // prettier-ignore
const AFTER = [3, 1, 0x22, 0, 2, 0x11, 1, 3, 0x11, 1];

const head = (height: number, width: number, marker = 0xc0) => {
  const size = [height >> 8, height & 255, width >> 8, width & 255];
  return Uint8Array.from([...BEFORE, 0xff, marker, 0, 17, 8, ...size, ...AFTER]);
};

describe('size of a JPEG', () => {
  it('is read from its frame, baseline and progressive', () => {
    expect(jpegSize(head(480, 640))).toEqual({ width: 640, height: 480 });
    expect(jpegSize(head(3000, 4000, 0xc2))).toEqual({ width: 4000, height: 3000 });
  });
  it('a table of codes is no frame', () => expect(jpegSize(head(480, 640, 0xc4))).toBeNull());
  it('what is none, or torn, has none', () => {
    expect(jpegSize(new Uint8Array())).toBeNull();
    expect(jpegSize(Uint8Array.from([0x89, 0x50, 0x4e, 0x47]))).toBeNull();
    const whole = head(480, 640);
    for (let n = 0; n < 29; n++) expect(jpegSize(whole.slice(0, n))).toBeNull();
    expect(jpegSize(head(0, 640))).toBeNull();
  });
});
