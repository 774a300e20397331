'use client';
import { useLayoutEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { setOnPaper, type Frame, type Paper } from '@lignum/core/drawing/sheet';
import { toSvg } from '@lignum/core/drawing/svg';
import type { View } from '@lignum/core/drawing/primitive';
import type { Units } from '@lignum/core/quantity/length';

/** Before the page has been measured: a desk screen's width. Pixels. */
const USUAL_WIDTH = 640;

interface DrawingProps {
  view: View;
  units: Units;
  heightPx: number;
  caption?: string;
  widthPx?: number;
  /** Holds the drawing still while something in it is pulled. */
  keep?: Frame | undefined;
  /** Laid over the drawing, in its pixels. */
  overlay?: (paper: Paper) => ReactNode;
}

/** A view set on paper as wide as its place (or as `widthPx`, for a printed page), so that figures never shrink below what can be read. */
export function Drawing({ view, units, heightPx, caption, widthPx, keep, overlay }: DrawingProps) {
  const frame = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(USUAL_WIDTH);
  useLayoutEffect(() => {
    const element = frame.current;
    if (!element || widthPx !== undefined) return;
    const watch = new ResizeObserver(([entry]) => { if (entry) setWidth(Math.max(150, Math.round(entry.contentRect.width))); });
    watch.observe(element);
    return () => watch.disconnect();
  }, [widthPx]);
  const paper = useMemo(() => setOnPaper(view, { widthPx: widthPx ?? width, heightPx, units, keep }), [view, widthPx, width, heightPx, units, keep]);
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
