import { paperFrom } from '../../../../../sheets/paper-choice';
import { download } from '../../../../../server/download';

export const dynamic = 'force-dynamic';

/** The sheets of one structure (`?structure=`), with labels for its pieces (`&labels=1`) and the sum of its strength (`&sum=1`), as its part of the garden’s cutting plan or built alone (`&alone=1`); or those of the whole garden, with the plan of every structure (`?plans=1`), as a PDF, on A4, Letter, A3 or Tabloid (`?paper=`). */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const query = new URL(request.url).searchParams;
  return download(request, id, (units) => ({
    make: 'sheets',
    structure: query.get('structure'),
    units,
    paper: paperFrom(query.get('paper'), units),
    labels: query.has('labels'),
    sum: query.has('sum'),
    alone: query.has('alone'),
    plans: query.has('plans'),
  }));
}
