import { useState } from 'react';
import { type Lesson, skims, tools } from '@/core/meal/index.ts';
import { ingredientsById } from '@/core/model/index.ts';
import { itemsOf } from '@/core/pot/index.ts';
import { reference } from '@/reference/index.ts';
import { skimWords, toolWords } from '@/words/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { massUnits } from '../open/useSettings.ts';
import { QuantityField } from './fields/QuantityField.tsx';
import { SelectField } from './fields/SelectField.tsx';

interface Props {
  readonly step: Lesson['step'];
  readonly onSet: (sets: Lesson['sets']) => void;
}

const heats = ['oven', 'stove', 'slow cooker', 'smoker'] as const;

/** The amount or the choice that a note may offer as the next time's own: what the step leaves open. */
export function LessonSetsField({ step, onSet }: Props) {
  const [chosen, choose] = useState('');
  const one = <T extends string>(
    label: string,
    values: readonly T[],
    words: (value: T) => string,
    sets: (value: T) => Lesson['sets'],
  ) => (
    <SelectField
      label={label}
      value={chosen}
      onChoose={(value) => {
        choose(value);
        const found = values.find((of) => of === value);
        onSet(found && sets(found));
      }}
    >
      <option value="">nothing set</option>
      {values.map((value) => (
        <option key={value} value={value}>
          {words(value)}
        </option>
      ))}
    </SelectField>
  );
  switch (step) {
    case 'at the pot':
      return <AmountNextTime onSet={onSet} />;
    case 'at the clock':
      return one(
        'next time on',
        heats,
        (heat) => heat,
        (heat) => ({ what: 'heat', heat }),
      );
    case 'pull':
      return one(
        'next time with',
        tools,
        (tool) => toolWords[tool],
        (tool) => ({ what: 'tool', tool }),
      );
    case 'skim':
      return one(
        'next time',
        skims,
        (way) => skimWords[way],
        (way) => ({ what: 'way', way }),
      );
    default:
      return null;
  }
}

function AmountNextTime({ onSet }: Pick<Props, 'onSet'>) {
  const { loaded, batch, units } = useOpenMeal();
  const [ref, setRef] = useState('');
  const known = ingredientsById({ kitchen: loaded.kitchen, reference });
  const refs = [...new Set(itemsOf(batch).map((item) => item.ref))];
  return (
    <>
      <SelectField label="next time" value={ref} onChoose={setRef}>
        <option value="">nothing set</option>
        {refs.map((of) => (
          <option key={of} value={of}>
            {known.get(of)?.name ?? of}
          </option>
        ))}
      </SelectField>
      {ref !== '' && (
        <QuantityField
          label="How much next time"
          hidden
          quantity={undefined}
          measure={['mass', 'volume', 'count']}
          units={massUnits(units).toReversed()}
          placeholder="2"
          chars={8}
          onChange={(amount, measure) =>
            onSet(
              amount.lo === undefined
                ? undefined
                : {
                    what: 'amount',
                    ref,
                    amount,
                    measure: measure === 'volume' || measure === 'count' ? measure : 'mass',
                  },
            )
          }
        />
      )}
    </>
  );
}
