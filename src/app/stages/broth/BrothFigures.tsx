import type { LiquidReckoning } from '@/core/reckoning/index.ts';
import { isStrained } from '@/core/meal/index.ts';

import { type Written, writeMass, writeVolume } from '@/core/quantity/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { Figure } from '../../parts/Figure.tsx';

/** The figures of a liquid beside its jug. */
export function BrothFigures({ liquid }: { readonly liquid: LiquidReckoning }) {
  const { batch, units } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const { liquid: all, body } = batchReckoning;
  const isMain = liquid.id === 'pot';
  const rows: readonly (readonly [string, Written | null, of?: string])[] = [
    [liquid.says, writeVolume(liquid.ml, units), `ml of ${liquid.id}`],
    ...(isMain && all.skimG ? [['fat skimmed off', writeMass(all.skimG, units), 'skim'] as const] : []),
    ...(isMain && all.solidsG
      ? [
          [
            isStrained(batch) ? 'strained out' : 'vegetables in it',
            writeMass(all.solidsG, units),
            isStrained(batch) ? 'strained' : 'solids',
          ] as const,
        ]
      : []),
    ...(isMain && all.steamMl ? [['steam', writeVolume(all.steamMl, units), 'ml of steam'] as const] : []),
    ...(isMain && body
      ? [
          [
            'body',
            { value: body.feels, unit: '', range: `about ${Math.round(body.gPerL)} g of gelatin a litre` },
          ] as const,
        ]
      : []),
  ];
  return (
    <dl className="facts">
      {rows.map(([name, written, of], i) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>
            <Figure written={written} size={i === 0 ? 'big' : 'plain'} of={of} />
          </dd>
        </div>
      ))}
    </dl>
  );
}
