import { downloadPlan } from '../../../../../server/download';

export const dynamic = 'force-dynamic';

/** The plan as a document that can be opened again. */
export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return downloadPlan((await params).id);
}
