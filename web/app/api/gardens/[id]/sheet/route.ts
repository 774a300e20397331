import { computeGarden } from '@lignum/core/plan/compute';
import { computeAs } from '@lignum/core/plan/compute-as';
import { kindOf } from '@lignum/core/structures/registry';
import { download, fileName } from '../../../../../server/download';
import { pdfOf } from '../../../../../server/pdf';
import { paperFrom } from '../../../../../sheets/paper-choice';
import { gardenSheets } from '../../../../../sheets/garden-sheets';
import { structureSheets } from '../../../../../sheets/sheets';

export const dynamic = 'force-dynamic';

/** The sheets of one structure (`?structure=`), with labels for its pieces (`&labels=1`), as its part of the garden’s cutting plan or built alone (`&alone=1`); or those of the whole garden, as a PDF, on A4 or Letter (`?paper=`). */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const query = new URL(request.url).searchParams;
  return download(id, async (plan, units) => {
    const tongue = { units, locale: plan.garden.locale };
    const paper = paperFrom(query.get('paper'), units);
    if (!query.has('structure')) {
      const pages = gardenSheets(plan, computeGarden(plan), tongue, paper);
      return {
        name: `${fileName(plan.garden.name)}.pdf`,
        type: 'application/pdf',
        body: await pdfOf(pages, plan.garden.name),
      };
    }
    const structure = plan.structures.find((one) => one.id === query.get('structure'));
    if (!structure) return null;
    const computed = computeAs(kindOf, plan, structure);
    const pages = structureSheets(plan, computed, tongue, paper, {
      labels: query.has('labels'),
      with: query.has('alone') ? null : computeGarden(plan),
    });
    return {
      name: `${fileName(structure.name)}.pdf`,
      type: 'application/pdf',
      body: await pdfOf(pages, structure.name),
    };
  });
}
