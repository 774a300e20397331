import type { Tool } from '@lignum/core/building/tools';
import { CARGOES, type Cargo } from '@lignum/core/catalogue/cargo';
import type { Work } from '@lignum/core/plan/plan';
import { LARGE_TOOLS } from '@lignum/core/work/task';
import { CARGO_WORDS, dateWords, toolName } from '../../words/work-words';
import { useGarden } from '../shell/garden-context';
import { changeWork } from './change-work';
import { DatedList } from './dated-list';

const TOOLS = [...LARGE_TOOLS].map((id) => ({ id, label: toolName(id) }));
const CARGO = CARGOES.map((id) => ({ id, label: CARGO_WORDS[id] }));

/** Tools that are there on some days alone, and what is not there before it is brought. */
export function WhatComes({ work }: { work: Work }) {
  const { store, tongue } = useGarden();
  const lent = (change: (lent: NonNullable<Work['lent']>) => NonNullable<Work['lent']>): void =>
    store.edit(changeWork((now) => ({ lent: change(now.lent ?? []).filter(({ days }) => days.length > 0) })));
  const on = (date: string): string => dateWords(date, tongue.locale);
  return (
    <>
      <DatedList
        title="Hired or lent"
        help="There on these days alone; any other tool is there always."
        things={TOOLS}
        days={(work.lent ?? []).flatMap(({ tool, days }) => days.map((date) => ({ thing: tool, date })))}
        ofDay={(tool, date) => `${tool} is not there on ${on(date)}`}
        onAdd={(thing, date) =>
          lent((all) => [
            ...all.filter(({ tool }) => tool !== thing),
            {
              tool: thing as Tool,
              days: [...new Set([...(all.find(({ tool }) => tool === thing)?.days ?? []), date])].toSorted(),
            },
          ])
        }
        onRemove={(thing, date) =>
          lent((all) =>
            all.map((one) => (one.tool === thing ? { ...one, days: one.days.filter((day) => day !== date) } : one)),
          )
        }
      />
      <DatedList
        title="Brought on a day"
        help="Nothing of it is used before; what is not named is there already."
        things={CARGO}
        days={(work.brought ?? []).map(({ cargo, date }) => ({ thing: cargo, date }))}
        ofDay={(cargo, date) => `${cargo}: not brought on ${on(date)}`}
        onAdd={(thing, date) =>
          store.edit(
            changeWork((now) => ({
              brought: [...(now.brought ?? []).filter(({ cargo }) => cargo !== thing), { cargo: thing as Cargo, date }],
            })),
          )
        }
        onRemove={(thing) =>
          store.edit(changeWork((now) => ({ brought: (now.brought ?? []).filter(({ cargo }) => cargo !== thing) })))
        }
      />
    </>
  );
}
