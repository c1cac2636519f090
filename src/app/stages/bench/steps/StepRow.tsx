import { X } from 'lucide-react';
import type { AfterStep } from '@/core/meal/index.ts';
import { actWords } from '@/words/index.ts';
import { Grip, useRow } from '../../../parts/sortable/Grip.tsx';
import { screensOf } from '../at/index.ts';
import css from './steps.module.scss';

interface Props {
  readonly step: AfterStep;
  /** The liquids that are set apart somewhere in the list. */
  readonly liquids: readonly string[];
  readonly onChange: (words: string, changes: (step: AfterStep) => AfterStep, field?: string) => void;
  readonly onDrop: () => void;
}

/** One step of the list, with what it leaves open. */
export function StepRow({ step, liquids, onChange, onDrop }: Props) {
  const { row, grip } = useRow(step.id);
  const name = actWords(step.what);
  const { How } = screensOf(step.what);
  return (
    <li {...row} className={css.row}>
      <Grip name={name} thing="step" grip={grip} />
      <b>{name}</b>
      <span className={css.how}>
        {How && <How step={step} liquids={liquids} name={name} onChange={onChange} />}
      </span>
      <button type="button" className="btn btn-sm" aria-label={`Drop: ${name}`} onClick={onDrop}>
        <X size={18} aria-hidden />
      </button>
    </li>
  );
}
