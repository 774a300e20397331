import { computeAs } from '@lignum/core/plan/compute-as';
import { kindOf } from '@lignum/core/structures/registry';
import { download, fileName } from '../../../../../server/download';
import { pdfOf } from '../../../../../server/pdf';
import { paperFrom } from '../../../../../views/sheet/paper-choice';
import { structureSheets } from '../../../../../views/sheet/compose/sheets';

export const dynamic = 'force-dynamic';

/** The sheets of one structure (`?structure=`) as a PDF, on A4 or Letter (`?paper=`). */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const query = new URL(request.url).searchParams;
  return download(id, async (plan, units) => {
    const structure = plan.structures.find((one) => one.id === query.get('structure'));
    if (!structure) return null;
    const computed = computeAs(kindOf, plan, structure);
    const pages = structureSheets(
      plan,
      computed,
      { units, locale: plan.garden.locale },
      paperFrom(query.get('paper'), units),
    );
    return {
      name: `${fileName(structure.name)}.pdf`,
      type: 'application/pdf',
      body: await pdfOf(pages, structure.name),
    };
  });
}
