'use client';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import type { Market } from '@lignum/core/catalogue/stock';
import { GARDEN_SCHEMA } from '@lignum/core/formats/place-schemas';
import type { Plan } from '@lignum/core/plan/plan';
import { regionOf, REGIONS, type Region } from '@lignum/core/site/regions';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/dialog';
import { FormChooser, FormText, RuledForm, useRuledForm } from '../../ui/form';
import { ChooserField } from '../../ui/chooser';
import { Switcher } from '../../ui/switcher';
import { CURRENCIES, MARKETS, newPlan } from './new-plan';

/** By the clock of who looks; the first where no region goes by it. */
const firstRegion = (): Region => {
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  return REGIONS.find((one) => one.site.zone === zone) ?? (REGIONS[0] as Region);
};

/** A garden with nothing in it but its name, where it lies, whose sizes it buys, and its money. */
export default function NewGarden({ onClose, onMake }: { onClose: () => void; onMake: (plan: Plan) => void }) {
  const [region, setRegion] = useState(firstRegion);
  const [today] = useState(() => new Date());
  const form = useRuledForm(GARDEN_SCHEMA, newPlan('', region, region.market, region.currency, today).garden);
  const market = useWatch({ control: form.control, name: 'market' });
  const choose = (id: string) => {
    const next = regionOf(id) ?? region;
    setRegion(next);
    form.setValue('market', next.market);
    form.setValue('currency', next.currency);
  };
  return (
    <Sheet open onClose={onClose} title="New garden">
      <RuledForm
        form={form}
        schema={GARDEN_SCHEMA}
        units={market}
        step={TAPE_STEP[market]}
        onDone={(garden) => onMake(newPlan(garden.name, region, garden.market, garden.currency, today))}
      >
        <FormText name="name" label="What is it called?" asks="Give the garden a name." maxLength={80} first />
        <ChooserField
          label="Where is it, about?"
          value={region.id}
          choices={REGIONS.map((one) => ({ id: one.id, label: one.name }))}
          onChange={choose}
          help="Puts in frosts, the year’s temperatures, gusts, tax and how shops sell. From memory: all of it can be typed over."
        />
        <div>
          <p className="mb-1 text-[0.9rem] font-medium">Boards and mesh near you are sold</p>
          <Switcher
            label="Boards and mesh near you are sold"
            value={market}
            choices={MARKETS}
            onChange={(next) => form.setValue('market', next as Market)}
          />
          <p className="mt-1 text-[0.85rem] text-soft">
            Decides what is suggested. How lengths are written is yours to switch at any time.
          </p>
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
