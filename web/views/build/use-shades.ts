'use client';
import { useEffect, useState } from 'react';
import { KINDS } from '@lignum/core/structures/registry';
import type { ShadesAnswer, ShadesQuestion } from '../../workers/choosing-messages';
import { inTurns } from '../../worked/in-turns';
import { choosingWorker } from '../shell/choosing-worker';
import { useGarden } from '../shell/garden-context';
import { useAnswer } from '../shell/use-answer';
import { exampleOf, examplesOf } from './examples';

/** By kind: the bed that would lose most sun to it, and how much; without what will not do where it is drawn. */
export type Shades = ShadesAnswer;

/** What each kind would take of the sun where it is drawn, worked out away from the page; null while that lasts. */
export function useShades(): Shades | null {
  const { plan } = useGarden();
  const [question, setQuestion] = useState<ShadesQuestion | null>(null);
  useEffect(() => {
    let isLeft = false;
    void inTurns(examplesOf(plan)).then(() => {
      const examples = KINDS.flatMap((kind) => {
        const example = exampleOf(kind, plan);
        return example?.on ? [{ within: example.within, structure: example.structure.id }] : [];
      });
      if (!isLeft) setQuestion({ about: 'shades', plan, examples });
    });
    return () => {
      isLeft = true;
    };
  }, [plan]);
  const { answer, of } = useAnswer<ShadesQuestion, ShadesAnswer>(choosingWorker, question);
  return question?.plan === plan && of === question ? answer : null;
}
