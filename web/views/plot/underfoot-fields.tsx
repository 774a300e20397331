'use client';
import { UNDERFOOT, type Underfoot } from '@lignum/core/site/underfoot';
import { fromLoad, loadUnit, toLoad } from '@lignum/core/quantity/measure';
import { ChooserField } from '../../ui/chooser';
import { Field, inputLook, NumberField } from '../../ui/field';
import { useGarden } from '../shell/garden-context';

const WORDS: Record<Underfoot['is'], string> = {
  soil: 'soil: posts and rods go into it',
  paving: 'paving or concrete',
  decking: 'decking',
  balcony: 'a balcony or a roof',
};

/** More than any floor is made for. kg/m². */
const MOST_KG_M2 = 5000;

/** What a structure stands on where there is no bed; of a deck or a balcony what it may carry, and who answers for that. */
export function UnderfootFields({
  id,
  label = 'It stands on',
  underfoot,
  onChange,
}: {
  id: string;
  label?: string;
  underfoot: Underfoot;
  onChange: (underfoot: Underfoot) => void;
}) {
  const { tongue } = useGarden();
  const change = (is: Underfoot['is']) =>
    onChange(
      is === 'soil' || is === 'paving'
        ? { is }
        : 'answeredBy' in underfoot
          ? { ...underfoot, is }
          : { is, bearsKgM2: null, answeredBy: '' },
    );
  return (
    <div className="grid gap-3">
      <ChooserField
        label={label}
        value={underfoot.is}
        choices={UNDERFOOT.map((is) => ({ id: is, label: WORDS[is] }))}
        onChange={(is) => change(is as Underfoot['is'])}
      />
      {'answeredBy' in underfoot && (
        <>
          <NumberField
            label={`It may carry, ${loadUnit(tongue.units)}`}
            value={Math.round(toLoad(underfoot.bearsKgM2 ?? 0, tongue.units))}
            min={0}
            max={Math.floor(toLoad(MOST_KG_M2, tongue.units))}
            onChange={(load) => onChange({ ...underfoot, bearsKgM2: load > 0 ? fromLoad(load, tongue.units) : null })}
            help={underfoot.bearsKgM2 === null ? '0 while nobody has said: then nothing on it is called good' : ''}
          />
          <Field label="Who says so" htmlFor={`${id}-answers`} help="Whoever answers for the building: owner, engineer">
            <input
              id={`${id}-answers`}
              value={underfoot.answeredBy}
              maxLength={80}
              onChange={(event) => onChange({ ...underfoot, answeredBy: event.target.value })}
              className={inputLook}
            />
          </Field>
        </>
      )}
    </div>
  );
}
