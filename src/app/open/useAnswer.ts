import { useQuery, type UseQueryResult } from '@tanstack/react-query';
import type { Answer, Ask, Question } from '@/core/answers/index.ts';
import { revisionOf } from '@/workers/asker.ts';
import { ask } from '@/workers/client.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { useOpenMeal } from './MealContext.ts';

interface Options {
  /** False: it is not asked yet. */
  readonly enabled?: boolean;
}

/**
 * The worker's answer to a question about the open meal. The question with the meal's revision is its own key, so
 * that an edit drops the old question; the answer before it stands until the new one is there.
 */
export function useAnswer<Q extends Question>(question: Q, asked: Ask<Q>, options?: Options) {
  return useAnswerOf(useOpenMeal().loaded, question, asked, options);
}

/** The same of a meal that is not in the context yet. */
export function useAnswerOf<Q extends Question>(
  loaded: LoadedMeal,
  question: Q,
  asked: Ask<Q>,
  { enabled = true, after }: Options & { readonly after?: Promise<void> } = {},
): UseQueryResult<Answer<Q>> {
  const { id } = loaded.meal;
  const result = useQuery({
    queryKey: ['answer', question, id, revisionOf(loaded), asked],
    queryFn: async ({ signal }): Promise<unknown> => {
      await after;
      return ask(question, loaded, asked, signal);
    },
    // What stood a moment ago stands in, but never another meal's.
    placeholderData: (before, query) => (query?.queryKey[2] === id ? before : undefined),
    staleTime: Infinity,
    gcTime: 60_000,
    enabled,
  });
  // The library's placeholder type cannot follow a generic answer; the key ties the two together.
  return result as UseQueryResult<Answer<Q>>;
}
