import { X } from 'lucide-react';
import type { Kitchen } from '@/core/meal/index.ts';
import { ingredientsById } from '@/core/model/index.ts';
import { reference } from '@/reference/index.ts';
import { editKitchen } from '../../open/edits/index.ts';

/** What the cook has named beside the tables: a thing that was made by mistake goes again. */
export function OwnThings({ kitchen }: { readonly kitchen: Kitchen }) {
  const ingredients = ingredientsById({ kitchen, reference });
  const own = (kitchen.ingredients ?? []).filter(({ section }) => section === 'own');
  const atHome = kitchen.atHome ?? [];
  const hands = kitchen.hands ?? [];
  if (own.length + atHome.length + hands.length === 0) return null;
  return (
    <>
      {atHome.length > 0 && (
        <p>
          Always in the house, so not on the list:{' '}
          {atHome.map((ref) => (
            <button
              key={ref}
              type="button"
              className="link"
              title="back on the list"
              onClick={() => {
                editKitchen('something back on the list', (before) => ({
                  ...before,
                  atHome: (before.atHome ?? []).filter((one) => one !== ref),
                }));
              }}
            >
              {ingredients.get(ref)?.name ?? ref}
              <X size={14} aria-hidden />
            </button>
          ))}
        </p>
      )}
      {hands.length > 0 && <h2>Who cooks here</h2>}
      <ul className="plain">
        {hands.map(({ id, name }) => (
          <li key={id}>
            {name}{' '}
            <button
              type="button"
              className="link quiet"
              aria-label={`Remove ${name}`}
              onClick={() => {
                editKitchen(`removing ${name}`, (before) => ({
                  ...before,
                  hands: (before.hands ?? []).filter((one) => one.id !== id),
                }));
              }}
            >
              <X size={16} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      {own.length > 0 && <h2>Ingredients of your own</h2>}
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
      {own.length > 0 && <p className="quiet">A pot that has one of these loses it.</p>}
    </>
  );
}
