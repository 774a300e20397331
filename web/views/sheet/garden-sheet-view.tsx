'use client';
import { useMemo } from 'react';
import { useGarden } from '../shell/garden-context';
import { useResults } from '../shell/use-results';
import { gardenSheets } from '../../sheets/garden-sheets';
import { Sheets, usePaper } from './sheets';

/** The whole garden on paper: the plot to scale, one list for the shop, and where each piece comes from. */
export function GardenSheetView() {
  const { id, tongue } = useGarden();
  const { plan, garden } = useResults();
  const [size, setSize] = usePaper();
  const pages = useMemo(() => gardenSheets(plan, garden, tongue, size), [plan, garden, tongue, size]);
  return (
    <Sheets
      back={{ href: `/g/${id}/list`, label: 'Back to the list' }}
      title={`${plan.garden.name}: sheets`}
      name={plan.garden.name}
      of={[]}
      pages={pages}
      size={size}
      onSize={setSize}
      pdf={`/api/gardens/${id}/sheet?paper=${size}`}
      {...(plan.structures.length > 0
        ? {
            pack: {
              pdf: `/api/gardens/${id}/sheet?paper=${size}&plans=1`,
              of: plan.structures.map((one) => one.id),
              label: 'PDF with every plan',
            },
          }
        : {})}
    />
  );
}
