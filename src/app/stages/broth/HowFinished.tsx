import { isStrained, type Skim, skims, skimWay, withSkim, withStrain } from '@/core/meal/index.ts';
import { defatsOf } from '@/core/answers/index.ts';
import { editBatch } from '../../open/edits/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { useSaid } from '../../open/useSaid.ts';
import { Choice } from '../../parts/fields/Choice.tsx';

const strains = [
  { value: 'strain', words: 'strain' },
  { value: 'keep', words: 'keep the vegetables' },
] as const;
const skimsWords: Readonly<Record<Skim, string>> = {
  hot: 'spoon it hot',
  settle: 'let a jug settle',
  chill: 'chill overnight',
  leave: 'leave it',
};
const ways = skims.map((value) => ({ value, words: skimsWords[value] }));

/** Strained or with its vegetables, and how the fat comes off; what each way takes off, and how soon. */
export function HowFinished() {
  const { batch, opened } = useOpenMeal();
  const { mass } = useSaid();
  const nominal = opened.nominal.batches.find(({ plan }) => plan.id === batch.id);
  return (
    <div className="choices">
      <Choice
        legend="Vegetables"
        value={isStrained(batch) ? 'strain' : 'keep'}
        options={strains}
        onChoose={(way) => {
          editBatch(batch.id, 'straining', (b) => withStrain(b, way === 'strain'));
        }}
      />
      <Choice
        legend="Fat"
        value={skimWay(batch)}
        options={ways}
        onChoose={(skim) => {
          editBatch(batch.id, 'skimming', (b) => withSkim(b, skim));
        }}
      />
      {nominal && (
        <p className="quiet">
          {defatsOf(nominal)
            .filter(({ way }) => way !== 'leave')
            .map(
              ({ way, skimG, afterMin }) =>
                `${skimsWords[way]}: ${mass(skimG)} off, ${afterMin > 60 ? 'tomorrow' : `in ${String(afterMin)} min`}`,
            )
            .join(' · ')}
        </p>
      )}
    </div>
  );
}
