import { leadPlant } from '../structures/setting';
import { verdict, type Check } from './verdict';

const WEIGHT = { light: 0, medium: 1, heavy: 2 };

/** Does what carries the crop belong to its class of load? */
export const cropLoad: Check = ({ design, setting }) => {
  const lead = leadPlant(setting);
  if (!lead) return null;
  const values = { crop: lead.crop.name, load: lead.crop.load, carries: design.support.carries };
  return WEIGHT[lead.crop.load] > WEIGHT[design.support.carries]
    ? verdict('crop-load', 'warn', 'load.heavy', values)
    : verdict('crop-load', 'good', 'load.carried', values);
};
