import { isGuarded } from '../server/guarded';
import { askedFrom, FIRST_PAGE } from '../server/asked';
import { copies } from '../server/copies';
import { readForPage } from '../server/garden-of-request';
import { listBin, listGardens } from '../server/garden-store';
import { Gardens } from '../views/gardens/gardens';

export const dynamic = 'force-dynamic';

type Search = Promise<Record<string, string | string[] | undefined>>;

export default async function GardensPage({ searchParams }: { searchParams: Search }) {
  const said = Object.entries(await searchParams).flatMap(([name, value]): [string, string][] =>
    typeof value === 'string' ? [[name, value]] : [],
  );
  const read = askedFrom(said);
  const asked = read.ok ? read.value : FIRST_PAGE;
  const [page, bin] = await readForPage((db) => Promise.all([listGardens(db, asked), listBin(db)]));
  return <Gardens page={page} bin={bin} copies={copies()} guarded={isGuarded()} />;
}
