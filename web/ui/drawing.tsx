'use client';
import { useLayoutEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { setOnPaper, type Frame, type Paper } from '@lignum/core/drawing/sheet';
import { toSvg } from '@lignum/core/drawing/svg';
import type { View } from '@lignum/core/drawing/primitive';
import type { Units } from '@lignum/core/quantity/length';

/** Before the page has been measured: a place on a desk screen, and on a phone. Pixels. */
const USUAL_WIDTH = { desk: 640, phone: 334 };

interface DrawingProps {
  view: View;
  units: Units;
  heightPx: number;
  caption?: string;
  widthPx?: number;
  /** What asked for the page, as far as it says: drawn for that until it has been measured. */
  on?: keyof typeof USUAL_WIDTH;
  /** Holds the drawing still while something in it is pulled. */
  keep?: Frame | undefined;
  /** Laid over the drawing, in its pixels. */
  overlay?: (paper: Paper) => ReactNode;
}

/** A view set on paper as wide as its place (or as `widthPx`, for a printed page), so that figures never shrink below what can be read. */
export function Drawing({ view, units, heightPx, caption, widthPx, on = 'desk', keep, overlay }: DrawingProps) {
  const frame = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(USUAL_WIDTH[on]);
  useLayoutEffect(() => {
    const element = frame.current;
    if (!element || widthPx !== undefined) return;
    const measure = () => setWidth(Math.max(150, Math.round(element.clientWidth)));
    // At once, before anything is painted; then whenever its place changes.
    measure();
    const watch = new ResizeObserver(measure);
    watch.observe(element);
    return () => watch.disconnect();
  }, [widthPx]);
  const paper = useMemo(
    () => setOnPaper(view, { widthPx: widthPx ?? width, heightPx, units, keep }),
    [view, widthPx, width, heightPx, units, keep],
  );
  const svg = useMemo(() => toSvg(paper), [paper]);
  return (
    <figure className="m-0">
      {caption && <figcaption className="text-sm text-soft">{caption}</figcaption>}
      <div ref={frame} className="relative">
        <div className="drawing" dangerouslySetInnerHTML={{ __html: svg }} />
        {overlay?.(paper)}
      </div>
    </figure>
  );
}
