'use client';
import { CORNERS, type Bed, type BedOutline } from '@lignum/core/site/bed';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { ChooserField } from '../../ui/chooser';
import { LengthField, NumberField } from '../../ui/field';
import { useGarden } from '../shell/garden-context';

const SHAPES = [
  { id: 'rectangle', label: 'straight sides' },
  { id: 'round', label: 'round or oval' },
  { id: 'polygon', label: 'five to eight sides' },
  { id: 'keyhole', label: 'with a notch to stand in (keyhole, U)' },
  { id: 'corner', label: 'with a corner left out (L)' },
] as const;

/** A notch to begin with: a share of the bed's length, of what is cut into its middle no more than one stands in. mm. */
const notchIn = (bed: Bed, longMm: number) => ({
  notchLongMm: Math.max(150, longMm),
  notchDeepMm: Math.max(150, Math.min(STOOD_IN_MM, bed.widthMm / 2)),
});
const STOOD_IN_MM = 600;

/** What a bed looks like from above. */
export function BedOutlineFields({ bed, onChange }: { bed: Bed; onChange: (part: { outline: BedOutline }) => void }) {
  const { tongue } = useGarden();
  const { outline } = bed;
  const length = { units: tongue.units, step: TAPE_STEP[tongue.units] };
  const start: Record<BedOutline['shape'], BedOutline> = {
    rectangle: { shape: 'rectangle' },
    round: { shape: 'round' },
    polygon: { shape: 'polygon', corners: 6 },
    keyhole: { shape: 'keyhole', ...notchIn(bed, Math.min(STOOD_IN_MM, bed.lengthMm / 3)) },
    corner: { shape: 'corner', ...notchIn(bed, bed.lengthMm / 2) },
  };
  return (
    <>
      <ChooserField
        label="Seen from above"
        value={outline.shape}
        choices={SHAPES.map((shape) => ({ ...shape }))}
        onChange={(shape) => onChange({ outline: start[shape as BedOutline['shape']] })}
      />
      {outline.shape === 'polygon' && (
        <NumberField
          label="Sides"
          value={outline.corners}
          min={CORNERS.min}
          max={CORNERS.max}
          onChange={(corners) => onChange({ outline: { ...outline, corners: Math.round(corners) } })}
        />
      )}
      {(outline.shape === 'keyhole' || outline.shape === 'corner') && (
        <div className="grid grid-cols-2 gap-3">
          <LengthField
            {...length}
            label={outline.shape === 'corner' ? 'Left out, long' : 'Notch, wide'}
            mm={outline.notchLongMm}
            min={150}
            max={Math.max(150, bed.lengthMm)}
            onChange={(notchLongMm) => onChange({ outline: { ...outline, notchLongMm } })}
          />
          <LengthField
            {...length}
            label={outline.shape === 'corner' ? 'Left out, deep' : 'Notch, deep'}
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
