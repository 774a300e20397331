'use client';
import { useWatch } from 'react-hook-form';
import { GARDEN_SCHEMA } from '@lignum/core/formats/place-schemas';
import type { Plan } from '@lignum/core/plan/plan';
import type { Units } from '@lignum/core/quantity/length';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/dialog';
import { FormChooser, FormText, RuledForm, useRuledForm } from '../../ui/form';
import { Switcher } from '../../ui/switcher';
import { CURRENCIES, newPlan } from './new-plan';

/** A garden with nothing in it but its name, its units and its money. */
export default function NewGarden({ onClose, onMake }: { onClose: () => void; onMake: (plan: Plan) => void }) {
  const form = useRuledForm(GARDEN_SCHEMA, newPlan('', 'imperial', 'EUR').garden);
  const units = useWatch({ control: form.control, name: 'units' });
  return (
    <Sheet open onClose={onClose} title="New garden">
      <RuledForm
        form={form}
        schema={GARDEN_SCHEMA}
        units={units}
        step={TAPE_STEP[units]}
        onDone={(garden) => onMake(newPlan(garden.name, garden.units, garden.currency))}
      >
        <FormText name="name" label="What is it called?" asks="Give the garden a name." maxLength={80} />
        <div>
          <p className="mb-1 text-[0.9rem] font-medium">Measured in</p>
          <Switcher
            label="Measured in"
            value={units}
            choices={[
              { id: 'imperial', label: 'feet and inches' },
              { id: 'metric', label: 'millimetres' },
            ]}
            onChange={(next) => form.setValue('units', next as Units)}
          />
        </div>
        <FormChooser
          name="currency"
          label="Currency"
          choices={CURRENCIES.map((code) => ({ id: code, label: code }))}
          help="It starts with invented example prices; put your own shop’s in their place."
        />
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit">
            Make the garden
          </Button>
        </div>
      </RuledForm>
    </Sheet>
  );
}
