import { setOnPaper } from '@lignum/core/drawing/sheet';
import { PRINT_STYLE } from '@lignum/core/drawing/inks';
import { toSvg } from '@lignum/core/drawing/svg';
import { drawViews } from '@lignum/core/drawing/views';
import { dxfOf } from '@lignum/core/formats/dxf';
import { billCsv } from '@lignum/core/formats/bill-csv';
import { marksCsv } from '@lignum/core/formats/marks-csv';
import type { PaperSize } from '@lignum/core/paper/page';
import { computeGarden } from '@lignum/core/plan/compute';
import { standsOf } from '@lignum/core/plan/stands';
import { computeAs } from '@lignum/core/plan/compute-as';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import type { Units } from '@lignum/core/quantity/length';
import { bedsFor } from '@lignum/core/choosing/where';
import { kindOf } from '@lignum/core/structures/registry';
import type { RankedBed } from '../../kept/ranked-bed';
import { gardenSheets } from '../../sheets/garden-sheets';
import { structureSheets } from '../../sheets/sheets';
import { pdfOf } from '../pdf';
import { weekendSheets } from '../../sheets/weekends';
import { workCalendar } from './calendar';
import { weekendsIn } from './weekends-in';
import type { Built } from '@lignum/core/work/left';
import { onWeeks, weeksIn } from '@lignum/core/work/on-weeks';

/** A file made of a garden: its name's beginning, its type, and what is in it. */
export interface Made {
  called: string;
  type: string;
  body: string | Uint8Array;
}

/** What may be asked of a garden that takes long; of one structure by its id, or of all where that is null: then with `plans` the plan of each as well. */
export type Task =
  | {
      make: 'sheets';
      structure: string | null;
      units: Units;
      paper: PaperSize;
      labels: boolean;
      /** With the sum of its strength. */
      sum: boolean;
      alone: boolean;
      plans: boolean;
    }
  | { make: 'bill'; structure: string | null; units: Units }
  | { make: 'marks'; structure: string; units: Units }
  | {
      make: 'calendar';
      structure: null;
      units: Units;
      /** The garden by its id, as its pages are called. */
      garden: string;
      built: Built;
      today: string;
      origin: string;
      stampMs: number;
    }
  | {
      make: 'weekends';
      structure: null;
      units: Units;
      paper: PaperSize;
      /** With the plot, the list, the cuts and the plan of everything that is built. */
      pack: boolean;
      /** The Mondays of the weeks that are asked for; all where none is. */
      weeks: readonly string[];
      built: Built;
      today: string;
    }
  | { make: 'drawing'; structure: string; view: string | null; units: Units }
  | { make: 'dxf'; structure: string; units: Units }
  | { make: 'beds'; planting: Parameters<typeof bedsFor>[1] };

/** What comes of each; null where the garden has no such structure, or it no such view. */
export type Answer<Of extends Task = Task> = Of extends { make: 'beds' } ? RankedBed[] : Made | null;

/** Does a task. Takes from milliseconds to many seconds. */
export async function work(plan: Plan, task: Task): Promise<Answer> {
  if (task.make === 'beds')
    return bedsFor(plan, task.planting).map(({ bed, suits, pro, con }) => ({ bed: bed.id, suits, pro, con }));
  const structure = plan.structures.find((one) => one.id === task.structure);
  if (task.structure !== null && !structure) return null;
  if (task.make === 'bill')
    return {
      called: `${structure?.name ?? plan.garden.name}-bill.csv`,
      type: 'text/csv',
      body: billCsv(plan, task.units, structure?.id),
    };
  if (task.make === 'calendar')
    return { called: `${plan.garden.name}-weekends.ics`, type: 'text/calendar', body: workCalendar(plan, task) };
  if (task.make === 'weekends') return weekendPages(plan, task);
  if (task.make === 'sheets') return sheets(plan, structure ?? null, task);
  if (!structure) return null;
  const computed = computeAs(kindOf, plan, structure);
  if (task.make === 'dxf')
    return {
      called: `${structure.name}.dxf`,
      type: 'image/vnd.dxf',
      body: dxfOf(computed.sized.design, computed.around, task.units),
    };
  if (task.make === 'marks')
    return {
      called: `${structure.name}-marks.csv`,
      type: 'text/csv',
      body: marksCsv(computed, plan.crops, task.units),
    };
  const view = drawViews(computed.sized.design, computed.around).find((one, i) =>
    task.view === null ? i === 0 : one.id === task.view,
  );
  return (
    (view && {
      called: `${structure.name}-${view.id}.svg`,
      type: 'image/svg+xml',
      body: toSvg(setOnPaper(view, { widthPx: 1100, heightPx: 520, units: task.units }), PRINT_STYLE),
    }) ??
    null
  );
}

async function sheets(plan: Plan, structure: StructurePlan | null, task: Task & { make: 'sheets' }): Promise<Made> {
  const tongue = { units: task.units, locale: plan.garden.locale };
  const name = structure?.name ?? plan.garden.name;
  const garden = task.alone ? null : computeGarden(plan);
  const of = (one: StructurePlan) =>
    structureSheets(plan, computeAs(kindOf, plan, one), tongue, task.paper, {
      labels: task.labels,
      with: garden,
      stood: task.sum ? standsOf(plan, one, false).stood : null,
    });
  const pages = structure
    ? of(structure)
    : [
        ...gardenSheets(plan, garden ?? computeGarden(plan), tongue, task.paper),
        ...(task.plans ? plan.structures.flatMap(of) : []),
      ];
  return { called: `${name}.pdf`, type: 'application/pdf', body: await pdfOf(pages, name) };
}

/** The weekends on paper, alone or with all there is to take along, each structure in the order in which it is begun. */
async function weekendPages(plan: Plan, task: Task & { make: 'weekends' }): Promise<Made> {
  const tongue = { units: task.units, locale: plan.garden.locale };
  const { computed, weekends: all } = weekendsIn(plan, task);
  const known = new Set(weeksIn(all).map(({ week }) => week));
  const weekends = onWeeks(all, new Set(task.weeks.filter((week) => known.has(week))));
  const name = `${plan.garden.name}: weekends`;
  const days = weekendSheets(plan, computed, weekends, tongue, task.paper);
  if (!task.pack) return { called: `${name}.pdf`, type: 'application/pdf', body: await pdfOf(days, name) };
  const begun = weekends.structures
    .toSorted((a, b) => ((a.firstDay ?? '') < (b.firstDay ?? '') ? -1 : 1))
    .flatMap(({ structure }) => plan.structures.find(({ id }) => id === structure) ?? []);
  const along: Plan = { ...plan, structures: begun };
  // What is bought and cut is that of what is built now.
  const garden = computeGarden(along);
  const pages = [
    ...gardenSheets(along, garden, tongue, task.paper),
    ...days,
    ...begun.flatMap((one) =>
      structureSheets(along, computeAs(kindOf, plan, one), tongue, task.paper, {
        labels: true,
        with: garden,
        stood: null,
      }),
    ),
  ];
  return { called: `${name}.pdf`, type: 'application/pdf', body: await pdfOf(pages, name) };
}
