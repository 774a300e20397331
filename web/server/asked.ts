import Joi from 'joi';
import { atTheDoor, type DocumentFault } from '@lignum/core/formats/door';
import { ORDERS, type Asked } from '../kept/garden-card';

/** All of them, the one saved last first. */
export const FIRST_PAGE: Asked = { seek: '', by: 'saved', page: 1 };

const ASKED = Joi.object<Asked>({
  seek: Joi.string().allow('').max(80).default(FIRST_PAGE.seek),
  by: Joi.string()
    .valid(...ORDERS)
    .default(FIRST_PAGE.by),
  page: Joi.number().integer().min(1).max(1_000_000).default(FIRST_PAGE.page),
});

/** What is asked of the list of gardens, from an address's search; numbers come as text there. */
export function askedFrom(
  search: Iterable<[string, string]>,
): { ok: true; value: Asked } | { ok: false; faults: readonly DocumentFault[] } {
  const said = Object.fromEntries([...search].filter(([name]) => name in FIRST_PAGE));
  return atTheDoor<Asked>(ASKED, said.page ? { ...said, page: Number(said.page) } : said);
}
