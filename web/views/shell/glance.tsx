'use client';
import { useMemo } from 'react';
import type { Design } from '@lignum/core/design/design';
import { drawAtAGlance } from '@lignum/core/drawing/views';
import { setOnPaper } from '@lignum/core/drawing/sheet';
import { toSvg } from '@lignum/core/drawing/svg';
import type { Around } from '@lignum/core/plan/around';
import { useGarden } from './garden-context';

/** A support as it would be built, small: drawn from its own parts. */
export function Glance({
  design,
  around,
  widthPx = 240,
  heightPx = 150,
}: {
  design: Design;
  around: Around;
  widthPx?: number;
  heightPx?: number;
}) {
  const { units } = useGarden().tongue;
  const svg = useMemo(
    () => toSvg(setOnPaper(drawAtAGlance(design, around), { widthPx, heightPx, units })),
    [design, around, widthPx, heightPx, units],
  );
  return (
    <div
      aria-hidden
      className="drawing fine flex items-center justify-center"
      style={{ height: heightPx }}
      dangerouslySetInnerHTML={{ __html: svg }}
    />
  );
}
