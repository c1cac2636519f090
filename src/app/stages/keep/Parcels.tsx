import { useState } from 'react';
import type { Parcel } from '@/core/meal/index.ts';
import { dishName } from '@/core/order/index.ts';
import { packingOf } from '@/core/answers/index.ts';
import { careOf, cautionsOf } from '@/core/care/index.ts';
import { cautionsOnPaper, SERVING, counted } from '@/words/index.ts';
import { useShares } from '../../open/useShares.ts';
import { editMeal } from '../../open/edits/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { saveFile } from '../../browser/saveText.ts';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { TimeField } from '../../parts/fields/WallField.tsx';
import { TextField } from '../../parts/fields/TextField.tsx';
import { useSaid } from '../../open/useSaid.ts';
import { LabelSheet } from './LabelSheet.tsx';
import { packingLines, parcelLabels } from './packed.ts';
import css from './keep.module.scss';

/** What is done with it until it is eaten there. */
const PACKED = ['pack', 'hold', 'reheat there'] as const;

/** Parts of the meal that are packed for other places: what, how many, hot or cold, and the list that goes with them. */
export function Parcels() {
  const { loaded, opened } = useOpenMeal();
  const { reckoning } = useFigures();
  const [open, setOpen] = useState(false);
  const { meal } = loaded;
  const parcels = meal.parcels ?? [];
  const { data } = useShares(open || parcels.length > 0);
  const said = useSaid();
  const packed = data ? packingOf(opened, data, reckoning.meal) : [];
  const change = (words: string, to: (all: readonly Parcel[]) => readonly Parcel[], field?: string) =>
    editMeal(meal.id, words, (m) => ({ ...m, parcels: [...to(m.parcels ?? [])] }), field);
  const pdf = async () => {
    const facts = careOf(opened);
    const [{ packingList }, { asPdf, paperFonts }] = await Promise.all([
      import('../../paper/packing.ts'),
      import('../../paper/fonts.ts'),
    ]);
    saveFile(
      `${meal.name} packing.pdf`,
      asPdf(
        packingList(
          meal.name,
          packingLines(packed, said),
          cautionsOnPaper(cautionsOf(PACKED, facts), facts),
          await paperFonts(),
        ),
      ),
    );
  };
  return (
    <section aria-label="Sent out">
      <p className="choices">
        <button type="button" className="link" aria-expanded={open} onClick={() => setOpen(!open)}>
          sent out
        </button>
        <span className="quiet">
          {parcels.length === 0
            ? 'nothing is packed for another place'
            : parcels
                .map(
                  ({ place, dishes }) =>
                    `${place}: ${counted(
                      dishes.reduce((sum, { count }) => sum + count, 0),
                      SERVING,
                    )}`,
                )
                .join(', ')}
        </span>
      </p>
      {open && (
        <>
          {parcels.map((parcel) => (
            <ParcelRow
              key={parcel.id}
              parcel={parcel}
              onChange={(recipe, field) =>
                change(
                  'what is sent out',
                  (all) => all.map((one) => (one.id === parcel.id ? recipe(one) : one)),
                  field,
                )
              }
              onDrop={() => change('dropping a place', (all) => all.filter(({ id }) => id !== parcel.id))}
            />
          ))}
          <p className="choices">
            <button
              type="button"
              className="btn act"
              onClick={() =>
                change('another place', (all) => [
                  ...all,
                  { id: crypto.randomUUID(), place: 'another place', dishes: [] },
                ])
              }
            >
              Another place
            </button>
            {(data?.dishes.length ?? 0) > 0 && (
              <button
                type="button"
                className="btn act"
                onClick={() => {
                  pdf().catch(reportError);
                }}
              >
                Plates and packing, PDF
              </button>
            )}
          </p>
          <LabelSheet labels={parcelLabels(packed, said)} />
        </>
      )}
    </section>
  );
}

interface RowProps {
  readonly parcel: Parcel;
  readonly onChange: (recipe: (one: Parcel) => Parcel, field?: string) => void;
  readonly onDrop: () => void;
}

function ParcelRow({ parcel, onChange, onDrop }: RowProps) {
  const { loaded } = useOpenMeal();
  return (
    <div className={css.parcel}>
      <TextField
        label="to"
        value={parcel.place}
        onChange={(place) => {
          if (place !== '') onChange((one) => ({ ...one, place }), `${parcel.id} place`);
        }}
      />
      {loaded.meal.dishes.map((dish) => {
        const n = parcel.dishes.find((one) => one.dish === dish.id)?.count;
        return (
          <QuantityField
            key={dish.id}
            label={dishName(dish)}
            quantity={n === undefined ? undefined : { text: String(n), lo: n, hi: n }}
            measure="count"
            placeholder="none"
            nought
            chars={5}
            onChange={({ lo }) =>
              onChange(
                (one) => ({
                  ...one,
                  dishes: [
                    ...one.dishes.filter((of) => of.dish !== dish.id),
                    ...(lo !== undefined && lo >= 1 ? [{ dish: dish.id, count: Math.round(lo) }] : []),
                  ],
                }),
                `${parcel.id} ${dish.id}`,
              )
            }
          />
        );
      })}
      <Checkbox
        checked={parcel.cold === true}
        onTick={(on) => onChange(({ cold: _, ...one }) => (on ? { ...one, cold: true } : one))}
      >
        cold
      </Checkbox>
      <Checkbox
        checked={parcel.apart === true}
        onTick={(on) => onChange(({ apart: _, ...one }) => (on ? { ...one, apart: true } : one))}
      >
        meat and sauce apart
      </Checkbox>
      <TimeField
        label="out by"
        value={parcel.out ?? ''}
        onChange={(out) => onChange((one) => ({ ...one, out }), `${parcel.id} out`)}
        onEmptied={() => onChange(({ out: _, ...one }) => one)}
      />
      <TextField
        label="what they do there"
        value={parcel.note ?? ''}
        onChange={(note) =>
          onChange(({ note: _, ...one }) => (note === '' ? one : { ...one, note }), `${parcel.id} note`)
        }
      />
      <button type="button" className="link quiet" onClick={onDrop}>
        remove it
      </button>
    </div>
  );
}
