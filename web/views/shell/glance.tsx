'use client';
import { useMemo } from 'react';
import { drawAtAGlance } from '@lignum/core/drawing/views';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { setOnPaper } from '@lignum/core/drawing/sheet';
import { toSvg } from '@lignum/core/drawing/svg';

/** A support as it would be built, small: drawn from its own parts. */
export function Glance({ computed, widthPx = 240, heightPx = 150 }: { computed: ComputedStructure; widthPx?: number; heightPx?: number }) {
  const { sized, setting } = computed;
  const svg = useMemo(() => toSvg(setOnPaper(drawAtAGlance(sized.design, setting.bed), { widthPx, heightPx, units: setting.units })), [sized, setting, widthPx, heightPx]);
  return <div aria-hidden className="drawing fine flex items-center justify-center" style={{ height: heightPx }} dangerouslySetInnerHTML={{ __html: svg }} />;
}
