import { lazy, Suspense, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { stages } from '@/core/meal/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { doAgain, takeBack } from '../open/memory.ts';

const KeysDialog = lazy(() => import('./KeysDialog.tsx'));

const isWriting = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  target.matches('input:not([type=radio]), select, textarea, [contenteditable]');

/** The keys of the frame, and the dialog that lists them. */
export function KeysHelp() {
  const [open, setOpen] = useState(false);
  const { loaded, batch } = useOpenMeal();
  const navigate = useNavigate();

  useEffect(() => {
    const go = (by: number) => {
      // The address knows where we are before the page has been drawn again.
      const at = stages.findIndex((stage) => location.pathname.endsWith(`/${stage}`));
      const next = stages[at + by];
      if (next) void navigate(`/meals/${loaded.meal.id}/batches/${batch.id}/${next}`);
    };
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isWriting(event.target)) return;
      const keys: Readonly<Record<string, () => void>> = {
        '?': () => {
          setOpen(true);
        },
        '[': () => {
          go(-1);
        },
        ']': () => {
          go(1);
        },
        u: () => {
          takeBack(loaded.meal.id);
        },
        U: () => {
          doAgain(loaded.meal.id);
        },
        w: () => {
          document.querySelector<HTMLElement>('[data-weighs]')?.focus();
        },
        k: () => {
          const fork = document.querySelector<HTMLElement>('[data-checks]');
          if (fork) fork.focus();
          else void navigate(`/meals/${loaded.meal.id}/batches/${batch.id}/clock`);
        },
      };
      const edits = keys[event.key];
      if (!edits) return;
      event.preventDefault();
      edits();
    };
    document.addEventListener('keydown', press);
    return () => {
      document.removeEventListener('keydown', press);
    };
  }, [batch.id, loaded.meal.id, navigate]);

  if (!open) return null;
  return (
    <Suspense>
      <KeysDialog
        onClose={() => {
          setOpen(false);
        }}
      />
    </Suspense>
  );
}
