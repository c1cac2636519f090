import { reckon } from '@/core/reckoning/index.ts';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, type Rendered } from './dom.ts';
import type { ReactElement } from 'react';
import { MemoryRouter } from 'react-router';
import { standingEntries } from '@/core/meal/index.ts';
import { openMeal, type Input } from '@/core/model/index.ts';

import { MealProvider } from '../open/MealContext.ts';

/** Renders a part of a sheet about an open meal, whose first batch is open. */
export function renderWithMeal(input: Input, part: ReactElement): Rendered {
  const opened = openMeal(input);
  const reckoning = reckon(opened);
  const [batch] = input.batches;
  const [batchReckoning] = reckoning.batches;
  if (!batch || !batchReckoning) throw new Error('a meal without a batch');
  const { meal, batches, entries, kitchen, learned } = input;
  const open = {
    loaded: { meal, batches, entries, kitchen, learned },
    batch,
    opened,
    units: { system: 'metric', degrees: 'C' } as const,
    standing: standingEntries(entries),
  };
  const figures = { reckoning, batchReckoning, working: false };
  return render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>
        <MealProvider open={open} figures={figures}>
          {part}
        </MealProvider>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}
