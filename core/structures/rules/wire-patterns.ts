import { leadPlant, type Planted } from '../../crops/planted';
import { feet, inches } from '../../quantity/length';
import { perMarket, tidy } from './tidy';
import type { BedSetting } from '../setting';

/** How a crop is grown on wires: heights of the wires over the soil, how wide the arms are, how far posts may stand apart. mm. */
export interface Pattern {
  /** What is told of it. */
  why: string;
  lowestMm: number;
  topMm: number;
  wires: number;
  /** Where the second of three is, if not half way. */
  middleMm?: number;
  /** Two lines of wire on arms this wide. */
  armsMm?: number;
  bayMm: number;
  /** The pull it is strained with. N. */
  pullN: number;
}

/** Hand-tight for canes; strained for vines and trees, 150 lbf and more (from memory). N. */
const HAND_N = 200;
const STRAINED_N = 650;

/**
 * Summer raspberries 2′ 6″, 3′ 6″, 5′ 6″ (750, 1050, 1650 mm), posts 10 to 15′ apart; autumn ones a pair of wires on 24″
 * arms at 2′ 6″ and 4′; blackberries every 12″ from 3 to 6′; grapes
 * a fruiting wire at 30 to 36″ and catch wires up to 6′, posts 16 to 24′; kiwi on T-bars 5
 * to 6′ wide at 6′; espalier every 15 to 18″, first at 15″; fan every 6″; cordons 2, 4 and 6′ (all from memory).
 */
export function patternOf(setting: BedSetting): Pattern {
  const size = (imperialInches: number, metricMm: number): number =>
    perMarket(setting.market, imperialInches, metricMm);
  const canes = { bayMm: size(144, 3600), pullN: HAND_N };
  const strained = { bayMm: size(144, 3600), pullN: STRAINED_N };
  const lead = leadPlant(setting);
  switch (lead && trainedAs(lead)) {
    case 'raspberry':
      return {
        why: 'wires.raspberry',
        lowestMm: size(30, 750),
        middleMm: size(42, 1050),
        topMm: size(66, 1650),
        wires: 3,
        ...canes,
      };
    case 'autumn-raspberry':
      return {
        why: 'wires.autumn',
        lowestMm: size(30, 750),
        topMm: size(48, 1200),
        wires: 2,
        armsMm: size(24, 600),
        ...canes,
      };
    case 'blackberry':
      return { why: 'wires.blackberry', lowestMm: size(36, 900), topMm: size(72, 1800), wires: 4, ...canes };
    case 'vine':
      return {
        why: 'wires.vine',
        lowestMm: size(30, 750),
        topMm: size(72, 1800),
        wires: 3,
        bayMm: size(216, 5400),
        pullN: STRAINED_N,
      };
    case 'kiwi':
      return {
        why: 'wires.kiwi',
        lowestMm: size(72, 1800),
        topMm: size(72, 1800),
        wires: 1,
        armsMm: size(60, 1500),
        bayMm: size(180, 4500),
        pullN: STRAINED_N,
      };
    case 'espalier':
      return { why: 'wires.espalier', lowestMm: size(15, 380), topMm: size(69, 1750), wires: 4, ...strained };
    case 'cordon':
      return { why: 'wires.cordon', lowestMm: size(24, 600), topMm: size(72, 1800), wires: 3, ...strained };
    case 'fan':
      return { why: 'wires.fan', lowestMm: size(15, 380), topMm: size(75, 1880), wires: 11, ...strained };
    default: {
      const wants = lead?.crop.supportToMm || feet(5);
      const top = tidy(wants, setting.market);
      const lowest = Math.min(top, tidy(Math.max(inches(6), lead?.crop.supportFromMm ?? inches(12)), setting.market));
      const step = Math.min(lead?.crop.grips?.stepMm ?? inches(12), inches(12));
      const wires = Math.max(1, Math.min(MOST_WIRES, Math.ceil((top - lowest) / step - 0.01) + 1));
      return { why: 'wires.usual', lowestMm: lowest, topMm: top, wires: top === lowest ? 1 : wires, ...canes };
    }
  }
}
/** A fan's eleven, every 6″ from 15″ to 6′ 3″, and one more (from memory). */
export const MOST_WIRES = 12;

/** By what a pattern is chosen: how a tree is trained, else which fruit it is. */
function trainedAs({ crop, training }: Planted): string {
  if (training.onWires) return training.id;
  if (crop.id === 'loganberry') return 'blackberry';
  if (crop.id === 'grape' || crop.id === 'passionfruit') return 'vine';
  return crop.id === 'hardy-kiwi' ? 'kiwi' : crop.id;
}
