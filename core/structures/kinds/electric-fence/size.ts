import { stockOf } from '../../../catalogue/catalogue';
import type { SectionId } from '../../../catalogue/stock';
import { ascending, chain } from '../../../design/chain';
import { placed } from '../../../design/design';
import { add, unit, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { closedBy, type Guard } from '../../../site/visitors';
import { fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { driveStake, POINT } from '../../assemblies/set-post';
import type { Sizing } from '../../kind';
import { layRun, place, runViews, terrainOf, type FencePost } from '../../rules/run';
import { lastingTimber } from '../../rules/timber-knobs';
import { heightsOf, OVER_WIRE_MM, topKnob, type ElectricFenceValues, type PathSetting } from './knobs';
import { ringOf, ringsOf, signsOf, UNIT_UP_MM, unitOf, wiresOf, type LiveStake } from './live';

/** The first stake is high enough for the unit (from memory). mm. */
const UNIT_STAKE_MM = UNIT_UP_MM + inches(14);
/** What one insulator takes of its stake (from memory). mm. */
const INSULATOR_MM = 40;

/** What its own checks and mends ask for. */
export interface ElectricFenceFacts {
  guard: Guard;
  spots: readonly (readonly [number, number])[];
  heightsMm: readonly number[];
  apartMm: number;
  takesMm: number;
}

/** Sizes the fence: stakes at ends, corners and equally between, a wire at each height on insulators, the unit at the first stake. */
export function sizeElectricFence(v: ElectricFenceValues, setting: PathSetting): Sizing<ElectricFenceFacts> {
  const { spots, closed } = setting.place;
  const heights = heightsOf(v);
  const top = heights.at(-1) ?? 0;
  const of = stockOf(setting.catalogue, lastingTimber(setting, v.section as SectionId), 'timber');
  const wire = stockOf(setting.catalogue, 'poly-wire', 'cord');
  const run = layRun(spots, closed, { bayMm: v.bay, bays: 'equal', postMm: of.wideMm, guests: [] });
  const stakes = run.posts.map((post, i): LiveStake => {
    // At a corner it stands square to the middle of the turn, so that one insulator serves both stretches.
    const ways = post.legs.flatMap((index) => run.legs[index] ?? []);
    const along = ways.reduce<Point>((sum, leg) => add(sum, leg.along), [0, 0, 0]);
    const wide = Math.hypot(along[0], along[1]) < 0.01 ? (ways[0]?.along ?? [1, 0, 0]) : unit(along);
    return {
      stake: driveStake({
        id: post.id.replace('post', 'stake'),
        foot: post.at,
        aboveMm: Math.max(top + OVER_WIRE_MM, i === 0 ? UNIT_STAKE_MM : 0),
        depthMm: v.depth,
        of,
        setting,
        set: 'driven',
        point: POINT,
        wide,
      }),
      out: [wide[1], -wide[0], 0],
    };
  });
  const byPost = new Map(run.posts.map((post, i) => [post.id, stakes[i] as LiveStake]));
  const opens = v.gate === 'handles' ? (run.bays[Math.min(v.gateNo, run.bays.length) - 1] ?? null) : null;
  const handleMm = stockOf(setting.catalogue, 'gate-handle', 'piece').lengthMm;
  const pieces = run.legs.flatMap((leg) =>
    wiresOf(
      leg,
      run.bays.filter((bay) => bay.leg === leg),
      { stakes: byPost, heights, of: wire, opens, handleMm },
    ),
  );
  const [first] = stakes as [LiveStake];
  const unitParts = unitOf(first, pieces, heights, {
    wire,
    lead: stockOf(setting.catalogue, 'lead-cable', 'cord'),
    rod: stockOf(setting.catalogue, 'pipe-steel-21', 'rod'),
    screw: 'screw-40',
  });
  const postsOf = (index: number): FencePost[] => run.posts.filter(({ legs }) => legs.includes(index));
  const named = new Map(
    run.legs.map(({ index }) => [
      index,
      [
        ...postsOf(index).map(({ id }) => byPost.get(id)?.stake.id ?? ''),
        ...pieces.filter(({ leg }) => leg.index === index).map((one) => one.wire.id),
        ...(index === 0 ? unitParts.parts.map(({ id }) => id) : []),
      ],
    ]),
  );
  const gaps = heights.map((at, i) => at - (heights[i - 1] ?? 0));
  const rings = stakes.length * heights.length;
  return {
    design: placed({
      ...together(
        // What hangs inside is drawn before the stakes.
        { parts: unitParts.parts },
        { parts: stakes.map(({ stake }) => stake) },
        { parts: pieces.map((one) => one.wire), joints: ringsOf(stakes, pieces, heights) },
        { joints: signsOf(pieces, heights.length - 1) },
        { joints: unitParts.joints },
        {
          reasons: {
            stake: fact('count.stakes', { bay: { mm: v.bay } }),
            wire: fact('count.wires', { wires: heights.length }),
            'gate wire': fact('count.gate-wires'),
            'link wire': fact('count.link'),
            lead: fact('count.leads'),
            unit: fact('count.unit'),
            'earth rod': fact('count.rod'),
            'wire in its insulator': fact('count.rings', { rings }),
            'handle in its loop': fact('count.handles'),
            'sign on a wire': fact('count.signs'),
            'unit on its stake': fact('count.unit-screws'),
            'link on a wire': fact('count.link-clamps'),
            'lead on a wire': fact('count.lead-clamps'),
            'lead on the rod': fact('count.lead-clamps'),
          },
        },
      ),
      ground: terrainOf(run),
      builtMm: run.lengthMm,
      views: runViews(
        run.legs.toSorted((a, b) => b.longMm - a.longMm),
        ({ index }) => named.get(index) ?? [],
      ),
      // Close together, they are told where one stake is seen large.
      marks: [
        chain('end', 'z', 'wires', ascending([-v.depth, 0, ...heights])),
        ...run.legs.map((leg) => {
          const own = run.bays.filter((bay) => bay.leg === leg);
          const level = [
            ...own.slice(0, 1).map((bay) => place(bay.from, bay)),
            ...own.map((bay) => place(bay.to, bay)),
          ];
          const slope = Math.hypot(leg.longMm, leg.to[2] - leg.from[2]) / leg.longMm;
          const taped = level.map((at) => at * slope);
          return chain(`side-${leg.index + 1}` as const, 'x', 'stakes', level, taped);
        }),
      ],
      handles: [
        { knob: topKnob(v), view: 'end', at: ringOf(first, top), axis: 'up' },
        { knob: 'depth', view: 'end', at: first.stake.from, axis: 'up', perMm: -1 },
        ...run.bays.slice(0, 1).map((bay) => ({
          knob: 'bay',
          view: 'side-1' as const,
          at: bay.to.at,
          axis: 'right' as const,
        })),
      ],
    }),
    facts: {
      guard: {
        barrier: closedBy(Math.max(...gaps), top),
        stiffMm: 0,
        roofed: false,
        floored: false,
        liveMm: heights,
      },
      spots: spots.map(({ xMm, yMm }) => [xMm, yMm] as const),
      heightsMm: heights,
      apartMm: Math.min(Infinity, ...gaps.slice(1)),
      takesMm: INSULATOR_MM,
    },
  };
}
