import { seenGarden } from '../../../../../server/seen';

export const dynamic = 'force-dynamic';

/** What follows from the saved garden, as its pages draw it: for a page that came from here. */
export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return seenGarden((await params).id);
}
