import { marksCsv } from '@lignum/core/formats/marks-csv';
import { computeAs } from '@lignum/core/plan/compute-as';
import { kindOf } from '@lignum/core/structures/registry';
import { download, fileName } from '../../../../../server/download';

export const dynamic = 'force-dynamic';

/** The marks of one structure (`?structure=`) as CSV, in the lengths of who asks. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const wanted = new URL(request.url).searchParams.get('structure');
  return download(id, (plan, units) => {
    const structure = plan.structures.find((one) => one.id === wanted);
    if (!structure) return null;
    return {
      name: `${fileName(structure.name)}-marks.csv`,
      type: 'text/csv',
      text: marksCsv(computeAs(kindOf, plan, structure), plan.crops, units),
    };
  });
}
