/** What a JPEG says of itself. */
export interface Jpeg {
  widthPx: number;
  heightPx: number;
  /** It carries more than a picture: where and with what it was taken (Exif, XMP), or words. */
  saysMore: boolean;
}

/** Markers of JPEG (ITU-T T.81, table B.1): start and end of an image, start of a scan, of a frame that is coded by Huffman; APP1, APP13 and comments. */
const [SOI, EOI, SOS] = [0xd8, 0xd9, 0xda];
const FRAMES = new Set([0xc0, 0xc1, 0xc2]);
const SAYS_MORE = new Set([0xe1, 0xed, 0xfe]);

/**
 * Reads the head of a JPEG as far as its first scan (ITU-T T.81, B.2.1 and B.2.2); null for what is none, or is cut short.
 * @example jpegOf(bytes)?.widthPx // 1600
 */
export function jpegOf(bytes: Uint8Array): Jpeg | null {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const long = bytes.byteLength;
  const is = (at: number, marker: number): boolean => bytes[at] === 0xff && bytes[at + 1] === marker;
  if (long < 4 || !is(0, SOI) || !is(long - 2, EOI)) return null;
  let frame: Pick<Jpeg, 'widthPx' | 'heightPx'> | null = null;
  let saysMore = false;
  for (let at = 2; at + 4 <= long;) {
    const marker = bytes[at + 1] as number;
    if (bytes[at] !== 0xff) return null;
    if (marker === SOS) return frame && { ...frame, saysMore };
    const size = view.getUint16(at + 2);
    if (size < 2 || at + 2 + size > long) return null;
    saysMore ||= SAYS_MORE.has(marker);
    // Length, precision, lines, samples a line.
    if (FRAMES.has(marker)) {
      if (size < 8) return null;
      frame = { heightPx: view.getUint16(at + 5), widthPx: view.getUint16(at + 7) };
    }
    at += 2 + size;
  }
  return null;
}
