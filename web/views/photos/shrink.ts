import { LONG_PX, MOST_BYTES, type Side } from '../../kept/photo';

/** How much of a picture is kept, from fine to coarse, until it is light enough (from memory). */
const QUALITIES = [0.82, 0.7, 0.55, 0.4] as const;
/** And then so much smaller each time. */
const SMALLER = 0.75;

/** As a picture on its way: drawn anew, so that nothing else is left of it than what is seen. */
async function drawn(picture: ImageBitmap, side: Side): Promise<Blob> {
  const long = Math.max(picture.width, picture.height);
  for (let px = Math.min(LONG_PX[side], long); px >= 64; px = Math.floor(px * SMALLER)) {
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round((picture.width * px) / long));
    canvas.height = Math.max(1, Math.round((picture.height * px) / long));
    const pen = canvas.getContext('2d');
    if (!pen) throw new Error('This browser draws no pictures.');
    // What is see-through comes to lie on white.
    pen.fillStyle = '#fff';
    pen.fillRect(0, 0, canvas.width, canvas.height);
    pen.imageSmoothingQuality = 'high';
    pen.drawImage(picture, 0, 0, canvas.width, canvas.height);
    for (const quality of QUALITIES) {
      const blob = await new Promise<Blob | null>((take) => canvas.toBlob(take, 'image/jpeg', quality));
      if (blob && blob.size <= MOST_BYTES[side]) return blob;
    }
  }
  throw new Error('It cannot be made small enough.');
}

/** A photo made small on the device: a picture and a still smaller one; null for what is no picture this browser reads. */
export async function shrunk(file: Blob): Promise<Record<Side, Blob> | null> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (!picture) return null;
  try {
    return { picture: await drawn(picture, 'picture'), small: await drawn(picture, 'small') };
  } finally {
    picture.close();
  }
}
