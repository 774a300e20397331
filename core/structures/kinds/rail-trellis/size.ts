import type { Sizing } from '../../kind';
import { rowMarks, rowViews } from '../../rules/row-views';
import { stockOf } from '../../../catalogue/catalogue';
import { nominalMm, timberId } from '../../../catalogue/timber';
import type { Placement, Joint, Mark } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { groundAt, type Ground } from '../../../site/ground';
import { inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { footingReasons, pourFootings, setBy } from '../../rules/footing';
import { lengthOnLie, lengthOnSoil, type Lie } from '../../rules/lie';
import { panelsCould } from '../../rules/could';
import { offeredPanels, panelOf } from '../../rules/panel-choice';
import { acrossBed, fallOf, startOf, rowHandles } from '../../rules/row';
import type { BedSetting } from '../../setting';
import { placeStations } from '../../rules/stations';
import { setPost, standingOf } from '../../rules/timber-post';
import { postCentres } from './bays';
import type { RailTrellisValues } from './knobs';
import { layShelves, panelsBehind, panelsBetween, SCREW_EVERY_MM, STRIPS, TIES_A_POST } from './panels';
import { layRails, railJoints, railTreatment, type Trellis } from './rails';

/** Stems stand this far out from the mesh (from memory). mm. */
const STEM_OUT_MM = inches(4);

/** What its own checks and mends ask for. */
export interface RailTrellisFacts {
  rowsAtMm: readonly number[];
  spacingMm: number;
  /** The post with most of its rails broken on it. */
  splices: { broken: number; rails: number };
  /** Panels between posts: what one measures, what is clear, what would be clear if timber were as thick as it is called; pieces not cut beside a wire. */
  between: {
    bay: { panelMm: number; clearMm: number; nominalClearMm: number; posts: number };
    offWire: number;
  } | null;
  fixedBy: 'screws' | 'staples';
}

/** Sizes the trellis: posts in crowned concrete, level rails with staggered joints, panels cut beside a wire, shelves, caps. */
export function sizeRailTrellis(v: RailTrellisValues, setting: BedSetting): Sizing<RailTrellisFacts> {
  const { bed } = setting.place;
  const panel = panelOf(setting, v.panel);
  const post = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const rail = stockOf(setting.catalogue, timberId(v.railSection, railTreatment(v, setting)), 'timber');
  const ground: Ground = { lengthMm: setting.place.bed.lengthMm, riseMm: setting.place.bed.riseMm };
  const lie: Lie = { ground, level: true };
  const postsAt = postCentres({
    rowMm: lengthOnLie(lie, v.rowLength),
    bayMm: v.bay,
    by: v.bays,
    postWideMm: post.wideMm,
  });
  const builtMm = (postsAt.at(-1) as number) + post.wideMm / 2;
  const highGround = Math.max(0, groundAt(ground, builtMm));
  const lowMm = highGround + v.gap;
  const t: Trellis = {
    v,
    setting,
    panel,
    postsAt,
    postMm: post.wideMm,
    rail: { id: rail.id, wideMm: rail.wideMm, thickMm: rail.thickMm },
    sides: v.railSides === 'both' ? [-1, 1] : [-1],
    y: acrossBed(v.rowAt, setting),
    lowMm,
    highMm: lowMm + panel.heightMm,
  };
  const posts = postsAt.map((at, i) => {
    const z = groundAt(ground, at);
    return setPost({
      id: `post-${i + 1}`,
      foot: [at, t.y, z],
      aboveMm: t.highMm + v.topBlock - z,
      depthMm: v.depth,
      section: v.section,
      treatment: v.treatment,
      setting,
      set: setBy(v.footing),
    });
  });
  const bars = posts.map((one) => one.bar);
  const rails = layRails(t);
  const panels = v.hang === 'between' ? panelsBetween(t, rails) : panelsBehind(t, rails, bars);
  const shelves = v.shelf !== 'none' && v.railSides === 'both' ? layShelves(t, rails) : { parts: [], joints: [] };
  const footings = pourFootings(bars, v.footing, v.gravel);
  const caps: Joint[] =
    v.caps === 'cap'
      ? bars.map((bar) => ({
          id: `cap-${bar.id}`,
          kind: 'cap on post',
          places: [bar.to],
          parts: [bar.id],
          fixings: [{ stock: 'post-cap', count: 1 }],
        }))
      : [];
  const clearMm = (postsAt[1] as number) - (postsAt[0] as number) - post.wideMm;
  const nominal = nominalMm(v.section);
  const broken = postsAt.map((at, i) =>
    i === 0 || i === postsAt.length - 1 ? 0 : rails.filter((one) => Math.abs(one.fromMm - at) < 1).length,
  );
  // Eight-foot centres are chosen by those who forget that the posts take their share.
  const meant =
    v.bays === 'centres' && Math.abs(v.bay - panel.lengthMm) < panel.pitchMm / 2
      ? panel.lengthMm
      : Math.max(...panels.parts.map((part) => part.cutMm));
  const lines = t.sides.length * 2;
  const meshSteps = panel.levelsMm.slice(1).map((level, i) => level - (panel.levelsMm[i] as number));
  const gapAt = (at: number): number => lowMm - groundAt(ground, at);

  const startMm = startOf(v, lengthOnSoil(lie, builtMm), bed);
  const stations = placeStations({
    planted: setting.planted,
    ground,
    fromMm: 0,
    lengthMm: lengthOnSoil(lie, builtMm),
    school: v.school,
    rows: [{ acrossMm: t.y - STEM_OUT_MM - post.wideMm / 2, side: 'front' }],
  });
  const design: Placement = {
    kind: 'rail-trellis',
    parts: [...bars, ...rails.map((one) => one.bar), ...panels.parts, ...shelves.parts, ...footings.parts],
    joints: [...railJoints(t, rails, bars), ...panels.joints, ...shelves.joints, ...footings.joints, ...caps],
    stations,
    ground,
    builtMm: lengthOnSoil(lie, builtMm),
    startMm,
    posts: posts.map(standingOf),
    hold: {
      by: 'mesh',
      meshMm: { wide: panel.pitchMm, high: Math.max(...meshSteps) },
      memberMm: panel.wireMm,
      stepMm: Math.min(panel.pitchMm, Math.max(...meshSteps)),
      fineToMm: 0,
      carries: panel.carries,
      startsMm: v.gap,
      gapMm: v.gap,
      could: panelsCould(setting, offeredPanels(setting), {
        net: false,
        gapMm: v.gap,
        fallMm: fallOf(setting, builtMm),
      }),
      topMm: {
        least: t.highMm - highGround,
        most: Math.max(...posts.map((one) => one.aboveMm)) - v.topBlock,
      },
    },
    views: rowViews({ ground, bed, startMm }),
    bodies: 1,
    reasons: {
      post: fact(`count.posts.${v.bays}`, { posts: postsAt.length, bay: { mm: v.bay }, clear: { mm: clearMm } }),
      rail: fact(v.stagger === 'yes' ? 'count.rails' : 'count.rails.line', { rails: lines, sides: t.sides.length }),
      panel: fact(v.hang === 'between' ? 'count.panels.between' : 'count.panels.behind', {
        bays: postsAt.length - 1,
        clear: { mm: clearMm },
      }),
      shelf: fact('count.shelves', { strips: STRIPS }),
      ...footingReasons(v.gravel),
      'rail to post': fact('count.rail-screws'),
      'panel to rail': fact('count.panel-screws', { every: { mm: SCREW_EVERY_MM } }),
      'panel to post': fact('count.ties', { ties: TIES_A_POST }),
      'shelf to rail': fact('count.shelf-staples'),
      'cap on post': fact('count.caps'),
    },
    marks: [
      ...marksFor(t, bars, ground),
      ...rowMarks({
        stations,
        ground,
        builtMm: lengthOnSoil(lie, builtMm),
        bed,
        rowsAtMm: [t.y],
        endTopMm: Math.max(...posts.map((one) => one.aboveMm)) - v.topBlock,
      }),
    ],
    handles: [
      ...rowHandles({ ground, rowMm: v.rowLength, builtMm: lengthOnSoil(lie, builtMm), yMm: t.y, topMm: t.highMm }),
      {
        knob: 'gap',
        view: 'elevation',
        at: [builtMm / 2, gapAt(builtMm / 2) + groundAt(ground, builtMm / 2)],
        axis: 'up',
        perMm: 1,
      },
      { knob: 'bay', view: 'elevation', at: [postsAt[1] as number, t.highMm + v.topBlock], axis: 'right', perMm: 1 },
      { knob: 'depth', view: 'end', at: [t.y, -v.depth], axis: 'up', perMm: -1 },
    ],
  };
  return {
    design,
    facts: {
      rowsAtMm: [t.y],
      spacingMm: (postsAt[1] as number) - (postsAt[0] as number),
      splices: { broken: Math.max(0, ...broken), rails: lines },
      between:
        v.hang === 'between'
          ? {
              bay: {
                panelMm: meant,
                clearMm,
                nominalClearMm: clearMm + post.wideMm - (nominal?.wideMm ?? post.wideMm),
                posts: postsAt.length,
              },
              offWire: panels.parts.filter(
                (part) =>
                  v.cutAt === 'gap' &&
                  Math.abs(part.cutMm - clearMm) < 1 &&
                  clearMm < panel.lengthMm - 1 &&
                  Math.abs((clearMm / panel.pitchMm) % 1) > 0.01,
              ).length,
            }
          : null,
      fixedBy: v.fixing === 'staples' ? 'staples' : 'screws',
    } satisfies RailTrellisFacts,
  };
}

function marksFor(t: Trellis, posts: readonly Bar[], ground: Ground): Mark[] {
  const faces = t.postsAt.flatMap((at) => [at - t.postMm / 2, at + t.postMm / 2]);
  const first = posts[0] as Bar;
  const foot = groundAt(ground, t.postsAt[0] as number);
  const heights = [first.from[2], foot, t.lowMm, t.highMm, first.to[2]];
  return [
    { view: 'elevation', axis: 'x', label: 'faces', atMm: faces },
    { view: 'elevation', axis: 'z', label: 'heights', atMm: [...new Set(heights)].sort((a, b) => a - b) },
  ];
}
