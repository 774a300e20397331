'use client';
import type { Bed, BedOutline } from '@lignum/core/site/bed';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { ChooserField } from '../../ui/chooser';
import { LengthField } from '../../ui/field';
import { useGarden } from '../shell/garden-context';

const SHAPES = [
  { id: 'rectangle', label: 'straight sides' },
  { id: 'round', label: 'round or oval' },
  { id: 'keyhole', label: 'with a notch to stand in' },
] as const;

/** What a bed looks like from above. */
export function BedOutlineFields({ bed, onChange }: { bed: Bed; onChange: (part: { outline: BedOutline }) => void }) {
  const { tongue } = useGarden();
  const { outline } = bed;
  const length = { units: tongue.units, step: TAPE_STEP[tongue.units] };
  const start: Record<BedOutline['shape'], BedOutline> = {
    rectangle: { shape: 'rectangle' },
    round: { shape: 'round' },
    keyhole: {
      shape: 'keyhole',
      notchLongMm: Math.max(150, Math.min(600, bed.lengthMm / 3)),
      notchDeepMm: Math.max(150, Math.min(600, bed.widthMm / 2)),
    },
  };
  return (
    <>
      <ChooserField
        label="Seen from above"
        value={outline.shape}
        choices={SHAPES.map((shape) => ({ ...shape }))}
        onChange={(shape) => onChange({ outline: start[shape as BedOutline['shape']] })}
      />
      {outline.shape === 'keyhole' && (
        <div className="grid grid-cols-2 gap-3">
          <LengthField
            {...length}
            label="Notch, wide"
            mm={outline.notchLongMm}
            min={150}
            max={Math.max(150, bed.lengthMm)}
            onChange={(notchLongMm) => onChange({ outline: { ...outline, notchLongMm } })}
          />
          <LengthField
            {...length}
            label="Notch, deep"
            mm={outline.notchDeepMm}
            min={150}
            max={Math.max(150, bed.widthMm)}
            onChange={(notchDeepMm) => onChange({ outline: { ...outline, notchDeepMm } })}
          />
        </div>
      )}
    </>
  );
}
