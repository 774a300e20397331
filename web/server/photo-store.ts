import { and, asc, count, eq, isNotNull, isNull, lt } from 'drizzle-orm';
import Joi from 'joi';
import { LONG_PX, MOST_BYTES, MOST_PHOTOS, type Photo, type PhotoChange, type Side } from '../kept/photo';
import type { Database } from './database';
import { jpegOf, type Jpeg } from './jpeg';
import { gardens, photos } from './schema';
import { inTransaction } from './transaction';

/** What was taken away can be brought back for so long, as a garden can. */
const KEPT_DAYS = 30;

const day = Joi.string()
  .pattern(/^\d{4}-\d{2}-\d{2}$/, 'a day such as 2027-03-06')
  .custom((value: string, helpers) => {
    const read = new Date(`${value}T00:00:00Z`);
    return !Number.isNaN(read.getTime()) && read.toISOString().startsWith(value)
      ? value
      : helpers.message({ custom: `"${value}" is no day of the calendar` });
  });
/** Three characters of base64 hold no more than two bytes and a bit. */
const picture = (side: Side) =>
  Joi.string()
    .base64()
    .max(Math.ceil(MOST_BYTES[side] / 3) * 4)
    .required();
const said = {
  structure: Joi.string().allow('').max(80),
  part: Joi.string().allow('').max(120),
  takenOn: day,
  note: Joi.string().allow('').max(200),
};

/** What is said when no more photos can be kept: the device goes on keeping what it has. */
export const FULL = `This garden has ${MOST_PHOTOS} photos, which is the most: remove some that are not needed any more, and those that wait on this device follow.`;

/** A photo as a device sends it. */
export interface Sent extends Omit<Photo, 'widthPx' | 'heightPx'> {
  picture: string;
  small: string;
}
export const PHOTO_SCHEMA = Joi.object<Sent>({
  id: Joi.string()
    .pattern(/^[a-z0-9-]{8,40}$/, 'lower-case letters, digits and -')
    .required(),
  structure: said.structure.required(),
  part: said.part.required(),
  takenOn: said.takenOn.required(),
  note: said.note.required(),
  person: Joi.string().allow('').max(40).required(),
  picture: picture('picture'),
  small: picture('small'),
});
export const CHANGE_SCHEMA = Joi.object<PhotoChange>({ ...said, removed: Joi.boolean() }).min(1);

const SHOWN = {
  id: photos.id,
  structure: photos.structure,
  part: photos.part,
  takenOn: photos.takenOn,
  note: photos.note,
  person: photos.person,
  widthPx: photos.widthPx,
  heightPx: photos.heightPx,
};
const of = (garden: string) => and(eq(photos.gardenId, garden), isNull(photos.removedAt));

const isThere = async (db: Database, garden: string): Promise<boolean> =>
  (
    await db
      .select({ id: gardens.id })
      .from(gardens)
      .where(and(eq(gardens.id, garden), isNull(gardens.binnedAt)))
  ).length > 0;

/** The photos of a garden, in the order in which they were added; null where there is no such garden. */
export async function photosOf(db: Database, garden: string): Promise<Photo[] | null> {
  if (!(await isThere(db, garden))) return null;
  return db.select(SHOWN).from(photos).where(of(garden)).orderBy(asc(photos.addedAt), asc(photos.id));
}

/** A photo's picture, large or small; null where there is none, or it was taken away. */
export async function pictureOf(db: Database, garden: string, id: string, side: Side): Promise<Buffer | null> {
  const [found] = await db
    .select({ bytes: photos[side] })
    .from(photos)
    .where(and(of(garden), eq(photos.id, id)));
  return found?.bytes ?? null;
}

/** The pictures of what was sent, or a sentence of what is wrong with one. */
function looked(sent: Sent): { ok: true; picture: Buffer; small: Buffer; jpeg: Jpeg } | { ok: false; message: string } {
  const read = (side: Side): { bytes: Buffer; jpeg: Jpeg } | string => {
    const bytes = Buffer.from(sent[side], 'base64');
    const jpeg = jpegOf(bytes);
    const name = side === 'small' ? 'The small picture' : 'The picture';
    if (!jpeg) return `${name} is no whole JPEG.`;
    const long = Math.max(jpeg.widthPx, jpeg.heightPx);
    if (long > LONG_PX[side] || long === 0)
      return `${name} is ${jpeg.widthPx} × ${jpeg.heightPx} pixels; at most ${LONG_PX[side]} may be on its long side.`;
    if (bytes.byteLength > MOST_BYTES[side])
      return `${name} is ${bytes.byteLength} bytes; at most ${MOST_BYTES[side]} may be.`;
    return jpeg.saysMore ? `${name} says where or with what it was taken: that is not kept.` : { bytes, jpeg };
  };
  const [large, small] = [read('picture'), read('small')];
  if (typeof large === 'string') return { ok: false, message: large };
  if (typeof small === 'string') return { ok: false, message: small };
  return { ok: true, picture: large.bytes, small: small.bytes, jpeg: large.jpeg };
}

/**
 * Keeps a photo; one that is sent again is known, and kept once. What was taken away long ago goes for good, and sooner
 * where there would be no room. Null where there is no such garden, else what is wrong with it or ''.
 */
export async function takePhoto(db: Database, garden: string, sent: Sent): Promise<string | null> {
  const read = looked(sent);
  if (!read.ok) return read.message;
  return inTransaction(db, async (tx) => {
    // What two devices send at once is counted one after the other.
    const [there] = await tx
      .select({ id: gardens.id })
      .from(gardens)
      .where(and(eq(gardens.id, garden), isNull(gardens.binnedAt)))
      .for('no key update');
    if (!there) return null;
    const [known] = await tx
      .select({ id: photos.id })
      .from(photos)
      .where(and(eq(photos.gardenId, garden), eq(photos.id, sent.id)));
    if (known) return '';
    const away = and(eq(photos.gardenId, garden), isNotNull(photos.removedAt));
    await tx.delete(photos).where(and(away, lt(photos.removedAt, new Date(Date.now() - KEPT_DAYS * 86_400_000))));
    const many = async (): Promise<number> =>
      (await tx.select({ many: count() }).from(photos).where(eq(photos.gardenId, garden)))[0]?.many ?? 0;
    if ((await many()) >= MOST_PHOTOS) await tx.delete(photos).where(away);
    if ((await many()) >= MOST_PHOTOS) return FULL;
    const { id, structure, part, takenOn, note, person } = sent;
    await tx.insert(photos).values({
      gardenId: garden,
      id,
      structure,
      part,
      takenOn,
      note,
      person,
      widthPx: read.jpeg.widthPx,
      heightPx: read.jpeg.heightPx,
      picture: read.picture,
      small: read.small,
    });
    return '';
  });
}

/** Says something else of a photo, takes it away or brings it back; whether there is such a one. */
export async function changePhoto(db: Database, garden: string, id: string, change: PhotoChange): Promise<boolean> {
  const { removed, ...fields } = change;
  if (!(await isThere(db, garden))) return false;
  const changed = await db
    .update(photos)
    .set({ ...fields, ...(removed === undefined ? {} : { removedAt: removed ? new Date() : null }) })
    .where(and(eq(photos.gardenId, garden), eq(photos.id, id)))
    .returning({ id: photos.id });
  return changed.length > 0;
}
