'use client';
import { useLayoutEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { setOnPaper, type PaperScale, type Paper } from '@lignum/core/drawing/sheet';
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
  /** What asked for the page, as far as it says: drawn for that until it has been measured. */
  on?: keyof typeof USUAL_WIDTH;
  /** So many times as wide as its place, to be moved along in it, and as much higher as that takes. */
  closer?: number;
  /** What it shows, for those who do not see it. */
  describes?: string;
  /** Holds the drawing still while something in it is pulled. */
  keep?: PaperScale | undefined;
  /** Laid over the drawing, in its pixels. */
  overlay?: (paper: Paper) => ReactNode;
}

/** A view set on paper as wide as its place so that figures never shrink below what can be read. */
export function Drawing({
  view,
  units,
  heightPx,
  caption,
  on = 'desk',
  keep,
  overlay,
  closer = 1,
  describes,
}: DrawingProps) {
  const frame = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(USUAL_WIDTH[on]);
  useLayoutEffect(() => {
    const element = frame.current;
    if (!element) return;
    const measure = () => setWidth(Math.max(150, Math.round(element.clientWidth)));
    // At once, before anything is painted; then whenever its place changes.
    measure();
    const watch = new ResizeObserver(measure);
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  const paper = useMemo(
    () => setOnPaper(view, { widthPx: width * closer, heightPx: heightPx * closer, units, keep }),
    [view, width, heightPx, units, keep, closer],
  );
  const svg = useMemo(() => toSvg(paper), [paper]);
  return (
    <figure className="m-0">
      {caption && <figcaption className="text-sm text-soft">{caption}</figcaption>}
      <div
        ref={frame}
        {...(closer > 1
          ? {
              className: 'overflow-x-auto',
              tabIndex: 0,
              role: 'region',
              'aria-label': `${view.title}, to be moved along`,
            }
          : {})}
      >
        <div className="relative" style={closer > 1 ? { width: width * closer } : undefined}>
          <div
            className="drawing"
            role="img"
            aria-label={describes ?? view.title}
            dangerouslySetInnerHTML={{ __html: svg }}
          />
          {overlay?.(paper)}
        </div>
      </div>
    </figure>
  );
}
