import { describe, expect, it } from 'vitest';
import { inches } from '../quantity/length';
import { upgradePlan } from './upgrade';

/** A fence of version 2 whose gate nobody had set a place for. */
const withGate = (units: string | undefined, knobs: object = {}) =>
  (
    upgradePlan({
      version: 2,
      garden: { units },
      site: {},
      beds: [],
      structures: [
        {
          id: 'f',
          kind: 'garden-fence',
          name: 'Fence',
          stand: {
            on: 'path',
            closed: false,
            spots: [
              { xMm: 0, yMm: 0, groundMm: 0 },
              { xMm: 6012, yMm: 0, groundMm: 0 },
            ],
          },
          knobs: { gate: 'one', height: 900, ...knobs },
        },
      ],
    }) as { structures: { id: string; kind: string; stand: object; knobs: object }[] }
  ).structures;

describe('a gate that was a knob of its fence', () => {
  it('stands in its run, in the middle of the longest stretch, on a figure of its own market', () => {
    // The middle of 6012 mm is 3006: a whole 10 mm is 3010, a whole inch 118″.
    expect(withGate('metric')[1]).toMatchObject({
      id: 'f-gate',
      kind: 'garden-gate',
      stand: { of: 'f', atMm: 3010 },
      knobs: {},
    });
    expect(withGate('imperial')[1]?.stand).toMatchObject({ on: 'run', atMm: inches(118) });
    expect(withGate(undefined)[1]?.stand).toMatchObject({ atMm: inches(118) });
  });

  it('keeps the place and the width that it had, and leaves its fence the rest', () => {
    const [fence, gate] = withGate('metric', { gateAt: 1234, gateWidth: 800 });
    expect([fence?.knobs, gate?.knobs]).toEqual([{ height: 900 }, { width: 800 }]);
    expect(gate?.stand).toMatchObject({ atMm: 1234 });
    expect(withGate('metric', { gate: 'none' })).toHaveLength(1);
  });
});

it('leaves alone what is no plan, or of a version that nobody knows', () => {
  for (const odd of [null, 'plan', 7, [], {}, { version: '2' }, { version: 99 }, { version: -1 }])
    expect(upgradePlan(odd)).toBe(odd);
});
