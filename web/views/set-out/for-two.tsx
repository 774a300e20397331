import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import type { Chapter } from './chapters';

/** All of it on paper for two people: one reads the large figures out, the other holds the tape and marks. */
export function ForTwo({ name, chapters }: { name: string; chapters: readonly Chapter[] }) {
  const [isPrinting, setPrinting] = useState(false);
  useEffect(() => {
    // It has to be there before the page is set on paper.
    const begin = () => flushSync(() => setPrinting(true));
    const end = () => setPrinting(false);
    window.addEventListener('beforeprint', begin);
    window.addEventListener('afterprint', end);
    return () => {
      window.removeEventListener('beforeprint', begin);
      window.removeEventListener('afterprint', end);
    };
  }, []);
  if (!isPrinting) return null;
  return (
    <section className="hidden print:block">
      <p className="font-display text-2xl font-semibold">Set out {name}</p>
      <p className="mb-2">
        One reads and ticks, the other holds the tape and marks. Say the figure back before you mark it.
      </p>
      {chapters.map((chapter) => (
        <div key={chapter.title} className="mt-4">
          <p className="break-after-avoid border-b-2 border-ink font-display text-xl font-semibold">{chapter.title}</p>
          {chapter.zero && <p className="break-after-avoid py-1 text-soft">{chapter.zero}</p>}
          <table className="w-full table-fixed">
            <thead>
              <tr className="text-left text-[0.9rem] text-soft">
                <th scope="col" className="w-8 font-medium">
                  <span className="sr-only">Marked</span>
                </th>
                <th scope="col" className="font-medium">
                  I mark
                </th>
                <th scope="col" className="w-[58%] text-right font-medium">
                  You read
                </th>
              </tr>
            </thead>
            <tbody>
              {chapter.steps.map((step, i) => (
                <tr key={i} className="break-inside-avoid border-t border-rule align-top">
                  <td className="pt-2">
                    <span aria-hidden className="inline-block size-4 border border-ink" />
                  </td>
                  <td className="py-1.5 pr-4 text-[1.05rem]">
                    {step.what}
                    {step.more && !step.more.startsWith(step.what) && (
                      <span className="block text-[0.9rem] text-soft">{step.more}</span>
                    )}
                  </td>
                  <td className="py-1 text-right tabular-nums">
                    {step.figures.map(({ label, says }) => (
                      <span key={label} className="ml-5 inline-block text-2xl font-bold whitespace-nowrap">
                        {label && <span className="mr-1.5 text-[0.85rem] font-normal text-soft">{label}</span>}
                        {says}
                      </span>
                    ))}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      ))}
    </section>
  );
}
