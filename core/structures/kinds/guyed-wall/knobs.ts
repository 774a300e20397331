import { PANELS } from '../../../catalogue/panels';
import { feet, inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { footingKnobs } from '../../assemblies/footing';
import type { Knobs, Settled } from '../../knob';
import { offeredPanels, panelOf, suggestPanel, suggestRow } from '../../rules/panel-choice';
import { rowKnobs, rowRoom, stationsKnob, suggestGap } from '../../rules/row';
import { perMarket } from '../../rules/tidy';
import { heavyPostKnobs } from '../../rules/timber-knobs';
import { depthKnob } from '../../rules/timber-post';
import { isOffered, type BedSetting } from '../../setting';

/** Panels meet on posts in holes that cost about as much as a panel (from memory). */
const RUN = { lapMeshes: 0, postSpacingMm: feet(8.3), postMinor: 2500 } as const;

/** The posts stand this far above the panel (from memory). mm. */
export const ABOVE_PANEL_MM = inches(1);

const ROW = rowKnobs(200, 'Outside to outside of the end posts, by a tape laid on the soil.');

/**
 * 4×4 posts 24″ deep in concrete, two 8′ panels on three of them; staples and ties; four turnbuckles
 * on 12-gauge wire between end and middle posts (common practice, no source). The pull is from memory.
 */
export const GUYED_WALL_KNOBS = {
  ...ROW,
  rowLength: {
    ...ROW.rowLength,
    suggest: (setting: BedSetting, set: Settled) =>
      suggestRow(rowRoom(setting).lengthMm, panelOf(setting, String(set.panel)), 0),
  },
  ...stationsKnob('inset'),
  panel: {
    type: 'choice',
    label: 'Panel',
    group: 'Panel',
    choices: PANELS.map((panel) => ({ id: panel.id, label: panel.name })),
    first: true,
    offered: (setting) => offeredPanels(setting),
    help: 'Panels meet on a post. Only those that have a price in your price book are offered.',
    suggest: (setting) => suggestPanel(setting, RUN),
  },
  gap: {
    type: 'length',
    label: 'Gap under the panel',
    group: 'Panel',
    min: 0,
    max: feet(4),
    help: 'Room for hoe, hose and rake.',
    suggest: (setting, set) => suggestGap(setting, panelOf(setting, String(set.panel)).heightMm),
  },
  staples: {
    type: 'count',
    label: 'Staples a post, each panel',
    group: 'Panel',
    min: 2,
    max: 10,
    help: 'On the wires that cross the post, from top to bottom.',
    suggest: () => ({ value: 5, why: fact('staples.five') }),
  },
  ties: {
    type: 'choice',
    label: 'Ties too',
    group: 'Panel',
    choices: [
      { id: 'two', label: 'two a post' },
      { id: 'none', label: 'none' },
    ],
    help: 'Wire round the post where a staple could work loose.',
    suggest: () => ({ value: 'two', why: fact('ties.two') }),
  },
  canes: {
    type: 'choice',
    label: 'Starter canes',
    group: 'Panel',
    choices: [
      { id: 'yes', label: 'one to a plant' },
      { id: 'none', label: 'none' },
    ],
    help: 'A short cane leads the young plant up to the panel.',
    offered: (setting) => ['none', ...(isOffered(setting, 'cane-bamboo') ? ['yes'] : [])],
    suggest: (setting, set) =>
      Number(set.gap) > inches(6) && isOffered(setting, 'cane-bamboo')
        ? { value: 'yes', why: fact('canes.lead') }
        : { value: 'none', why: fact('canes.none') },
  },
  postSpacing: {
    type: 'length',
    label: 'Posts at most apart',
    group: 'Posts',
    min: feet(2),
    max: feet(10),
    help: 'A post stands wherever two panels meet, and between them where a panel is longer than this.',
    suggest: (setting) => ({ value: perMarket(setting.market, 96, 2500), why: fact('spacing.panel') }),
  },
  ...heavyPostKnobs('Posts'),
  ...depthKnob((set, setting) => Number(set.gap) + panelOf(setting, String(set.panel)).heightMm + ABOVE_PANEL_MM),
  ...footingKnobs('wet'),
  guys: {
    type: 'choice',
    label: 'Guy wires',
    group: 'Guys',
    choices: [
      { id: 'ends', label: 'in the end bays' },
      { id: 'none', label: 'none' },
    ],
    help: 'Two crossed wires in each end bay, a turnbuckle in each, pull the posts plumb.',
    offered: (setting) => [
      'none',
      ...(isOffered(setting, 'guy-wire') && isOffered(setting, 'turnbuckle') ? ['ends'] : []),
    ],
    suggest: (setting) =>
      isOffered(setting, 'guy-wire') && isOffered(setting, 'turnbuckle')
        ? { value: 'ends', why: fact('guys.plumb') }
        : { value: 'none', why: fact('guys.none') },
  },
  pull: {
    type: 'count',
    label: 'Pull on each wire, N',
    group: 'Guys',
    min: 50,
    max: 3000,
    help: 'About what a hand-tight turnbuckle gives. 10 N is the weight of a kilogram, 45 N of 10 lb.',
    shown: (set) => set.guys !== 'none',
    suggest: () => ({ value: 400, why: fact('pull.hand') }),
  },
} as const satisfies Knobs<BedSetting>;
