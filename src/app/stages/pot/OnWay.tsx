import { FAT as FAT_DENSITY } from '@/core/work/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits/index.ts';
import { without } from '../../open/withOrWithout.ts';
import { massUnits } from '../../open/useSettings.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';
import css from './pot.module.scss';

const what = ['fat', 'scum'] as const;
type What = (typeof what)[number];
const usually: Readonly<Record<What, string>> = { fat: 'some of it', scum: 'what there is' };

/** Fat and scum taken off while it cooks. */
export function OnWay() {
  const { batch, units } = useOpenMeal();
  const change = (part: What, amount: { text: string } | undefined, field?: string) => {
    editBatch(
      batch.id,
      `${part} taken off`,
      ({ skimOnWay, ...b }) => {
        const rest = without(skimOnWay ?? {}, part);
        return { ...b, skimOnWay: amount ? { ...rest, [part]: amount } : rest };
      },
      field,
    );
  };
  return (
    <p className={css.onWay}>
      <span className="quiet">Taken off while it cooks:</span>
      {what.map((part) => {
        const taken = batch.skimOnWay?.[part];
        return (
          <span key={part}>
            <Checkbox
              checked={taken !== undefined}
              onTick={(ticked) => {
                change(part, ticked ? { text: '' } : undefined);
              }}
            >
              {part}
            </Checkbox>
            {taken && (
              <QuantityField
                label={`How much ${part}`}
                hidden
                quantity={taken}
                measure="mass"
                units={massUnits(units)}
                placeholder={usually[part]}
                nought
                density={part === 'fat' ? FAT_DENSITY : 1}
                onChange={(amount) => {
                  change(part, amount, `${batch.id} ${part}`);
                }}
              />
            )}
          </span>
        );
      })}
    </p>
  );
}
