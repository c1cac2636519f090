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
      <Removable
        title="Who cooks here"
        all={hands}
        onRemove={(id) => (before) => ({
          ...before,
          hands: (before.hands ?? []).filter((one) => one.id !== id),
        })}
      />
      <Removable
        title="Ingredients of your own"
        all={own}
        onRemove={(id) => (before) => ({
          ...before,
          ingredients: (before.ingredients ?? []).filter((one) => one.id !== id),
        })}
      />
      {own.length > 0 && <p className="quiet">A pot that has one of these loses it.</p>}
    </>
  );
}

interface RemovableProps {
  readonly title: string;
  readonly all: readonly { readonly id: string; readonly name: string }[];
  readonly onRemove: (id: string) => (kitchen: Kitchen) => Kitchen;
}

/** Names, each of which may go again; nothing where there are none. */
function Removable({ title, all, onRemove }: RemovableProps) {
  if (all.length === 0) return null;
  return (
    <>
      <h2>{title}</h2>
      <ul className="plain">
        {all.map(({ id, name }) => (
          <li key={id}>
            {name}{' '}
            <button
              type="button"
              className="link quiet"
              aria-label={`Remove ${name}`}
              onClick={() => {
                editKitchen(`removing ${name}`, onRemove(id));
              }}
            >
              <X size={16} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
