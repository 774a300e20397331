// @vitest-environment happy-dom
import { useState } from 'react';
import { describe, expect, it, onTestFinished, vi } from 'vitest';
import { feet, inches, parseLength } from '@lignum/core/quantity/length';
import { LengthField, NumberField } from './field';
import { sayLengthFault } from './length-fault';
import { lengthTarget } from './length-target';
import { after, click, mount, press, the, write } from './mount.fixture';
import { RodSlider } from './rod-slider';
import { Switcher } from './switcher';

/** The words for what cannot be read are fetched with the first of them. */
const settled = () => after(() => import('./beside-typing'));

/** A field as a view holds it: what it says is kept. */
async function lengthField(start: number, limits = { min: 300, max: 6000 }) {
  const given: number[] = [];
  function Held() {
    const [mm, setMm] = useState(start);
    const take = (next: number) => {
      given.push(next);
      setMm(next);
    };
    return <LengthField label="Row length" units="imperial" step={inches(1)} {...limits} mm={mm} onChange={take} />;
  }
  const place = await mount(<Held />);
  return { place, given, field: the<HTMLInputElement>(place, 'input') };
}

describe('a length field', () => {
  it('uses what is typed as soon as it is a length within the limits, and tidies it when it is left', async () => {
    const { place, given, field } = await lengthField(feet(8));
    await after(() => field.focus());
    await write(field, `7' 9 1/2"`);
    expect(given).toEqual([inches(93.5)]);
    expect(field.value).toBe(`7' 9 1/2"`);
    await after(() => field.blur());
    expect(field.value).toBe('7′ 9½″');
    expect(place.querySelector('[role=alert]')).toBeNull();
  });

  it('refuses what is too little, too much or no length, naming it and the limit, and keeps what was there', async () => {
    const { place, given, field } = await lengthField(feet(8));
    for (const [text, says] of [
      ['11"', /11″ is too little; the least is 11 13\/16″/],
      ["20'", /20′ is too much; the most is 19′ 8 1\/4″|20′ is too much; the most is 19′ 8¼″/],
      ['8 cubits', /"cubits" is not a unit of length/],
      ['', /Write it like/],
    ] as const) {
      await write(field, text);
      expect(field.getAttribute('aria-invalid')).toBe('true');
      await press(field, 'Enter');
      await settled();
      const alert = the(place, '[role=alert]');
      expect(alert.textContent).toMatch(says);
      expect(field.getAttribute('aria-describedby')).toBe(alert.id);
    }
    expect(given).toEqual([]);
    // Left as it is, it is neither forgotten nor put back unsaid.
    await write(field, 'abc');
    await after(() => field.focus());
    await after(() => field.blur());
    await settled();
    expect([field.value, the(place, '[role=alert]').textContent?.includes('abc')]).toEqual(['abc', true]);
    await press(field, 'Escape');
    expect(field.value).toBe('8′');
    expect(place.querySelector('[role=alert]')).toBeNull();
  });

  it('steps along the tape by arrow keys, ten steps with Shift, never past a limit', async () => {
    const { given, field } = await lengthField(feet(8));
    await press(field, 'ArrowUp');
    await press(field, 'ArrowDown', { shiftKey: true });
    expect(given).toEqual([inches(97), inches(87)]);
    for (let i = 0; i < 20; i++) await press(field, 'ArrowUp', { shiftKey: true });
    expect(given.at(-1)).toBe(6000);
  });

  it('takes a reading from a measuring device while it has the focus, and no longer than it is there', async () => {
    const { given, field } = await lengthField(feet(8));
    await after(() => field.focus());
    expect(lengthTarget.get()?.label).toBe('Row length');
    await after(() => lengthTarget.get()?.accept(inches(70)));
    expect(given.at(-1)).toBe(inches(70));
  });
});

it('every way in which a length cannot be read is said with what to do about it', () => {
  const seen = new Set<string>();
  for (const text of ['', 'x', '3 cubits', '-3', '1/0', "3' 2 m", '2" 3\'', '1,000']) {
    const read = parseLength(text, 'in');
    if (read.ok) throw new Error(`"${text}" was read as ${read.mm}`);
    seen.add(read.fault.code);
    for (const units of ['imperial', 'metric'] as const) {
      const says = sayLengthFault(read.fault, units);
      expect(says).toMatch(/[.?]$/);
      if ('piece' in read.fault) expect(says).toContain(read.fault.piece);
    }
  }
  expect(seen.size).toBe(8);
});

it('a number field counts in whole numbers unless it is told otherwise, within its limits', async () => {
  const given: number[] = [];
  const take = (value: number) => given.push(value);
  const place = await mount(<NumberField label="Plants" value={10} min={1} max={20} onChange={take} />);
  const field = the<HTMLInputElement>(place, 'input');
  for (const [text, says] of [
    ['0', /0 is too little; the least is 1/],
    ['21', /21 is too much; the most is 20/],
    ['2.5', /2.5 is not a whole number/],
    ['ten', /"ten" is not a number/],
  ] as const) {
    await write(field, text);
    await press(field, 'Enter');
    expect(the(place, '[role=alert]').textContent).toMatch(says);
  }
  expect(given).toEqual([]);
  await press(field, 'Escape');
  expect([field.value, place.querySelector('[role=alert]')]).toEqual(['10', null]);
  await write(field, '12');
  await press(field, 'ArrowUp');
  expect(given).toEqual([12, 11]);
  const half = await mount(
    <NumberField label="Kg" whole={false} value={1} min={0.1} max={2} onChange={take} fault="Too heavy." />,
  );
  expect(the(half, '[role=alert]').textContent).toBe('Too heavy.');
  await write(the<HTMLInputElement>(half, 'input'), '1,5');
  expect(given.at(-1)).toBe(1.5);
});

it('what was left unread is over once the length is changed elsewhere', async () => {
  function Held() {
    const [mm, setMm] = useState(feet(8));
    return (
      <>
        <LengthField label="Gap" units="imperial" step={inches(1)} min={0} max={9000} mm={mm} onChange={setMm} />
        <button onClick={() => setMm(feet(3))}>pulled</button>
      </>
    );
  }
  const place = await mount(<Held />);
  const field = the<HTMLInputElement>(place, 'input');
  await after(() => field.focus());
  await write(field, 'abc');
  await after(() => field.blur());
  expect(field.value).toBe('abc');
  await click([...place.querySelectorAll('button')].find((one) => one.textContent === 'pulled') as HTMLElement);
  expect([field.value, place.querySelector('[role=alert]')]).toEqual(['3′', null]);
});

it('says what is wrong once the typing pauses, not at every key', async () => {
  vi.useFakeTimers();
  onTestFinished(() => void vi.useRealTimers());
  const { place, field } = await lengthField(feet(8));
  for (const text of ['8', '8 c', '8 cub']) {
    await write(field, text);
    await after(() => vi.advanceTimersByTime(300));
    expect(place.querySelector('[role=alert]')).toBeNull();
  }
  await after(() => vi.advanceTimersByTimeAsync(1000));
  await after(() => import('./beside-typing'));
  expect(the(place, '[role=alert]').textContent).toContain('cub');
});

it('a rod stands on whole steps of the tape, whatever its ends, and goes ten at a time with Shift', async () => {
  const given: number[] = [];
  const rod = (value: number) => (
    <RodSlider
      value={value}
      min={310}
      max={1000}
      step={100}
      label="Gap"
      says={`${value} mm`}
      onChange={(next) => given.push(next)}
    />
  );
  const slider = the<HTMLInputElement>(await mount(rod(500)), 'input[type=range]');
  expect([slider.getAttribute('aria-label'), slider.getAttribute('aria-valuetext')]).toEqual(['Gap', '500 mm']);
  await write(slider, '600');
  await press(slider, 'ArrowRight', { shiftKey: true });
  await press(slider, 'ArrowLeft', { shiftKey: true });
  expect(given).toEqual([600, 1000, 310]);
});

it('a switch tells its choices apart without colour alone and gives the one that is pressed', async () => {
  const given: string[] = [];
  const choices = [
    { id: 'a', label: 'Drawing' },
    { id: 'b', label: 'All round' },
    { id: 'c', label: 'Not yet', disabled: true },
  ];
  const place = await mount(<Switcher label="Show as" value="a" choices={choices} onChange={(id) => given.push(id)} />);
  expect(the(place, '[role=radiogroup]').getAttribute('aria-label')).toBe('Show as');
  const [first, second, third] = [...place.querySelectorAll<HTMLInputElement>('input[type=radio]')] as [
    HTMLInputElement,
    HTMLInputElement,
    HTMLInputElement,
  ];
  expect([first.checked, second.checked, third.disabled]).toEqual([true, false, true]);
  await click(second);
  expect(given).toEqual(['b']);
});
