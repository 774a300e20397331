import { stockOf } from '../../../catalogue/catalogue';
import { depthOf, type Pallet } from '../../../catalogue/pallets';
import type { Pair } from '../../../geometry/polygon';
import type { SectionId } from '../../../catalogue/stock';
import { chain } from '../../../design/chain';
import { placed, type Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { blockOf, type Block } from '../../../design/shapes/block';
import { add, cross, minus, reach, scale, unit, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Guard } from '../../../site/visitors';
import { fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { driveStake, POINT, type SetPost } from '../../assemblies/set-post';
import type { Sizing } from '../../kind';
import { standingGuard } from '../../rules/barrier';
import { runViews, terrainOf, type Leg } from '../../rules/run';
import { lastingTimber } from '../../rules/timber-knobs';
import { onEdge, palletOf, type PalletFenceValues, type PathSetting } from './knobs';
import { edgesOf, layPallets, type Laid } from './lay';

/** Wire that a tie takes round a bearer and a stake, twice (from memory). mm. */
const TIE_MM = inches(24);
/** The board over a joint lies so far under the top (from memory). mm. */
const BOARD_DOWN_MM = inches(6);
/** A stake ends so far under the top of its pallets (from memory). mm. */
const STAKE_DOWN_MM = inches(4);
/** Beside a gate so much is left free at both sides (from memory). mm. */
const FREE_MM = inches(0.75);

/** What its own checks and mends ask for. */
export interface PalletFenceFacts {
  guard: Guard;
  spots: readonly (readonly [number, number])[];
  pallets: number;
  sawn: number;
  /** Of its gate: there is one, and it is a whole pallet with another on either side. */
  gate: 'none' | 'fits' | 'does not fit';
}

interface Stood extends Laid {
  block: Block;
}

/** The slope of a leg: along it on the soil, and up out of that. */
const waysOf = (leg: Leg): { along: Point; up: Point } => {
  const along = unit(minus(leg.to, leg.from));
  return { along, up: cross(along, leg.out) };
};
const onSoil = (leg: Leg, alongMm: number, outMm = 0): Point =>
  add(add(leg.from, scale(waysOf(leg).along, alongMm)), scale(leg.out, outMm));

/** Sizes the fence: pallets on edge in each stretch, stakes at their joints, boards over those, one hung as the gate. */
export function sizePalletFence(v: PalletFenceValues, setting: PathSetting): Sizing<PalletFenceFacts> {
  const pallet = palletOf(v);
  const { longMm, highMm } = onEdge(pallet);
  const thickMm = depthOf(pallet);
  const { legs, pallets } = layPallets(setting.place, { palletMm: longMm, thickMm });
  const gateAt = v.gate === 'pallet' ? v.gateNo - 1 : -1;
  const gateFits =
    pallets[gateAt]?.isSawn === false && [-1, 1].every((by) => pallets[gateAt + by]?.leg === pallets[gateAt]?.leg);
  const stood = pallets.map((one, i): Stood => {
    const { along, up } = waysOf(one.leg);
    const isGate = gateFits && i === gateAt;
    const nth = pallets.slice(0, i).filter(({ leg }) => leg === one.leg).length + 1;
    const free = isGate ? FREE_MM : 0;
    return {
      ...one,
      block: blockOf({
        id: `pallet-r${one.leg.index + 1}-${nth}`,
        role: isGate ? 'gate pallet' : 'pallet',
        of: { id: v.pallet, longMm: one.longMm - 2 * free, wideMm: thickMm, highMm },
        corner: onSoil(one.leg, one.fromMm + free, -thickMm / 2),
        along,
        up,
        lines: slatsOf(pallet, one.longMm - 2 * free),
      }),
    };
  });
  const stakes = stakesAt(v, setting, stood, legs, { thickMm, highMm });
  const boards = v.joints === 'boards' ? boardsOver(v, setting, stood, { thickMm, highMm }) : null;
  const parts = [...stood.map(({ block }) => block), ...stakes.parts, ...(boards?.parts ?? [])];
  const lengthMm = legs.reduce((sum, leg) => sum + reach(leg.from, leg.to), 0);
  // Slats lie across its bearers, spread along them.
  const openMm = (pallet.tallMm - pallet.fronts * pallet.boardWideMm) / (pallet.fronts - 1);
  return {
    design: placed({
      // Stakes stand behind, on the garden’s side.
      ...together(stakes, { parts: stood.map(({ block }) => block) }, boards, {
        reasons: {
          pallet: fact('count.pallets', { sawn: stood.filter(({ isSawn }) => isSawn).length }),
          'gate pallet': fact('count.gate'),
          stake: fact('count.stakes'),
          board: fact('count.boards'),
          'pallet to stake': fact('count.ties'),
          'gate hung': fact('count.gate-ties'),
          'board over joint': fact('count.board-screws'),
        },
      }),
      ground: terrainOf({ legs }),
      builtMm: lengthMm,
      views: runViews(
        legs.toSorted((a, b) => b.longMm - a.longMm),
        (leg) => parts.flatMap(({ id }) => (id.includes(`-r${leg.index + 1}-`) ? [id] : [])),
      ),
      marks: legs.flatMap((leg) => {
        const own = stood.filter((one) => one.leg === leg);
        const taped = edgesOf(own);
        const level = leg.longMm / reach(leg.from, leg.to);
        const view = `side-${leg.index + 1}` as const;
        return [
          chain(
            view,
            'x',
            'pallets',
            taped.map((at) => at * level),
            taped,
          ),
          ...(leg.index === 0 ? [chain(view, 'z', 'heights', [-v.depth, 0, highMm])] : []),
        ];
      }),
      handles: legs.slice(0, 1).map(({ from }) => ({
        knob: 'depth',
        view: 'end' as const,
        at: add(from, [0, 0, -v.depth]),
        axis: 'up' as const,
        perMm: -1,
      })),
    }),
    facts: {
      guard: standingGuard(null, openMm, {
        heightMm: highMm,
        second: setting.second,
        buriedMm: 0,
        apronMm: 0,
        underMm: 0,
        looseTopMm: 0,
        ...(gateFits ? { besideMm: FREE_MM } : {}),
      }),
      spots: setting.place.spots.map(({ xMm, yMm }) => [xMm, yMm] as const),
      pallets: stood.length,
      sawn: stood.filter(({ isSawn }) => isSawn).length,
      gate: v.gate === 'none' ? 'none' : gateFits ? 'fits' : 'does not fit',
    },
  };
}

/** The edges of the slats of its better side, as it stands on its long edge, as long as it is left. mm. */
function slatsOf(pallet: Pallet, longMm: number): (readonly [Pair, Pair])[] {
  const { highMm } = onEdge(pallet);
  const upright = pallet.tallMm >= pallet.wideMm;
  const step = (pallet.tallMm - pallet.boardWideMm) / (pallet.fronts - 1);
  return Array.from({ length: pallet.fronts }, (_, i) => [i * step, i * step + pallet.boardWideMm])
    .flat()
    .filter((at) => at > 1 && at < (upright ? longMm : highMm) - 1)
    .map((at) =>
      upright
        ? ([
            [at, 0],
            [at, highMm],
          ] as const)
        : ([
            [0, at],
            [longMm, at],
          ] as const),
    );
}

/** A stake on the garden's side of every joint and end, tied to the pallets that meet there; a gate is hung on one of its two and only shuts on the other. */
function stakesAt(
  v: PalletFenceValues,
  setting: PathSetting,
  stood: readonly Stood[],
  legs: readonly Leg[],
  o: { thickMm: number; highMm: number },
) {
  const of = stockOf(setting.catalogue, lastingTimber(setting, v.stakeOf as SectionId), 'timber');
  const made = legs.flatMap((leg) => {
    const own = stood.filter((one) => one.leg === leg);
    // A pallet lies square to its ground, and a stake goes along its edge.
    const ways = waysOf(leg);
    return edgesOf(own).map((atMm, n) => {
      const pallets = [own[n - 1], own[n]].flatMap((one) => one ?? []);
      const [first, last] = [n === 0, n === own.length];
      // At an end it stands a little in, where it has wood behind it; elsewhere half behind each.
      const along = atMm + (first ? of.wideMm / 2 : last ? -of.wideMm / 2 : 0);
      const face = o.thickMm / 2;
      const stake: SetPost = driveStake({
        id: `stake-r${leg.index + 1}-${n + 1}`,
        foot: onSoil(leg, along, face + of.thickMm / 2),
        aboveMm: o.highMm - STAKE_DOWN_MM,
        depthMm: v.depth,
        of,
        setting,
        set: 'driven',
        point: POINT,
        wide: ways.along,
        up: ways.up,
      });
      const joints = pallets.flatMap((one): Joint[] => {
        const isGate = one.block.role === 'gate pallet';
        // The gate hangs on its near stake.
        if (isGate && one.fromMm < atMm - 1) return [];
        const side = Math.abs(one.fromMm - atMm) < Math.abs(one.fromMm + one.longMm - atMm) ? 1 : -1;
        return [
          {
            id: `${one.block.id}-${stake.id}`,
            kind: isGate ? 'gate hung' : 'pallet to stake',
            places: [0.25, 0.75].map((share) =>
              add(
                onSoil(leg, along + (side * of.wideMm) / 4, face),
                scale(ways.up, (o.highMm - STAKE_DOWN_MM) * share),
              ),
            ),
            parts: [one.block.id, stake.id],
            fixings: [{ stock: 'tie-wire', count: 2, eachMm: TIE_MM }],
          },
        ];
      });
      return { stake, joints };
    });
  });
  return { parts: made.map(({ stake }) => stake), joints: made.flatMap(({ joints }) => joints) };
}

/** Half a board over each joint of two pallets in one line, outside, high up; none over the sides of the gate. */
function boardsOver(
  v: PalletFenceValues,
  setting: PathSetting,
  stood: readonly Stood[],
  o: { thickMm: number; highMm: number },
) {
  const of = stockOf(setting.catalogue, lastingTimber(setting, v.boardOf as SectionId), 'timber');
  const made = stood.flatMap((one, i) => {
    const next = stood[i + 1];
    if (!next || next.leg !== one.leg || [one, next].some(({ block }) => block.role === 'gate pallet')) return [];
    const { along, up } = waysOf(one.leg);
    const half = Math.min(inches(24), one.longMm / 2, next.longMm / 2) - inches(0.5);
    const middle = add(
      onSoil(one.leg, (one.fromMm + one.longMm + next.fromMm) / 2, -(o.thickMm + of.thickMm) / 2),
      scale(up, o.highMm - BOARD_DOWN_MM - of.wideMm / 2),
    );
    const board: Bar = barOf({
      id: `board-r${one.leg.index + 1}-${one.block.id.split('-').at(-1)}`,
      role: 'board',
      of,
      from: add(middle, scale(along, -half)),
      to: add(middle, scale(along, half)),
      wide: up,
    });
    const joint = ({ block }: Stood, side: 1 | -1): Joint => ({
      id: `${board.id}-${block.id}`,
      kind: 'board over joint',
      places: [add(add(middle, scale(along, (side * half) / 2)), scale(one.leg.out, of.thickMm / 2))],
      parts: [board.id, block.id],
      // Into a slat or a bearer, wherever there is one behind: every pallet’s are elsewhere.
      fixings: [{ stock: 'screw-40', count: 3 }],
    });
    return [{ board, joints: [joint(one, -1), joint(next, 1)] }];
  });
  return { parts: made.map(({ board }) => board), joints: made.flatMap(({ joints }) => joints) };
}
