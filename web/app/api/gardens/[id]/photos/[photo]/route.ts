import { atTheDoor } from '@lignum/core/formats/door';
import type { PhotoChange } from '../../../../../../kept/photo';
import { answer, refuse, withBody, withDatabase } from '../../../../../../server/door';
import { CHANGE_SCHEMA, changePhoto, pictureOf } from '../../../../../../server/photo-store';

export const dynamic = 'force-dynamic';

type Of = { params: Promise<{ id: string; photo: string }> };
const GONE = 'This photo is no longer here.';

/** A photo's picture, or the small one (`?small`). It never changes under its name: what keeps the pages of a device keeps it too, and lets go of it with them. */
export async function GET(request: Request, { params }: Of): Promise<Response> {
  const { id, photo } = await params;
  const small = new URL(request.url).searchParams.has('small');
  return withDatabase(async (db) => {
    const bytes = await pictureOf(db, id, photo, small ? 'small' : 'picture');
    return bytes
      ? new Response(new Uint8Array(bytes), {
          headers: {
            'Content-Type': 'image/jpeg',
            'X-Content-Type-Options': 'nosniff',
            'Cache-Control': 'no-store',
          },
        })
      : refuse(404, GONE);
  });
}

/** Says something else of a photo, takes it away (`removed`) or brings it back. */
export async function PUT(request: Request, { params }: Of): Promise<Response> {
  const { id, photo } = await params;
  return withBody(request, async (body, db) => {
    const said = atTheDoor<PhotoChange>(CHANGE_SCHEMA, body);
    if (!said.ok) return refuse(422, 'This cannot be kept as it stands.', said.faults);
    return (await changePhoto(db, id, photo, said.value)) ? answer(200, { changed: photo }) : refuse(404, GONE);
  });
}
