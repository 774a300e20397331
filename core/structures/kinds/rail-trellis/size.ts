import { stockOf } from '../../../catalogue/catalogue';
import { nominalMm, timberId } from '../../../catalogue/timber';
import type { bayFits } from '../../../checks/bay-fits';
import { ascending, chain } from '../../../design/chain';
import { placed, type Design, type Joint } from '../../../design/design';
import type { Sheet } from '../../../design/shapes/sheet';
import { inches } from '../../../quantity/length';
import { groundAt } from '../../../site/ground';
import { fact, type Fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import { pourFootings, setBy } from '../../assemblies/footing';
import { panelHold } from '../../assemblies/panels';
import { setPost, type SetPost } from '../../assemblies/set-post';
import type { Sizing } from '../../kind';
import { panelsCould } from '../../rules/could';
import { footAt, lengthOnLie, lengthOnSoil, type Lie } from '../../rules/lie';
import { offeredPanels, panelOf } from '../../rules/panel-choice';
import { baysOfRow, rowAsStood, stoodReason } from '../../rules/as-stood';
import { acrossBed, fallOf } from '../../rules/row';
import type { BedSetting } from '../../setting';
import { postCentres } from './bays';
import type { RailTrellisValues } from './knobs';
import { layShelves, panelsBehind, panelsBetween, SCREW_EVERY_MM, STRIPS, TIES_A_POST } from './panels';
import { layRails, railTreatment, type Rail, type Trellis } from './rails';

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
    bay: Parameters<typeof bayFits>[0];
    offWire: number;
  } | null;
  fixedBy: 'screws' | 'staples';
}

const postId = (i: number): string => `post-${i + 1}`;

/** Why there are so many of each. */
const reasonsOf = ({ v, postsAt, sides }: Trellis, stood: Fact | null, clearMm: number): Design['reasons'] => ({
  post: stood ?? fact(`count.posts.${v.bays}`, { posts: postsAt.length, bay: { mm: v.bay }, clear: { mm: clearMm } }),
  rail: fact(v.stagger === 'yes' ? 'count.rails' : 'count.rails.line', {
    rails: sides.length * 2,
    sides: sides.length,
  }),
  panel:
    v.hang === 'behind'
      ? fact('count.panels.behind')
      : stood
        ? fact('count.panels.stood', { bays: postsAt.length - 1 })
        : fact('count.panels.between', { bays: postsAt.length - 1, clear: { mm: clearMm } }),
  shelf: fact('count.shelves', { strips: STRIPS }),
  'rail to post': fact('count.rail-screws'),
  'panel to rail': fact('count.panel-screws', { every: { mm: SCREW_EVERY_MM } }),
  'panel to post': fact('count.ties', { ties: TIES_A_POST }),
  'shelf to rail': fact('count.shelf-staples'),
  'cap on post': fact('count.caps'),
});

const capOn = (post: SetPost): Joint => ({
  id: `cap-${post.id}`,
  kind: 'cap on post',
  places: [post.to],
  parts: [post.id],
  fixings: [{ stock: 'post-cap', count: 1 }],
});

const standPosts = (t: Trellis, lie: Lie): SetPost[] =>
  t.postsAt.map((at, i) => {
    const foot = footAt(lie, at, t.y);
    return setPost({
      id: `post-${i + 1}`,
      foot,
      aboveMm: t.highMm + t.v.topBlock - foot[2],
      depthMm: t.v.depth,
      section: t.v.section,
      treatment: t.v.treatment,
      setting: t.setting,
      set: setBy(t.v.footing),
    });
  });

/** Sizes the trellis: posts in crowned concrete, level rails with staggered joints, panels cut beside a wire, shelves, caps. */
export function sizeRailTrellis(v: RailTrellisValues, setting: BedSetting): Sizing<RailTrellisFacts> {
  const panel = panelOf(setting, v.panel);
  const post = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const ground = groundOf(setting.place.bed);
  const lie: Lie = { ground, level: true };
  const stood = rowAsStood(
    postCentres({
      rowMm: lengthOnLie(lie, v.rowLength),
      bayMm: v.bay,
      by: v.bays,
      postWideMm: post.wideMm,
    }),
    post.wideMm,
    postId,
    setting,
  );
  const { postsAt, bays } = stood;
  const levelMm = (postsAt.at(-1) as number) + post.wideMm / 2;
  const builtMm = lengthOnSoil(lie, levelMm);
  const highGround = Math.max(0, groundAt(ground, levelMm));
  const lowMm = highGround + v.gap;
  const t: Trellis = {
    v,
    setting,
    panel,
    postsAt,
    postMm: post.wideMm,
    rail: stockOf(setting.catalogue, timberId(v.railSection, railTreatment(v, setting)), 'timber'),
    sides: v.railSides === 'both' ? [-1, 1] : [-1],
    y: acrossBed(v.rowAt, setting),
    lowMm,
    highMm: lowMm + panel.heightMm,
  };
  const posts = standPosts(t, lie);
  const { rails, joints: railJoints } = layRails(t, posts);
  const panels = v.hang === 'between' ? panelsBetween(t, rails) : panelsBehind(t, rails, posts);
  const clearMm = Math.max(...bays.map((bay) => bay.clearMm));
  const lines = t.sides.length * 2;
  const most = Math.max(...posts.map(({ stands }) => stands.aboveMm)) - v.topBlock;
  const row = bedRow(setting, v, {
    builtMm,
    yMm: t.y,
    topMm: t.highMm,
    endTopMm: most,
    rows: [{ acrossMm: t.y - STEM_OUT_MM - post.wideMm / 2, side: 'front' }],
  });
  const [first] = posts as [SetPost];
  return {
    design: placed({
      ...together(
        { parts: posts },
        { parts: rails.map((one) => one.bar), joints: railJoints },
        panels,
        v.shelf !== 'none' && v.railSides === 'both' && layShelves(t, rails),
        pourFootings(posts, v.footing, v.gravel),
        v.caps === 'cap' && { joints: posts.map(capOn) },
        {
          reasons: reasonsOf(t, stoodReason(stood), clearMm),
        },
      ),
      ...row,
      bays: baysOfRow(stood, post.wideMm, postId, lie),
      hold: panelHold(panel, {
        gapMm: v.gap,
        topMm: { least: t.highMm - highGround, most },
        could: panelsCould(setting, offeredPanels(setting), {
          net: false,
          gapMm: v.gap,
          fallMm: fallOf(setting, levelMm),
        }),
      }),
      marks: [
        chain(
          'elevation',
          'x',
          'faces',
          postsAt.flatMap((at) => [at - t.postMm / 2, at + t.postMm / 2]),
        ),
        chain(
          'elevation',
          'z',
          'heights',
          ascending([first.from[2], groundAt(ground, postsAt[0] as number), lowMm, t.highMm, first.to[2]]),
        ),
        ...row.marks,
      ],
      handles: [
        ...row.handles,
        { knob: 'gap', view: 'elevation', at: [levelMm / 2, 0, lowMm], axis: 'up' },
        { knob: 'bay', view: 'elevation', at: [postsAt[1] as number, 0, t.highMm + v.topBlock], axis: 'right' },
        { knob: 'depth', view: 'end', at: [0, t.y, -v.depth], axis: 'up', perMm: -1 },
      ],
    }),
    facts: {
      rowsAtMm: [t.y],
      spacingMm: clearMm + post.wideMm,
      splices: { broken: brokenOnOne(t, rails), rails: lines },
      between:
        v.hang === 'between'
          ? betweenPosts(
              t,
              panels.parts,
              clearMm,
              bays.some(({ isMeasured }) => isMeasured),
            )
          : null,
      fixedBy: v.fixing === 'staples' ? 'staples' : 'screws',
    },
  };
}

/** Most rails that end on one post. */
const brokenOnOne = ({ postsAt }: Trellis, rails: readonly Rail[]): number =>
  Math.max(0, ...postsAt.slice(1, -1).map((at) => rails.filter((one) => Math.abs(one.fromMm - at) < 1).length));

/** What panels between posts measure against what is clear. mm. */
function betweenPosts(
  t: Trellis,
  panels: readonly Sheet[],
  clearMm: number,
  isMeasured: boolean,
): RailTrellisFacts['between'] {
  const { v, panel } = t;
  const longestMm = Math.max(...panels.map((part) => part.cutMm));
  // Eight-foot centres are chosen by those who forget that the posts take their share; once they stand nobody reckons.
  const meant =
    !isMeasured && v.bays === 'centres' && Math.abs(v.bay - panel.lengthMm) < panel.pitchMm / 2
      ? panel.lengthMm
      : longestMm;
  const nominalClearMm = isMeasured ? clearMm : clearMm + t.postMm - (nominalMm(v.section)?.wideMm ?? t.postMm);
  const offWire = ({ cutMm }: Sheet): boolean =>
    v.cutAt === 'gap' && cutMm < panel.lengthMm - 1 && Math.abs((cutMm / panel.pitchMm) % 1) > 0.01;
  return {
    bay: {
      panelMm: meant,
      clearMm,
      nominalClearMm,
      posts: t.postsAt.length,
      openMm: clearMm - longestMm,
      meshMm: panel.pitchMm,
    },
    offWire: panels.filter(offWire).length,
  };
}
