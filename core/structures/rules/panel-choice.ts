import { stockOf } from '../../catalogue/catalogue';
import { PANELS } from '../../catalogue/panels';
import { meshesAcross, type WeldedPanel } from '../../catalogue/stock';
import { FORGIVEN_MM } from '../../checks/crop-height';
import { leadPlant } from '../../crops/planted';
import { fact } from '../../wording/say';
import type { Suggestion } from '../knob';
import type { Said } from '../said';
import { isOffered, type BedSetting, type Setting } from '../setting';
import { mostGap } from './gap';
import { overlapPlaces, panelRun, type RunPiece } from './panel-run';
import { fewestPosts } from './spacing';

/** A hand with fruit in it passes 4″ (common practice, no source); 100 mm counts as 4″. mm. */
const HAND_MM = 99;
/** A last piece shorter than this share of a panel is not worth a panel and its posts (from memory). */
const TAIL_SHARE = 1 / 6;

export const offeredPanels = (setting: Setting, among: readonly WeldedPanel[] = PANELS): string[] =>
  among.map((panel) => panel.id).filter((id) => isOffered(setting, id));

/** Panels that carry what is planted and that its fruit can be picked through; all of them where none does. */
function fitPanels(setting: Setting, among: readonly WeldedPanel[]): readonly WeldedPanel[] {
  const offered = among.filter((panel) => isOffered(setting, panel.id));
  const heavy = leadPlant(setting)?.crop.load === 'heavy';
  const fruit = setting.planted.some((one) => one.crop.fruitKg >= 0.1);
  const high = (panel: WeldedPanel): number =>
    Math.max(...panel.levelsMm.slice(1).map((level, i) => level - (panel.levelsMm[i] as number)));
  const fit = offered.filter(
    (panel) => (!heavy || panel.carries === 'heavy') && (!fruit || Math.min(panel.pitchMm, high(panel)) >= HAND_MM),
  );
  return fit.length > 0 ? fit : offered;
}

/** Those in the sizes the garden buys; all of them where none is. */
export function ofMarket(setting: Setting, panels: readonly WeldedPanel[]): readonly WeldedPanel[] {
  const near = panels.filter((panel) => panel.market === setting.market);
  return near.length > 0 ? near : panels;
}

/** How panels of one kind make a run: how far they lap, how far apart posts stand at most, and what a post costs. mm, minor units. */
export interface RunOf {
  lapMeshes: number;
  postSpacingMm: number;
  postMinor: number;
}

/**
 * The panel for a run: of those in the sizes of the garden's market that are stiff, open and high enough for what
 * is planted, the one with which panels and posts come cheapest.
 */
export function suggestPanel(
  setting: BedSetting,
  run: RunOf,
  among: readonly WeldedPanel[] = PANELS,
): Suggestion<string> {
  const fit = ofMarket(setting, fitPanels(setting, among));
  const wants = leadPlant(setting)?.crop.supportToMm ?? 0;
  const high = fit.filter((panel) => mostGap(setting) + panel.heightMm + FORGIVEN_MM >= wants);
  const choice = high.length > 0 ? high : fit;
  const spent = (panel: WeldedPanel): number => {
    const pieces = rowOf(setting.place.bed.lengthMm, panel, run.lapMeshes).pieces;
    const end = (pieces.at(-1) as RunPiece).toMm;
    const posts = fewestPosts(0, overlapPlaces(pieces, panel.pitchMm), end, run.postSpacingMm).length;
    // What is missing at the end of the bed counts as well, or the shortest run would always be the cheapest.
    const metres = Math.max(1, end) / setting.place.bed.lengthMm;
    return (pieces.length * (setting.priceOf(panel.id, 1) ?? 0) + posts * run.postMinor) / metres;
  };
  const cheapest = choice.reduce<WeldedPanel | null>(
    (best, panel) => (!best || spent(panel) < spent(best) - 0.5 ? panel : best),
    null,
  );
  const usual = among.find((panel) => panel.market === setting.market) ?? among[0];
  return {
    value: cheapest?.id ?? usual?.id ?? 'panel-16ft',
    why: fact(choice.length > 1 ? 'panel.cheapest' : 'panel.usual'),
  };
}

/** The pieces of a row as long as the bed; without a last scrap of a panel where only a hair's breadth of bed asks for one. mm. */
export function rowOf(
  bedMm: number,
  panel: WeldedPanel,
  lapMeshes: number,
): { pieces: RunPiece[]; savesPanel: boolean } {
  const pieces = panelRun(bedMm, panel, lapMeshes);
  const whole = pieces.filter((piece) => piece.whole);
  const added = (pieces.at(-1) as RunPiece).toMm - (whole.at(-1)?.toMm ?? 0);
  return whole.length > 0 && whole.length < pieces.length && added <= TAIL_SHARE * panel.lengthMm
    ? { pieces: whole, savesPanel: true }
    : { pieces, savesPanel: false };
}

/** How long the row of a bed is made of these panels, and why. mm. */
export function suggestRow(bedMm: number, panel: WeldedPanel, lapMeshes: number): Suggestion<number> {
  const { pieces, savesPanel } = rowOf(bedMm, panel, lapMeshes);
  if (!savesPanel) return { value: bedMm, why: fact('row.bed') };
  const value = (pieces.at(-1) as RunPiece).toMm;
  return {
    value,
    why: fact('row.whole-panels', { panels: pieces.length, more: { mm: bedMm - value } }),
  };
}

/** How long a run of so many whole panels is. mm. */
export const wholeRunMm = (count: number, panel: WeldedPanel, lapMeshes: number): number => {
  const across = meshesAcross(panel);
  return (count * across - (count - 1) * Math.min(lapMeshes, across - 1)) * panel.pitchMm;
};

export const panelOf = (setting: Setting, id: string): WeldedPanel => stockOf(setting.catalogue, id, 'panel');

export const PANEL_CHOICE_WORDS = {
  phrases: {
    'panel.usual': 'The panel usually asked for, in your price book, stiff enough for the crop.',
    'panel.cheapest': 'Of the panels on sale that suit the crop, the one with which this row comes cheapest.',
    'row.whole-panels':
      '{panels|whole panel|whole panels}: the last {more} of the bed would take one more panel and a post.',
  },
} as const satisfies Said;
