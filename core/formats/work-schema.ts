import Joi from 'joi';
import { day, id } from './fields';
import { TOOLS } from '../building/tools';
import { CARGOES } from '../catalogue/cargo';
import { LIST_LIMITS } from './measure';

export const WORK_SCHEMA = Joi.object({
  from: day.required().description('No work is done before this day.'),
  people: Joi.array()
    .items(
      Joi.object({
        name: Joi.string().trim().min(1).max(40).required(),
        weekdays: Joi.array()
          .items(Joi.number().integer().min(0).max(6))
          .unique()
          .max(7)
          .required()
          .description('Days of the week, 0 for Sunday.'),
        hours: Joi.number().min(0.5).max(14).required().description('How long on each of them.'),
      }),
    )
    .unique('name')
    .min(1)
    .max(LIST_LIMITS.people)
    .required(),
  off: Joi.array().items(day).unique().max(LIST_LIMITS.off).required().description('Days on which nobody works.'),
  later: Joi.array()
    .items(id)
    .unique()
    .max(LIST_LIMITS.structures)
    .required()
    .description('Structures left for later.'),
  fixed: Joi.array()
    .items(Joi.object({ task: Joi.string().max(160).required(), date: day.required() }))
    .unique('task')
    .max(LIST_LIMITS.fixed)
    .required()
    .description('Tasks that stay on a day.'),
  lent: Joi.array()
    .items(
      Joi.object({
        tool: Joi.string()
          .valid(...TOOLS)
          .required(),
        days: Joi.array().items(day).unique().min(1).max(LIST_LIMITS.off).required(),
      }),
    )
    .unique('tool')
    .description('Tools that are hired or lent: there on these days alone.'),
  brought: Joi.array()
    .items(
      Joi.object({
        cargo: Joi.string()
          .valid(...CARGOES)
          .required(),
        date: day.required(),
      }),
    )
    .unique('cargo')
    .description('What is brought, and when: nothing of it is used before.'),
  took: Joi.array()
    .items(
      Joi.object({
        date: day.required(),
        tookMin: Joi.number().min(0).max(6000).required(),
        reckonedMin: Joi.number().min(0).max(6000).required(),
      }),
    )
    .unique('date')
    .max(LIST_LIMITS.off)
    .required()
    .description('What days really took, beside what was reckoned for them. Minutes.'),
}).description('Who builds it and when; the usual where it is left out.');
