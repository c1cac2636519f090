import type { Lot, Price } from '@/core/meal/index.ts';
import { writeMass } from '@/core/quantity/index.ts';
import type { LotReckoning } from '@/core/reckoning/index.ts';
import { changeLot } from '../../open/edits/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { massUnits } from '../../open/useSettings.ts';
import { withOrWithout } from '../../open/withOrWithout.ts';
import { PriceField } from '../../parts/fields/PriceField.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { Weigh } from '../../parts/Weigh.tsx';
import { LotBought } from './LotBought.tsx';
import { LotOwn } from './LotOwn.tsx';
import { LotPieces } from './LotPieces.tsx';
import type { EditLot } from './lotProps.ts';

interface Props {
  readonly lot: Lot;
  readonly figures: LotReckoning | undefined;
}

/** How one lot was bought and how it is cut, where it differs from the rest of the batch; its price. */
export default function LotDetails({ lot, figures }: Props) {
  const { batch, loaded, units } = useOpenMeal();
  const edit: EditLot = (words, recipe, field) => {
    changeLot(batch.id, lot.id, words, recipe, field);
  };
  const price: Price = lot.price ?? { text: '', per: units.system === 'metric' ? 'kg' : 'lb' };
  return (
    <div className="lot-more">
      <LotBought lot={lot} edit={edit} />
      <LotOwn lot={lot} edit={edit} />
      <LotPieces lot={lot} edit={edit} />
      <PriceField
        price={price}
        currency={loaded.kitchen.currency}
        onChange={(next) => {
          edit(
            'a price',
            ({ price: _, ...l }) => (next.text === '' ? l : { ...l, price: next }),
            `${lot.id} price`,
          );
        }}
      />
      <QuantityField
        label="The shop has"
        quantity={lot.shopHas}
        measure="mass"
        units={massUnits(units)}
        placeholder="enough"
        onChange={(shopHas) => {
          edit('what the shop has', (l) => withOrWithout(l, 'shopHas', shopHas), `${lot.id} shop`);
        }}
      />
      {figures && (
        <Weigh
          lot={lot.id}
          flow="board"
          label="Weigh it again, trimmed"
          words="the trimmed weight of a lot"
          planned={writeMass(figures.boardG, units)}
        />
      )}
      {figures && (
        <p className="lot-source quiet">
          {figures.estimates.length > 0 && (
            <>
              <b>Estimates:</b> {figures.estimates.join('; ')}.{' '}
            </>
          )}
          {figures.source === 'estimate' ? '' : `From ${figures.source}.`}
        </p>
      )}
    </div>
  );
}
