import { rounds, type Round } from '@/core/meal/index.ts';
import { usualRounds } from '@/core/answers/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits/index.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';

/** What is done to the meat at intervals while it braises: the usual, until the cook says otherwise. */
export function Rounds() {
  const { batch } = useOpenMeal();
  const now = batch.rounds ?? usualRounds(batch);
  const edit = (
    words: string,
    change: (before: NonNullable<typeof batch.rounds>) => typeof batch.rounds,
    field?: string,
  ) => {
    editBatch(batch.id, words, (b) => ({ ...b, rounds: change([...(b.rounds ?? usualRounds(b))]) }), field);
  };
  return (
    <div className="choices" role="group" aria-label="While it braises">
      <b>While it braises</b>
      {rounds.map((what: Round) => {
        const round = now.find((one) => one.what === what);
        return (
          <span key={what} className="choices">
            <Checkbox
              checked={round !== undefined}
              onTick={(ticked) => {
                edit(`how often to ${what}`, (before) =>
                  ticked ? [...before, { what, every: USUAL }] : before.filter((one) => one.what !== what),
                );
              }}
            >
              {what}
            </Checkbox>
            {round && (
              <QuantityField
                label={`${what} every`}
                hidden
                quantity={round.every}
                measure="duration"
                placeholder={USUAL.text}
                chars={8}
                onChange={(every) => {
                  edit(
                    `how often to ${what}`,
                    (before) => before.map((one) => (one.what === what ? { what, every } : one)),
                    `${batch.id} ${what}`,
                  );
                }}
              />
            )}
          </span>
        );
      })}
    </div>
  );
}

const USUAL = { text: '45 min', lo: 45, hi: 45 };
