import type { ViewFrame } from '../../design/design';
import { fact } from '../../wording/say';
import type { Bed } from '../../site/bed';
import { toFrame } from '../../site/frame';
import { asPlace, bedsOf, frameOf, type PlaceOn } from '../../site/stands/stands';
import type { ChoiceKnob, Suggestion } from '../knob';
import type { Setting } from '../setting';
import { FROM_ABOVE, fromEnd, fromFront } from './row-views';
import { STATION_SCHOOLS } from './stations';
import { perMarket } from './tidy';

/** Over the way between two beds, or on open ground: what is walked through. */
export type WaySetting = Setting<PlaceOn<'beds'> | PlaceOn<'spot'>>;

/** A person is about four fifths as tall as they reach up (from memory: overhead reach is about 1.25 of stature). mm. */
export const statureOf = (setting: Pick<Setting, 'reachMm'>): number => setting.reachMm / 1.25;

/** What hangs into the walkway: a foot of heavy fruit, else shoots. */
export function hangFor(setting: Pick<Setting, 'planted' | 'market'>): Suggestion<number> {
  const fruit = setting.planted.reduce((most, one) => Math.max(most, one.crop.fruitKg), 0);
  return fruit >= 0.3
    ? { value: perMarket(setting.market, 12, 300), why: fact('hang.fruit') }
    : { value: perMarket(setting.market, 6, 150), why: fact('hang.some') };
}

/** Where plants stand along the two sides, where there are beds for them. */
export const schoolKnob = (o: { group: string; along: string }) =>
  ({
    type: 'choice',
    label: 'Plant places',
    group: o.group,
    choices: STATION_SCHOOLS,
    help: `${o.along}; half a space in gives each plant its own stretch.`,
    shown: (_set, setting) => asPlace(setting.place, 'beds') !== null,
    suggest: () => ({ value: 'inset', why: fact('school.inset') }),
  }) satisfies ChoiceKnob<WaySetting>;

export interface WaySide {
  bed: Bed;
  side: -1 | 1;
  heightMm: number;
}

/** The beds on either side of the way, by which side of it they lie. */
export function soilBeside(setting: WaySetting, startMm: number): WaySide[] {
  const frame = frameOf(setting.place, startMm);
  return bedsOf(setting.place).map((bed) => ({
    bed,
    side: toFrame(frame, [bed.xMm, bed.yMm])[1] < 0 ? -1 : 1,
    heightMm: bed.heightMm,
  }));
}

/** Through the passage, from the side, and from above. */
export function viewsOf(soil: readonly WaySide[], wayMm: number): ViewFrame<'elevation' | 'plan' | 'side'>[] {
  const edge = wayMm / 2;
  const high = (side: -1 | 1): number => soil.find((one) => one.side === side)?.heightMm ?? 0;
  return [
    {
      ...fromEnd('Through the passage', [
        [-edge - 10, high(-1)],
        [-edge, high(-1)],
        [-edge + 1, 0],
        [edge - 1, 0],
        [edge, high(1)],
        [edge + 10, high(1)],
      ]),
      id: 'elevation',
    },
    FROM_ABOVE,
    {
      ...fromFront('From the side', [
        [0, 0],
        [1, 0],
      ]),
      id: 'side',
      nearest: true,
    },
  ];
}
