import { atTheDoor } from '@lignum/core/formats/door';
import { answer, refuse, withBody, withDatabase } from '../../../../../server/door';
import { FULL, PHOTO_SCHEMA, photosOf, takePhoto, type Sent } from '../../../../../server/photo-store';

export const dynamic = 'force-dynamic';

/** The photos of a garden, without their pictures. */
export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  return withDatabase(async (db) => {
    const photos = await photosOf(db, id);
    return photos ? answer(200, { photos }) : refuse(404, 'This garden is no longer here.');
  });
}

/** Keeps a photo that was made small by the page, as base64; said again it is kept once. */
export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  return withBody(request, async (body, db) => {
    const said = atTheDoor<Sent>(PHOTO_SCHEMA, body);
    if (!said.ok) return refuse(422, 'This photo cannot be kept as it stands.', said.faults);
    const wrong = await takePhoto(db, id, said.value);
    if (wrong === null) return refuse(404, 'This garden is no longer here.');
    return wrong === '' ? answer(200, { kept: said.value.id }) : refuse(wrong === FULL ? 409 : 422, wrong);
  });
}
