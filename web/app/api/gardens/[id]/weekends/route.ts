import { paperFrom } from '../../../../../sheets/paper-choice';
import { stillToBuild } from '../../../../../server/still-to-build';
import { download } from '../../../../../server/download';

export const dynamic = 'force-dynamic';

/** The weekends as a PDF on A4, Letter, A3 or Tabloid (`?paper=`): the days in their order and a page a day; with `&pack=1` the plot, the list, the cuts and the plan of everything that is built, in the order in which it is begun. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const query = new URL(request.url).searchParams;
  return download(request, id, (units, { plan, said }) => ({
    make: 'weekends',
    structure: null,
    units,
    paper: paperFrom(query.get('paper'), units),
    pack: query.has('pack'),
    ...stillToBuild(plan, said),
  }));
}
