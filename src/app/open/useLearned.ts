import { useEffect, useMemo } from 'react';
import { learn, type LearnedFigure, learnedFigures } from '@/core/log/index.ts';
import { reference } from '@/reference/index.ts';
import { ensureTaught, taughtNow } from './taught.ts';
import { useKitchen } from './useKitchen.ts';
import { useWatched } from '../browser/watched.ts';

/** All that the past batches have taught, each beside what is published or foretold. */
export function useLearned(): readonly LearnedFigure[] {
  useEffect(() => {
    ensureTaught().catch(reportError);
  }, []);
  const past = useWatched(taughtNow);
  const kitchen = useKitchen();
  return useMemo(() => {
    const { learned } = learn(
      past.flatMap(({ evidence }) => evidence),
      past.length,
    );
    return learnedFigures(learned, kitchen, reference);
  }, [past, kitchen]);
}
