import { isGuarded } from '../kept/guarded';
import { copies } from '../server/copies';
import { readForPage } from '../server/garden-of-request';
import { listBin, listGardens } from '../server/garden-store';
import { Gardens } from '../views/gardens/gardens';

export const dynamic = 'force-dynamic';

export default async function GardensPage() {
  const [gardens, bin] = await readForPage((db) => Promise.all([listGardens(db), listBin(db)]));
  return <Gardens gardens={gardens} bin={bin} copies={copies()} guarded={isGuarded()} />;
}
