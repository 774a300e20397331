'use client';
import Link from 'next/link';
import { ChevronLeft, FileDown, Printer } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { pageSvg } from '@lignum/core/paper/page-svg';
import { SIZES, type Page, type PaperSize } from '@lignum/core/paper/page';
import { Button, buttonLook } from '../../ui/button';
import { useGarden, useSaving } from '../shell/garden-context';
import { useTicks } from '../shell/use-ticks';
import { keepPaper, paperFrom, paperKept, PAPERS } from '../../sheets/paper-choice';

/** The paper this device prints on: what is usual until it has been looked up, and after. */
/** What a style sheet calls them (CSS Paged Media 3, 7.1). */
const CSS_NAME: Record<PaperSize, string> = { A4: 'A4', Letter: 'letter', A3: 'A3', Tabloid: 'ledger' };

export function usePaper(): [PaperSize, (size: PaperSize) => void] {
  const { units } = useGarden().tongue;
  const [size, setSize] = useState<PaperSize>(paperFrom(null, units));
  useEffect(() => setSize(paperKept(units)), [units]);
  return [
    size,
    (next) => {
      keepPaper(next);
      setSize(next);
    },
  ];
}

/** Pages as they will be printed, with the two ways of having them on paper. */
export function Sheets({
  back,
  title,
  name,
  pages,
  size,
  onSize,
  pdf,
  of,
  pack,
  dxf,
  choices,
}: {
  back: { href: string; label: string };
  title: string;
  name: string;
  pages: readonly Page[];
  size: PaperSize;
  onSize: (size: PaperSize) => void;
  pdf: string;
  /** The structures whose plans they are: once they are on paper the garden does not ask for that any more. */
  of: readonly string[];
  /** A file of more than these pages, and the structures whose plans are in it. */
  pack?: { pdf: string; of: readonly string[]; label: string };
  /** Its views and templates for other programs. */
  dxf?: string;
  /** What may be chosen of them: labels on pages of their own, built alone. */
  choices?: readonly { label: string; chosen: boolean; onChoose: (chosen: boolean) => void }[];
}) {
  const saved = useSaving(({ save }) => save.state === 'saved');
  const drawn = useMemo(
    () => pages.map((page, i) => pageSvg(page, `${name}, page ${i + 1} of ${pages.length}`)),
    [pages, name],
  );
  const { widthPx, heightPx } = SIZES[size];
  const ticks = useTicks();
  const tell = useRef(() => {});
  useEffect(() => {
    tell.current = () => ticks.mark('printed', of, { done: true });
  });
  useEffect(() => {
    const printed = () => tell.current();
    window.addEventListener('beforeprint', printed);
    return () => window.removeEventListener('beforeprint', printed);
  }, []);
  return (
    <main className="px-3 pb-16 print:p-0">
      <style>{`@page { size: ${CSS_NAME[size]} portrait; margin: 0; }`}</style>
      <div className="no-print mx-auto flex max-w-[70rem] flex-wrap justify-end items-center gap-x-3 gap-y-2 py-3">
        <Link className={buttonLook('quiet')} href={back.href}>
          <ChevronLeft size={17} aria-hidden />
          {back.label}
        </Link>
        <span className="grow" />
        {choices && choices.length > 0 && (
          // Many stand in a row of their own.
          <div className={choices.length > 3 ? 'order-last flex basis-full flex-wrap sm:justify-end' : 'contents'}>
            {choices.map(({ label, chosen, onChoose }) => (
              <label key={label} className="flex min-h-11 cursor-pointer items-center gap-2 px-2">
                <input
                  type="checkbox"
                  className="size-5 accent-(--chalk)"
                  checked={chosen}
                  onChange={(event) => onChoose(event.target.checked)}
                />
                {label}
              </label>
            ))}
          </div>
        )}
        <fieldset className="flex items-center gap-1">
          <legend className="sr-only">Paper</legend>
          {PAPERS.map((one) => (
            <label key={one} className="flex min-h-11 cursor-pointer items-center gap-2 px-2">
              <input
                type="radio"
                name="paper"
                className="size-5 accent-(--chalk)"
                checked={size === one}
                onChange={() => onSize(one)}
              />
              {one}
            </label>
          ))}
        </fieldset>
        {saved && (
          <a className={buttonLook('plain')} href={pdf} download onClick={() => tell.current()}>
            <FileDown size={17} aria-hidden />
            PDF
          </a>
        )}
        {saved && dxf && (
          <a
            className={buttonLook('quiet')}
            href={dxf}
            download
            title="Views and templates at full size, for other drawing programs"
          >
            <FileDown size={17} aria-hidden />
            DXF
          </a>
        )}
        {saved && pack && (
          <a
            className={buttonLook('plain')}
            href={pack.pdf}
            download
            onClick={() => ticks.mark('printed', pack.of, { done: true })}
          >
            <FileDown size={17} aria-hidden />
            {pack.label}
          </a>
        )}
        <Button look="main" onClick={() => window.print()}>
          <Printer size={17} aria-hidden />
          Print {pages.length} {pages.length === 1 ? 'sheet' : 'sheets'}
        </Button>
      </div>
      <h1 className="sr-only">{title}</h1>
      {/* In the hand a page is as large as it can be read, and pushed along with a finger. */}
      <div
        role="region"
        aria-label="Pages"
        tabIndex={0}
        className="max-sm:-mx-3 max-sm:overflow-x-auto max-sm:px-3 print:contents"
      >
        {drawn.map((svg, i) => (
          <div
            key={i}
            className="sheet-page mx-auto mb-5 max-w-full bg-white text-black shadow-sm max-sm:min-w-[46rem] print:mb-0 print:min-w-0 print:shadow-none"
            style={{ width: widthPx, aspectRatio: `${widthPx} / ${heightPx}` }}
            dangerouslySetInnerHTML={{ __html: svg }}
          />
        ))}
      </div>
    </main>
  );
}
