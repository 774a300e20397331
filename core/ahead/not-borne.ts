import { SNOW_DEEP_MM } from '../statics/snow';
import type { Besides } from '../withstand/besides';
import { fact, type Fact } from '../wording/say';

const CODES: Readonly<Record<Besides['by'], string>> = {
  'leant on': 'open.leant-on',
  'swung on': 'open.swung-on',
  ladder: 'open.ladder',
  snow: 'open.snow',
};

/** What besides the wind is too much for a structure, as it is told wherever that is. */
export const notBorne = (by: Besides['by']): Fact =>
  fact(CODES[by], by === 'snow' ? { deep: { mm: SNOW_DEEP_MM } } : {});

/** Whether a fact tells that: nothing is turned against it, it is only told. */
export const isNotBorne = ({ code }: Pick<Fact, 'code'>): boolean => Object.values(CODES).includes(code);
