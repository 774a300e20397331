import { download } from '../../../../../server/download';

export const dynamic = 'force-dynamic';

/** One view (`?view=`) of one structure (`?structure=`) as an SVG that stands alone. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const query = new URL(request.url).searchParams;
  const [structure, view] = [query.get('structure') ?? '', query.get('view')];
  return download(request, id, (units) => ({ make: 'drawing', structure, view, units }));
}
