// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest';
import { cropIn } from '@lignum/core/crops/book';
import { cropNonsense } from '@lignum/core/crops/crop-nonsense';
import type { Crop } from '@lignum/core/crops/crop';
import { CROP_SCHEMA } from '@lignum/core/formats/crop-schemas';
import { inches } from '@lignum/core/quantity/length';
import { FormLength, FormNumber, FormText, OtherFaults, RuledForm, useRuledForm } from './form';
import { after, click, mount, press, the, write } from './mount.fixture';

function Sheet({ start, onDone }: { start: Crop; onDone: (crop: Crop) => void }) {
  const form = useRuledForm<Crop>(CROP_SCHEMA, start, cropNonsense);
  return (
    <RuledForm form={form} schema={CROP_SCHEMA} units="imperial" step={inches(1)} onDone={onDone}>
      <FormText name="name" label="Name" asks="Give it a name." maxLength={80} />
      <FormLength name="heightMm" label="Grows to" />
      <FormLength name="supportToMm" label="Held up to" />
      <FormNumber name="fruitKg" label="One fruit, kg" whole={false} />
      <OtherFaults names={{ 'sow.from': 'First sowing' }} />
      <button type="submit">Done</button>
    </RuledForm>
  );
}
const settled = () => after(() => new Promise((resolve) => setTimeout(resolve, 0)));

async function sheetOf(start: Crop) {
  const done: Crop[] = [];
  const place = await mount(<Sheet start={start} onDone={(crop) => done.push(crop)} />);
  const field = (label: string): HTMLInputElement => {
    const name = [...place.querySelectorAll('label')].find((one) => one.textContent === label);
    return the(place, `[id="${name?.htmlFor}"]`);
  };
  const submit = async () => {
    await click(the(place, '[type=submit]'));
    await settled();
  };
  const alerts = () => [...place.querySelectorAll('[role=alert]')].map((one) => one.textContent);
  return { place, done, field, submit, alerts };
}
const tomato = cropIn([], 'tomato');

describe('a form ruled by the core', () => {
  it('gives what was filled in, blanks round a name taken off', async () => {
    const { done, field, submit, alerts } = await sheetOf(tomato);
    await write(field('Name'), '  My tomato ');
    await write(field('Grows to'), "9'");
    await submit();
    expect(alerts()).toEqual([]);
    expect(done).toEqual([{ ...tomato, name: 'My tomato', heightMm: inches(108) }]);
  });

  it('asks for what is missing, goes to it, and takes it once it is there', async () => {
    const { done, field, submit, alerts } = await sheetOf(tomato);
    await write(field('Name'), '');
    await submit();
    expect([alerts(), done]).toEqual([['Give it a name.'], []]);
    expect(document.activeElement).toBe(field('Name'));
    await write(field('Name'), 'Tomato');
    await settled();
    expect(alerts()).toEqual([]);
    await submit();
    expect(done).toHaveLength(1);
  });

  it('says what makes no sense beside its field, lengths in the gardener’s own; what has no field is said below', async () => {
    const { done, field, submit, alerts } = await sheetOf(tomato);
    await write(field('Held up to'), "11'");
    await write(field('Grows to'), "10'");
    await submit();
    expect(alerts()).toEqual(['Held up to is 11′, higher than the plant grows (10′).']);
    expect(document.activeElement).toBe(field('Held up to'));
    expect(done).toEqual([]);
    const other = await sheetOf({ ...tomato, sow: { from: 6, to: 2 } });
    await other.submit();
    expect(other.alerts()).toEqual(['First sowing is 6, after the last week (2).']);
  });

  it('is not given away over what cannot be read: that has the focus until it is mended or given up', async () => {
    const { done, field, submit } = await sheetOf(tomato);
    await write(field('Grows to'), 'abc');
    await submit();
    expect([done, document.activeElement, field('Grows to').value]).toEqual([[], field('Grows to'), 'abc']);
    await press(field('Grows to'), 'Escape');
    await submit();
    expect(done).toEqual([tomato]);
  });

  it('has the limits of the document: what the door refuses cannot be typed in', async () => {
    const { field, alerts } = await sheetOf(tomato);
    await write(field('One fruit, kg'), '51');
    await press(field('One fruit, kg'), 'Enter');
    expect(alerts()).toEqual(['51 is too much; the most is 50.']);
    await write(field('One fruit, kg'), '-1');
    await press(field('One fruit, kg'), 'Enter');
    expect(alerts()).toEqual(['-1 is too little; the least is 0.']);
  });
});
