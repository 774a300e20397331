import { copies } from '../server/copies';
import { database } from '../server/database';
import { listBin, listGardens } from '../server/garden-store';
import { Gardens } from '../views/gardens/gardens';

export const dynamic = 'force-dynamic';

export default async function GardensPage() {
  const [gardens, bin, kept] = await Promise.all([listGardens(database()), listBin(database()), copies()]);
  return <Gardens gardens={gardens} bin={bin} copies={kept} />;
}
