import { byUrgency, type Verdict } from '../checks/check';
import { shadesNorth } from '../checks/shades-north';
import { plantsOf } from '../design/design';
import { runsOf } from '../site/plot';
import { hoursBehind, midSeason } from '../site/sun/row-shadow';
import { toPlot } from '../site/frame';
import type { SeenStructure } from './compute-as';
import type { Plan } from './plan';
import { footholdOf } from '../site/stands/stands';

const judged = new WeakMap<SeenStructure, { beds: Plan['beds']; site: Plan['site']; said: Verdict | null }>();

/**
 * A computed structure with what its row in full leaf takes from the light of other beds, where it runs east–west.
 * Decision 29.
 */
export function withShadow<C extends SeenStructure>(plan: Plan, computed: C): C {
  const { beds, site } = plan;
  const before = judged.get(computed);
  const said =
    before?.beds === beds && before.site === site ? before.said : shadesNorth({ worst: worstOf(plan, computed) });
  judged.set(computed, { beds, site, said });
  return said ? { ...computed, verdicts: byUrgency([...computed.verdicts, { ...said, mend: null }]) } : computed;
}

/** The bed that is left longest without sun by a row that runs east–west on another. */
function worstOf({ beds, site }: Plan, { sized, frame, setting }: SeenStructure) {
  const { own } = footholdOf(setting.place);
  const { hold } = sized.design;
  const plants = plantsOf(sized.design);
  const [first, last] = [plants[0], plants.at(-1)];
  if (!own || !first || !last) return null;
  if (runsOf(own, site.northDeg) !== 'east–west') return null;
  const wall = [toPlot(frame, first.at[0], first.at[1]), toPlot(frame, last.at[0], last.at[1])] as const;
  const heldMm = plants.reduce((most, { heldToMm }) => Math.max(most, heldToMm), 0);
  const highMm = Math.min(heldMm, hold?.topMm.most ?? Infinity);
  const samples = midSeason(site);
  const of = samples.reduce((sum, { hours }) => sum + hours, 0);
  let worst: { bed: string; hours: number; of: number } | null = null;
  for (const bed of beds) {
    if (bed.id === own.id) continue;
    const hours = hoursBehind(wall, highMm, [bed.xMm, bed.yMm], samples, site.northDeg);
    if (!worst || hours > worst.hours) worst = { bed: bed.name, hours, of };
  }
  return worst;
}
