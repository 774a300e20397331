import { answer, refuse, withDatabase } from '../../../../../server/door';
import { endFeed, feedOf, newFeed } from '../../../../../server/feed-store';

export const dynamic = 'force-dynamic';

type Of = { params: Promise<{ id: string }> };

/** The secret at which a calendar follows this garden's weekends, or null. */
export async function GET(_request: Request, { params }: Of): Promise<Response> {
  const { id } = await params;
  return withDatabase(async (db) => answer(200, { secret: await feedOf(db, id) }));
}

/** Makes a new one; the one before is followed no more. */
export async function POST(_request: Request, { params }: Of): Promise<Response> {
  const { id } = await params;
  return withDatabase(async (db) => {
    const secret = await newFeed(db, id);
    return secret ? answer(201, { secret }) : refuse(404, 'This garden is no longer here.');
  });
}

/** Ends it. */
export async function DELETE(_request: Request, { params }: Of): Promise<Response> {
  const { id } = await params;
  return withDatabase(async (db) => {
    await endFeed(db, id);
    return answer(200, { secret: null });
  });
}
