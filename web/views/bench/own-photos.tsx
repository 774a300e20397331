'use client';
import { useMemo } from 'react';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { partChoices } from '../../words/part-choices';
import { Photos } from '../photos/photos';

/** Photos of this structure, each of all of it or of a part. */
export default function OwnPhotos({ computed }: { computed: ComputedStructure }) {
  const parts = useMemo(() => partChoices(computed).filter(({ parts: own }) => own.length === 1), [computed]);
  return <Photos structure={computed.structure.id} parts={parts} />;
}
