import fc from 'fast-check';
import { expect, it } from 'vitest';
import { jpegOf } from './jpeg';

const segment = (marker: number, body: readonly number[]): number[] => [
  0xff,
  marker,
  (body.length + 2) >> 8,
  (body.length + 2) & 255,
  ...body,
];
const frame = (wide: number, high: number, marker = 0xc0): number[] =>
  segment(marker, [8, high >> 8, high & 255, wide >> 8, wide & 255, 1, 1, 0x11, 0]);
const scan = [...segment(0xda, [1, 1, 0, 0, 63, 0]), 0x12, 0x34, 0xff, 0x00, 0x56];
const whole = (...inside: number[][]): Uint8Array =>
  new Uint8Array([0xff, 0xd8, ...inside.flat(), ...scan, 0xff, 0xd9]);
const JFIF = segment(0xe0, [0x4a, 0x46, 0x49, 0x46, 0, 1, 1, 0, 0, 1, 0, 1, 0, 0]);
const ICC = segment(0xe2, [0x49, 0x43, 0x43, 1, 1, 2, 3]);
const side = fc.integer({ min: 1, max: 65535 });

it('a JPEG says how large it is, whatever stands before its frame, and whether it says where it was taken', () => {
  const says = fc.constantFrom(
    segment(0xe1, [0x45, 0x78, 0x69, 0x66, 0, 0]),
    segment(0xfe, [0x68, 0x69]),
    segment(0xed, [1]),
  );
  fc.assert(
    fc.property(side, side, fc.constantFrom(0xc0, 0xc1, 0xc2), fc.option(says), (wide, high, marker, more) => {
      expect(jpegOf(whole(JFIF, ICC, ...(more ? [more] : []), frame(wide, high, marker)))).toEqual({
        widthPx: wide,
        heightPx: high,
        saysMore: more !== null,
      });
    }),
  );
});

it('what is cut short, has no frame, or is anything else is no JPEG, and stops nothing', () => {
  const good = whole(JFIF, frame(640, 480));
  fc.assert(
    fc.property(fc.integer({ min: 0, max: good.length - 1 }), (end) => {
      expect(jpegOf(good.subarray(0, end))).toBeNull();
    }),
  );
  expect(jpegOf(whole(JFIF))).toBeNull();
  expect(jpegOf(whole(JFIF, [0x00, 0xc0], frame(640, 480)))).toBeNull();
  // A segment that says it goes on past the end.
  expect(jpegOf(new Uint8Array([0xff, 0xd8, 0xff, 0xe0, 0xff, 0xff, 1, 0xff, 0xd9]))).toBeNull();
  expect(jpegOf(new TextEncoder().encode('<svg onload=alert(1)>'))).toBeNull();
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 60 }), (bytes) => {
      const read = jpegOf(new Uint8Array([0xff, 0xd8, ...bytes, 0xff, 0xd9]));
      if (read) expect(Math.min(read.widthPx, read.heightPx)).toBeGreaterThanOrEqual(0);
    }),
    { numRuns: 500 },
  );
});
