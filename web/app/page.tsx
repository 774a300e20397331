import { database } from '../server/database';
import { listGardens } from '../server/garden-store';
import { Gardens } from '../views/gardens/gardens';

export const dynamic = 'force-dynamic';

export default async function GardensPage() {
  return <Gardens gardens={await listGardens(database())} />;
}
