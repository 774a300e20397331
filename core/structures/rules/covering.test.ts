import { describe, expect, it } from 'vitest';
import { COVERS } from '../../catalogue/covers';
import { CROPS } from '../../crops/table';
import { hotSpell } from '../../growth/degree-days';
import { seasonOf } from '../../plan/season';
import { monthDayOf } from '../../site/sun/season';
import { one } from '../onto-bed.fixture';

const ON = { 'hoop-tunnel': 'cover', 'flat-cover': 'cover', 'walk-in-cage': 'net' } as const;
const lettuce = { crop: 'lettuce', training: 'row' };

describe('what is hung against sun and hail', () => {
  it('is on frames that are asked for it, in what is bought and in what is done; nobody is kept out with it unasked', () => {
    for (const [kind, knob] of Object.entries(ON))
      for (const { id, against, name } of COVERS) {
        if (!against) continue;
        const made = one(kind, {}, lettuce, { [knob]: id });
        expect(made.bill.map(({ stock }) => stock)).toContain(id);
        const notes = seasonOf(made).map(({ what }) => what.code);
        expect(notes.includes('season.hail'), name).toBe(against === 'hail');
        expect(
          notes.some((code) => code.startsWith('season.shade')),
          name,
        ).toBe(against === 'sun');
      }
    for (const { id: crop, trainings } of CROPS) {
      const { knobs } = one('hoop-tunnel', {}, { crop, training: trainings[0]?.id ?? '' }).sized;
      expect(COVERS.find(({ id }) => id === knobs['cover']?.value)?.against).toBeUndefined();
    }
  });

  it('goes on and comes off with the heat of the place, and is for single weeks where it does not get hot', () => {
    for (const more of [-4, 0, 4]) {
      const made = one('hoop-tunnel', {}, lettuce, { cover: 'cover-shade-50' }, (plan) => {
        const { monthlyC } = plan.site;
        return { ...plan, site: { ...plan.site, monthlyC: { ...monthlyC, max: monthlyC.max.map((c) => c + more) } } };
      });
      const hot = hotSpell(made.setting.site.monthlyC, 24);
      const shade = seasonOf(made).filter(({ what }) => what.code.startsWith('season.shade'));
      expect(shade.map(({ on, what }) => [what.code, on])).toEqual(
        hot
          ? [
              ['season.shade-on', monthDayOf(hot.from)],
              ['season.shade-off', monthDayOf(hot.to)],
            ]
          : [['season.shade-rare', null]],
      );
    }
  });

  it('half of the light is told of what wants full sun, and is well for what does not', () => {
    const told = (crop: string, cover: string) => one('hoop-tunnel', {}, { crop, training: 'row' }, { cover }).codes;
    expect(told('strawberry', 'cover-shade-50')).toContain('light.full');
    expect(told('lettuce', 'cover-shade-50')).not.toContain('light.full');
    expect(told('strawberry', 'cover-hail')).not.toContain('light.full');
  });
});
