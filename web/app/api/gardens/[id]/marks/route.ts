import { download } from '../../../../../server/download';

export const dynamic = 'force-dynamic';

/** The marks of one structure (`?structure=`) as CSV, in the lengths of who asks. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const query = new URL(request.url).searchParams;
  return download(request, id, (units) => ({ make: 'marks', structure: query.get('structure') ?? '', units }));
}
