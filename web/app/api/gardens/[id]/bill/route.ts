import { download } from '../../../../../server/download';

export const dynamic = 'force-dynamic';

/** The bill of the whole garden, or of `?structure=`, as CSV, in the lengths of who asks. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const query = new URL(request.url).searchParams;
  return download(request, id, (units) => ({ make: 'bill', structure: query.get('structure'), units }));
}
