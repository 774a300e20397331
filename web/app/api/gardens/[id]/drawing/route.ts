import { setOnPaper } from '@lignum/core/drawing/sheet';
import { PRINT_STYLE } from '@lignum/core/drawing/inks';
import { toSvg } from '@lignum/core/drawing/svg';
import { drawViews } from '@lignum/core/drawing/views';
import { computeAs } from '@lignum/core/plan/compute-as';
import { kindOf } from '@lignum/core/structures/registry';
import { download, fileName } from '../../../../../server/download';

export const dynamic = 'force-dynamic';

/** One view (`?view=`) of one structure (`?structure=`) as an SVG that stands alone. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const query = new URL(request.url).searchParams;
  return download(id, (plan, units) => {
    const structure = plan.structures.find((one) => one.id === query.get('structure'));
    if (!structure) return null;
    const { sized, around } = computeAs(kindOf, plan, structure);
    const view = drawViews(sized.design, around).find((one, i) =>
      query.has('view') ? one.id === query.get('view') : i === 0,
    );
    if (!view) return null;
    return {
      name: `${fileName(structure.name)}-${view.id}.svg`,
      type: 'image/svg+xml',
      text: toSvg(setOnPaper(view, { widthPx: 1100, heightPx: 520, units }), PRINT_STYLE),
    };
  });
}
