import { download } from '../../../../../server/download';

export const dynamic = 'force-dynamic';

/** The views and templates of one structure (`?structure=`) at full size as DXF, release 12, millimetres; its figures in the lengths of who asks. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const query = new URL(request.url).searchParams;
  return download(request, id, (units) => ({ make: 'dxf', structure: query.get('structure') ?? '', units }));
}
