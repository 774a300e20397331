import { download, fileName } from '../../../../../server/download';

export const dynamic = 'force-dynamic';

export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  return download(
    id,
    (plan) => ({
      name: `${fileName(plan.garden.name)}.lignum.json`,
      type: 'application/json',
      text: `${JSON.stringify(plan, null, 2)}\n`,
    }),
    'meant',
  );
}
