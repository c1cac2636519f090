import type { Moment } from '@/core/meal/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import css from './pot.module.scss';

const times = { start: 'from the start', after: 'after', before: 'for the last' } as const;

interface WhenProps {
  readonly label: string;
  readonly moment: Moment | undefined;
  /** Without a moment it is the end; otherwise the start. */
  readonly atEnd: boolean;
  /** What the end is called; absent: with the meat. */
  readonly end?: string;
  /** Names what is typed and not entered yet. */
  readonly draft: string;
  readonly onChange: (moment: Moment | undefined) => void;
}

/** A moment of the cook: from the start or with the meat, after so long, or for the last so long. */
export function When({ label, moment, atEnd, end = 'with the meat', draft, onChange }: WhenProps) {
  const { batch } = useOpenMeal();
  const kind = moment === undefined ? 'start' : moment.before === 'end' ? 'before' : 'after';
  const phase = batch.cook.length - 1;
  const text = moment ? `${String(moment.minutes)} min` : '';
  return (
    <span className={css.when}>
      <SelectField
        label={label}
        value={kind}
        onChoose={(value) => {
          const minutes = moment?.minutes ?? 60;
          if (value === 'start') onChange(undefined);
          else if (value === 'before') onChange({ phase, minutes, before: 'end' });
          else onChange({ phase: 0, minutes });
        }}
      >
        <option value="start">{atEnd ? end : times.start}</option>
        <option value="after">{times.after}</option>
        <option value="before">{atEnd ? 'before the end by' : times.before}</option>
      </SelectField>
      {moment && (
        <QuantityField
          label={`${label}, time`}
          hidden
          quantity={{ text, lo: moment.minutes, hi: moment.minutes }}
          measure="duration"
          chars={8}
          draft={draft}
          onDone={({ lo }) => {
            if (lo !== undefined && lo !== moment.minutes) onChange({ ...moment, minutes: Math.round(lo) });
          }}
        />
      )}
    </span>
  );
}
