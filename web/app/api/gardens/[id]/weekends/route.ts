import { paperFrom } from '../../../../../sheets/paper-choice';
import { stillToBuild } from '../../../../../server/still-to-build';
import { download } from '../../../../../server/download';

/** Two years of weeks. */
const MOST_LETTERS = 1100;

export const dynamic = 'force-dynamic';

/** The weekends as a PDF on A4, Letter, A3 or Tabloid (`?paper=`): the days in their order and a page a day; with `&pack=1` the plot, the list, the cuts and the plan of everything that is built, in the order in which it is begun; with `&weeks=2027-02-15,2027-02-22` of those weeks alone, by their Mondays. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const query = new URL(request.url).searchParams;
  return download(request, id, (units, { plan, said }) => ({
    make: 'weekends',
    structure: null,
    units,
    paper: paperFrom(query.get('paper'), units),
    pack: query.has('pack'),
    weeks: query.get('weeks')?.slice(0, MOST_LETTERS).split(',') ?? [],
    ...stillToBuild(plan, said),
  }));
}
