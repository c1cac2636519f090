import { X } from 'lucide-react';
import type { Kitchen } from '@/core/batch/index.ts';
import { editKitchen } from '../data/edits.ts';

/** What the cook has named beside the tables: a thing that was made by mistake goes again. */
export function OwnThings({ kitchen }: { readonly kitchen: Kitchen }) {
  const own = (kitchen.ingredients ?? []).filter(({ section }) => section === 'own');
  if (own.length === 0) return null;
  return (
    <>
      <h2>Ingredients of your own</h2>
      <ul className="plain">
        {own.map(({ id, name }) => (
          <li key={id}>
            {name}{' '}
            <button
              type="button"
              className="link quiet"
              aria-label={`Remove ${name}`}
              onClick={() => {
                editKitchen(`removing ${name}`, (before) => ({
                  ...before,
                  ingredients: (before.ingredients ?? []).filter((one) => one.id !== id),
                }));
              }}
            >
              <X size={16} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <p className="quiet">A pot that has one of these loses it.</p>
    </>
  );
}
