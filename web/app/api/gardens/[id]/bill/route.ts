import { billCsv } from '@lignum/core/formats/bill-csv';
import { download, fileName } from '../../../../../server/download';

export const dynamic = 'force-dynamic';

/** The bill of the whole garden, or of `?structure=`, as CSV, in the lengths of who asks. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const wanted = new URL(request.url).searchParams.get('structure');
  return download(id, (plan, units) => {
    const structure = plan.structures.find((one) => one.id === wanted);
    if (wanted && !structure) return null;
    return {
      name: `${fileName(structure?.name ?? plan.garden.name)}-bill.csv`,
      type: 'text/csv',
      text: billCsv(plan, units, structure?.id),
    };
  });
}
