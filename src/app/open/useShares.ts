import { meanwhile, type Shares } from '@/core/answers/index.ts';
import { useOpenMeal } from './MealContext.ts';
import { useAnswer } from './useAnswer.ts';

/**
 * What the plates get. What has changed is counted at once: until it is shared out anew its portions are pale.
 * @param enabled false: it is not asked yet
 */
export function useShares(enabled = true): {
  readonly data: Shares | undefined;
  readonly error: Error | null;
  readonly isPale: boolean;
} {
  const { opened } = useOpenMeal();
  const { data, error, isPlaceholderData: isPale } = useAnswer('shares', undefined, { enabled });
  return { data: data && isPale ? meanwhile(data, opened) : data, error, isPale };
}
