import { pansOf } from '@/core/pot/index.ts';
import { useAnswer } from '../../open/useAnswer.ts';
import type { Batch } from '@/core/meal/index.ts';
import { withOrWithout } from '../../open/withOrWithout.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits/index.ts';
import { PanFromAbove } from '../../figures/PanFromAbove.tsx';
import { Choice } from '../../parts/fields/Choice.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import css from './pot.module.scss';

/** More pans than this are not drawn one by one. */
const DRAWN = 24;
const mixes = [
  { value: 'apart', words: 'each lot by itself' },
  { value: 'mixed', words: 'mixed' },
] as const;

/** The sear, pan by pan: which pieces lie in which. */
export default function SearPans() {
  const { batch } = useOpenMeal();
  const { data, error } = useAnswer('searing', { batch: batch.id });
  if (error)
    return <FieldError>The pans could not be laid out ({error.message}). Reload the page.</FieldError>;
  if (!data) return <p className="quiet">Laying them out.</p>;
  const { pans, tooLarge, pan, names, browning } = data;
  const brown = (lots: readonly string[]) => {
    const all = lots.flatMap((lot) => browning[lot] ?? []);
    const sides = Math.max(...all.map((one) => one.sides));
    const minutes = [...new Set(all.map((one) => one.minutes))].join(' to ');
    return `${String(sides)} sides, ${minutes} min each`;
  };
  // Panfuls of the same lots stand together.
  const groups = new Map<string, typeof pans>();
  for (const one of pans) {
    const lots = [...new Set(one.pieces.map(({ lot }) => lot))].map((lot) => names[lot] ?? '').join(' and ');
    groups.set(lots, [...(groups.get(lots) ?? []), one]);
  }
  return (
    <div className={css.sear} role="group" aria-label="Pan by pan">
      <PanChoices pan={pan.id} />
      {tooLarge.map((lot) => (
        <FieldError key={lot}>
          The pieces of {names[lot]?.toLowerCase()} do not fit into {pan.name}: cut them smaller, or use a
          wider pan.
        </FieldError>
      ))}
      {[...groups].map(([lots, own]) => (
        <figure key={lots}>
          <figcaption>
            {lots}: <span className="num">{own.map(({ pieces }) => pieces.length).join(' + ')}</span>
            <span className="quiet">
              ; {brown([...new Set(own.flatMap(({ pieces }) => pieces.map(({ lot }) => lot)))])}
            </span>
          </figcaption>
          <div className={css.pans}>
            {own.slice(0, DRAWN).map((one, i) => (
              <PanFromAbove
                // Pans have no identity but their turn.
                key={i}
                pan={pan}
                panful={one}
                words={`${pan.name}, turn ${i + 1}: ${one.pieces.length} pieces of ${lots}`}
              />
            ))}
          </div>
        </figure>
      ))}
      <p className="quiet">
        Dry pieces, a finger apart, not moved until they let go. Wet or crowded meat steams.
      </p>
    </div>
  );
}

/** In which pan, how many pieces at a time and for how long. */
function PanChoices({ pan }: { readonly pan: string }) {
  const { loaded, batch } = useOpenMeal();
  const edit = (words: string, recipe: (b: Batch) => Batch, field: string) => {
    editBatch(batch.id, words, recipe, `${batch.id} pans ${field}`);
  };
  return (
    <div className="choices">
      <SelectField
        label="Sear in"
        value={pan}
        onChoose={(id) => {
          editBatch(batch.id, 'what it is seared in', (b) => ({ ...b, pan: id }));
        }}
      >
        {pansOf(loaded.kitchen).map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </SelectField>
      <QuantityField
        label="Pieces in a pan"
        quantity={batch.pans?.pieces}
        measure="count"
        placeholder="as many as fit"
        chars={12}
        onChange={(pieces) => {
          edit(
            'pieces in a pan',
            (b) => ({ ...b, pans: withOrWithout(b.pans ?? {}, 'pieces', pieces) }),
            'pieces',
          );
        }}
      />
      <QuantityField
        label="A side for"
        quantity={batch.pans?.minutes}
        measure="duration"
        placeholder="as usual"
        chars={8}
        onChange={(minutes) => {
          edit(
            'minutes a side',
            (b) => ({ ...b, pans: withOrWithout(b.pans ?? {}, 'minutes', minutes) }),
            'minutes',
          );
        }}
      />
      {batch.lots.length > 1 && (
        <Choice
          legend="In one pan"
          hidden
          value={batch.mixPans ? 'mixed' : 'apart'}
          options={mixes}
          onChoose={(way) => {
            editBatch(batch.id, 'mixing lots in a pan', (b) => ({ ...b, mixPans: way === 'mixed' }));
          }}
        />
      )}
    </div>
  );
}
